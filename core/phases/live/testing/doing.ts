import type { Action, Move } from '@/core/job/move';

/** What a live move's button orders and writes; a move that orders nothing breaks the test. */
export function doing(move: Move | undefined): Extract<Action, { kind: 'bench' }> {
  const action = move?.button?.action;
  if (action?.kind !== 'bench') throw new Error(`no orders in: ${move?.say}`);
  return action;
}
