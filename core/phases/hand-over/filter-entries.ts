import { day, either, is, maybe, pick, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { day as dayOf } from '@/core/words/said';
import { tell } from './words';

/** The filter that the house is left with; a cheap first one is changed once the dust of the work has cleared. */
export const filterEntries = {
  'filter-fitted': entry(
    tell('filter.fitted'),
    {
      kind: pick(tell('filter.which'), { first: tell('filter.cheap-first-one'), final: tell('filter.the-final-one') }),
      size: text(tell('filter.size'), 40, 1),
      changeOn: maybe(day(tell('filter.change-it-on'), { when: is('kind', 'first') })),
      shown: either(tell('filter.owner-was-shown'), [
        [true, tell('filter.shown-how')],
        [false, tell('filter.not-shown')],
      ]),
    },
    (b) =>
      b.kind === 'first' && b.changeOn
        ? tell('filter.line-first', { size: b.size, day: dayOf(b.changeOn) })
        : tell('filter.line-final', { size: b.size }),
    { ofJob: true, edited: true },
  ),
};
