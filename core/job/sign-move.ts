import { type Gate, passes } from './gates';
import type { Move } from './move';
import { type BuiltPhase, PHASE_NOUNS } from './phases';

/**
 * The signature of a phase whose every gate holds or was let pass by a lead: what was let pass is told with its reason.
 *
 * @param maySign whether this person signs; without it there is nothing to press
 * @param holds what is said when nothing was let pass
 */
export function signMove(
  phase: BuiltPhase,
  gates: readonly Gate[],
  maySign: boolean,
  holds: Pick<Move, 'say' | 'because'> = {
    say: `Everything holds. Sign the ${PHASE_NOUNS[phase]}.`,
    because: 'Signing freezes what was read and judged.',
  },
): Move {
  const past = gates.filter((g) => g.override && !g.holds);
  const button = maySign
    ? { button: { label: `Sign the ${PHASE_NOUNS[phase]}`, action: { kind: 'sign' } as const } }
    : {};
  if (past.length === 0) return { kind: 'good', ...holds, ...button };
  return {
    kind: 'now',
    say: `Sign the ${PHASE_NOUNS[phase]}, with ${past.length === 1 ? 'one gate' : `${past.length} gates`} overridden.`,
    because: past.map((g) => `Without ${g.asks}: ${g.override!.reason} (${g.override!.by}).`).join(' '),
    ...button,
  };
}

export const allPass = (gates: readonly Gate[]): boolean => gates.every(passes);
