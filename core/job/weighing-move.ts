import { tell } from '@/core/job/words';
import { q, type Said } from '@/core/words/said';
import type { Move } from './move';

/** A weighing that goes on now. `silent`: the valve is open and the scale gives no signal. */
export type Weighing = { oz: number; leftOz: number; recovering: boolean; silent?: boolean };

/** While refrigerant moves there is one thing to do: watch the scale and close the valve. */
export function weighingMove(w: Weighing, adding: Said, because: Said): Move {
  if (w.silent)
    return {
      kind: 'stop',
      say: tell('job.scale-gives-no-signal-close-cylinder'),
      because: tell('job.nobody-sees-what-goes-in-read'),
      button: { label: tell('job.valve-is-closed'), action: { kind: 'close-valve' } },
    };
  return {
    kind: 'now',
    say: w.recovering
      ? tell('job.recovering-so-far', { oz: q(-w.oz, 'oz') })
      : tell('job.so-far-to-go', { adding, oz: q(w.oz, 'oz'), leftOz: q(w.leftOz, 'oz') }),
    because,
    button: { label: tell('job.close-valve'), action: { kind: 'close-valve' } },
  };
}

/** The valve is closed and the scale comes to rest. */
export const VALVE_CLOSED: Move = {
  kind: 'now',
  say: tell('job.valve-closed-scale-settles'),
  because: tell('job.what-went-in-counts-when-scale'),
};
