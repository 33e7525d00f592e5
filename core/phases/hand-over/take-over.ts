import type { FiveLine, TakenOver } from '@/core/job/report-parts';
import type { CustomerSignature } from '@/core/job/sheet';
import { list, moment, type Said, sameSaid } from '@/core/words/said';
import { tell } from './words';

/** The subject of the customer's signature under the hand-over. */
export const TAKE_OVER = 'hand-over';

/** The words that a customer signs when the work is handed over: the five lines of the first page, as they stand. */
export const takeOverWords = (five: readonly FiveLine[]): Said =>
  tell('taken.words', {
    lines: list(
      five.map((l) => tell('taken.line', { label: l.label, said: list(l.said, ' ') })),
      '\n\n',
    ),
  });

/**
 * What the customer said at the hand-over: signed, or not and why; and whether the record still says what was signed. Undefined where
 * nobody was asked: a report never says that a customer agreed who was not.
 */
export function takenOver(signatures: readonly CustomerSignature[], five: readonly FiveLine[]): TakenOver | undefined {
  const last = signatures.findLast((s) => s.subject === TAKE_OVER);
  if (!last) return undefined;
  const { customer, at, answer, reason, witness, ink } = last;
  const signed = answer === 'yes';
  const same = sameSaid(last.said ?? undefined, takeOverWords(five));
  return {
    ink: signed ? ink : null,
    say: signed
      ? tell('taken.signed', { customer, at: moment(at), witness })
      : tell('taken.not-signed', { customer, at: moment(at), witness, reason: reason ?? '–' }),
    ...(signed && !same ? { since: tell('taken.changed-since') } : {}),
  };
}
