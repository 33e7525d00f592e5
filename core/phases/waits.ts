import { type Gate, passes } from '@/core/job/gates';
import type { Move } from '@/core/job/move';
import { PHASE_NOUNS } from '@/core/job/phases';
import { tell } from '@/core/phases/words';
import type { Said } from '@/core/words/said';
import type { PhaseDescriptor, Waits } from './phase';
/** Waits for its first gate; the certificate is the signer's own affair. */
export function waitsByGate(phase: Pick<PhaseDescriptor, 'id'>, gates: readonly Gate[], held?: Said): Waits {
  const first = gates.find((g) => !passes(g) && g.id !== 'certification');
  return first
    ? { mark: 'not-proven', say: held ?? first.say }
    : { mark: 'good', say: tell('job.sign', { phase: PHASE_NOUNS[phase.id] }) };
}

export const waitsByMove = ({ kind, say }: Move): Waits => ({
  mark: kind === 'now' || kind === 'override' ? 'not-proven' : kind,
  say,
});

/** Without the right to sign there is nothing to press at a signature. */
export const signedOnly = ({ maySign }: { maySign: boolean }, move: Move): Move =>
  move.button?.action.kind === 'sign' && !maySign ? { ...move, button: undefined } : move;

/** What holds a phase, as a move without a button: for who asks without its page. */
export function heldMove(gates: readonly Gate[]): Move {
  const held = gates.find((g) => !passes(g));
  return held
    ? { kind: 'not-proven', say: tell('job.held', { asks: held.asks }), because: held.say }
    : { kind: 'good', say: tell('job.all-good'), because: tell('job.all-good') };
}
