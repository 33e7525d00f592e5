import { tell } from '@/core/job/words';
import { list } from '@/core/words/said';
import { type Gate, passes } from './gates';
import type { Move } from './move';
import { PHASE_NOUNS, type Phase } from './phases';

/**
 * The signature of a phase whose every gate holds or was let pass by a lead: what was let pass is told with its reason.
 *
 * @param maySign whether this person signs; without it there is nothing to press
 * @param holds what is said, and under which mark, when no gate was let pass
 */
export function signMove(
  phase: Phase,
  gates: readonly Gate[],
  maySign: boolean,
  holds: Pick<Move, 'say' | 'because'> & { kind?: Move['kind'] } = {
    say: tell('job.everything-holds-sign', { phase: PHASE_NOUNS[phase] }),
    because: tell('job.signing-freezes-what-was-read-and'),
  },
): Move {
  const past = gates.filter((g) => g.override && !g.holds);
  const button = maySign
    ? { button: { label: tell('job.sign', { phase: PHASE_NOUNS[phase] }), action: { kind: 'sign' } as const } }
    : {};
  if (past.length === 0) return { kind: 'good', ...holds, ...button };
  return {
    kind: 'now',
    say:
      past.length === 1
        ? tell('job.sign-with-one-overridden', { phase: PHASE_NOUNS[phase] })
        : tell('job.sign-with-overridden', { phase: PHASE_NOUNS[phase], count: past.length }),
    because: tell('job.sentences', {
      list: list(
        past.map((g) => tell('job.without', { asks: g.asks, reason: g.override!.reason, by: g.override!.by })),
        ' ',
      ),
    }),
    ...button,
  };
}

export const allPass = (gates: readonly Gate[]): boolean => gates.every(passes);
