import { choice, type Fields, figure, is, maybe, pick, text } from '@/core/form/field';
import { askOf, READS, SEALS, type SetCheckId } from './asks';
import { tell } from './words';

/** What is asked of one check: how it is, its reading or its seal, a word where it needs one. */
export function checkFields(id: SetCheckId): Fields {
  const { by } = askOf(id);
  const reads = READS[by];
  return {
    answer: pick(tell('set.how-it-is'), {
      yes: tell(reads ? 'set.measured' : 'set.as-asked'),
      no: tell('set.not-so'),
      'does not apply': tell('set.does-not-apply'),
    }),
    ...(reads
      ? { reading: maybe(figure(tell('set.reading'), 0, reads.most, reads.unit, { when: is('answer', 'yes') })) }
      : {}),
    ...(by === 'seal'
      ? { seal: maybe(choice(tell('set.closed-with'), SEALS, { when: is('answer', 'yes'), stacked: true })) }
      : {}),
    note: maybe(text(tell('set.note'), 300, 0, { hint: tell('set.why-not-or-what-is-there') })),
  };
}
