import type { Move } from './move';

/** A weighing that goes on now. `silent`: the valve is open and the scale gives no signal. */
export type Weighing = { oz: number; leftOz: number; recovering: boolean; silent?: boolean };

/** While refrigerant moves there is one thing to do: watch the scale and close the valve. */
export function weighingMove(w: Weighing, adding: string, because: string): Move {
  if (w.silent)
    return {
      kind: 'stop',
      say: 'The scale gives no signal: close the cylinder valve now.',
      because: 'Nobody sees what goes in. Read the scale by hand and type both weights.',
      button: { label: 'The valve is closed', action: { kind: 'close-valve' } },
    };
  return {
    kind: 'now',
    say: w.recovering
      ? `Recovering: ${(-w.oz).toFixed(1)} oz so far.`
      : `${adding}: ${w.oz.toFixed(1)} oz so far, ${w.leftOz.toFixed(1)} oz to go.`,
    because,
    button: { label: 'Close the valve', action: { kind: 'close-valve' } },
  };
}

/** The valve is closed and the scale comes to rest. */
export const VALVE_CLOSED: Move = {
  kind: 'now',
  say: 'Valve closed. The scale settles.',
  because: 'What went in counts when the scale stands still.',
};
