import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { oneOf } from '@/core/finding/quantity-field';
import { type Answers, choice, type Fields, figure, is, maybe, own, pick, sinceLater, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { q, value } from '@/core/words/said';
import { type Ask, READS, SEALS } from './ask';
import { tell } from './words';

const READING_MOST = Math.max(...Object.values(READS).map((r) => r.most));
const ANSWERS = {
  yes: tell('checks.as-asked'),
  no: tell('checks.not-so'),
  'does not apply': tell('checks.does-not-apply'),
};

/** What a check's answer holds, whatever was asked. */
export type CheckBody = {
  answer: 'yes' | 'no' | 'does not apply';
  reading?: number | null | undefined;
  seal?: (typeof SEALS)[number] | null | undefined;
  note?: string | null | undefined;
};

/** The entry that answers one of these checks; it belongs to the system. */
export function checkEntry<const Id extends string>(ids: readonly [Id, ...Id[]], asks: Readonly<Record<Id, Ask>>) {
  const by = ({ check }: Answers) => (asks as Readonly<Record<string, Ask>>)[String(check)]?.by;
  const isRead = (a: Answers): boolean => (by(a) ?? '') in READS;
  return entry(
    tell('checks.check'),
    {
      check: own(oneOf(ids), tell('checks.check'), { kind: 'hidden' }),
      answer: pick(tell('checks.how-it-is'), ANSWERS),
      reading: sinceLater(maybe(figure(tell('checks.reading'), 0, READING_MOST, '', { when: isRead }))),
      seal: sinceLater(
        maybe(choice(tell('checks.closed-with'), SEALS, { when: (a) => by(a) === 'seal', stacked: true })),
      ),
      note: sinceLater(maybe(text(tell('checks.note'), 300, 0, { hint: tell('checks.what-is-there') }))),
    },
    (b) =>
      tell('checks.line', {
        ask: asks[b.check as Id].ask,
        answer:
          b.reading != null
            ? tell('checks.reading-of', {
                reading: q(b.reading, 'number', 'as is'),
                unit: READS[asks[b.check as Id].by]?.unit ?? '',
              })
            : value(b.seal ?? b.answer),
      }),
    { ofSystem: true, byTap: true },
  );
}

/** What is asked of one check: how it is, its reading or its seal, a word where it needs one. */
export function checkFields({ by }: Ask): Fields {
  const reads = READS[by];
  return {
    answer: pick(tell('checks.how-it-is'), { ...ANSWERS, ...(reads ? { yes: tell('checks.measured') } : {}) }),
    ...(reads
      ? { reading: maybe(figure(tell('checks.reading'), 0, reads.most, reads.unit, { when: is('answer', 'yes') })) }
      : {}),
    ...(by === 'seal'
      ? { seal: maybe(choice(tell('checks.closed-with'), SEALS, { when: is('answer', 'yes'), stacked: true })) }
      : {}),
    note: maybe(text(tell('checks.note'), 300, 0, { hint: tell('checks.what-is-there') })),
  };
}

/** What an answer must have: a reading where one is taken, how it was closed, a word where it does not apply. */
export function refusesAnswer({ by }: Ask, body: CheckBody): Refusal | undefined {
  const reads = READS[by];
  const upTo = reads && tell('checks.up-to', { most: reads.most, unit: reads.unit });
  if (upTo && body.answer === 'yes' && body.reading == null) return refusal('reading', tell('checks.is-missing'), upTo);
  if (upTo && body.reading != null && body.reading > reads.most)
    return refusal('reading', tell('checks.is-too-large'), upTo);
  if (by === 'seal' && body.answer === 'yes' && !body.seal)
    return refusal('seal', tell('checks.is-missing'), tell('checks.how-it-was-closed'));
  if (body.answer === 'does not apply' && !body.note?.trim())
    return refusal('note', tell('checks.is-missing'), tell('checks.why-it-does-not-apply'));
  return undefined;
}
