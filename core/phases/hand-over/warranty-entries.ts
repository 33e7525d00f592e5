import { choice, code, day, figure, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { daysAfter } from '@/core/words/calendar';
import { day as dayOf, q, value } from '@/core/words/said';
import { tell } from './words';

/** What a warranty covers; a maker often gives the compressor or the heat exchanger more years than the other parts. */
export const COVERED = [
  'all parts',
  'compressor',
  'heat exchanger',
  'coil',
  'thermostat',
  'labor',
  'other part',
] as const;

/** Warranty as its paper has it, part by part, and the registration with the maker; often done after the hand-over. */
export const warrantyEntries = {
  'warranty-term': entry(
    tell('warranty.term'),
    {
      covers: choice(tell('warranty.covers'), COVERED),
      piece: text(tell('warranty.piece'), 80, 0, { hint: tell('after.may-stay-empty') }),
      beginsOn: day(tell('warranty.begins-on')),
      years: figure(tell('warranty.years'), 0.25, 30, 'years'),
      by: text(tell('warranty.by-whom'), 120, 2, { hint: tell('warranty.whose-paper') }),
    },
    (b) =>
      tell('warranty.term-line', {
        covers: value(b.covers),
        piece: b.piece || '–',
        years: q(b.years, 'number', 'as is'),
        end: dayOf(endsOn(b)),
        by: b.by,
      }),
    { ofJob: true, afterHandOver: true },
  ),
  registered: entry(
    tell('warranty.registered'),
    {
      piece: text(tell('warranty.piece'), 80, 0, { hint: tell('warranty.empty-means-all') }),
      on: day(tell('warranty.registered-on')),
      number: code(tell('warranty.confirmation'), 60, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) => tell('warranty.registered-line', { piece: b.piece || '–', day: dayOf(b.on), number: b.number || '–' }),
    { ofJob: true, afterHandOver: true },
  ),
};

const MONTHS_A_YEAR = 12;

/**
 * The last day of a warranty: the day before the same day so many years on, by the calendar; a part of a year counts in whole months.
 * A day that a month does not have is its last one.
 *
 * @param beginsOn YYYY-MM-DD
 * @param years 0.25 to 30
 * @returns YYYY-MM-DD
 */
export function endsOn({ beginsOn, years }: { beginsOn: string; years: number }): string {
  const [y, m, d] = beginsOn.split('-').map(Number) as [number, number, number];
  const months = y * MONTHS_A_YEAR + (m - 1) + Math.round(years * MONTHS_A_YEAR);
  const [year, month] = [Math.floor(months / MONTHS_A_YEAR), months % MONTHS_A_YEAR];
  const last = new Date(Date.UTC(year, month + 1, 0)).getUTCDate();
  const same = new Date(Date.UTC(year, month, Math.min(d, last))).toISOString().slice(0, 10);
  return d > last ? same : daysAfter(same, -1);
}
