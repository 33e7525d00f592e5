import fc from 'fast-check';
import { type DayActivity, GEAR, type Person } from '@/core/plan/day/activity';
import type { WorkDay } from '@/core/plan/day/calendar';
import type { Crew } from '@/core/plan/day/crew';

/** A day from eight to five with lunch at noon. */
export const DAY: WorkDay = { at: 0, from: 8, to: 17, lunch: [12, 12.5] };
/** The same day and five after it that nobody planned. */
export const DAYS: readonly WorkDay[] = [
  DAY,
  ...[1, 2, 3, 4, 5].map((n) => ({
    at: 24 * n,
    from: 24 * n + 8,
    to: 24 * n + 17,
    lunch: [24 * n + 12, 24 * n + 12.5] as const,
    unplanned: true as const,
  })),
];

export const person = (name: string, more: Partial<Person> = {}): Person => ({
  name,
  leads: false,
  certified: false,
  away: [],
  ...more,
});
export const crewOf = (...names: string[]): Crew => ({ people: names.map((n) => person(n)), days: DAYS });

export const act = (id: string, hours: number, more: Partial<DayActivity> = {}): DayActivity => ({
  id,
  hours,
  after: [],
  people: 1,
  ...more,
});

/** Any work of a day: each piece may wait for earlier ones, tie up nobody or two, need gear. */
export const anyWork = fc
  .array(
    fc.record({
      hours: fc.integer({ min: 1, max: 10 }).map((n) => n / 4),
      people: fc.integer({ min: 0, max: 2 }),
      gear: fc.option(fc.constantFrom(...GEAR), { nil: undefined }),
      after: fc.array(fc.nat(30), { maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 9 },
  )
  .map((all) =>
    all.map(
      (a, i): DayActivity => ({
        ...a,
        id: `n${i}`,
        after: i === 0 ? [] : [...new Set(a.after.map((x) => `n${x % i}`))],
      }),
    ),
  );
export const anyCrew = fc
  .record({ n: fc.integer({ min: 1, max: 4 }), away: fc.option(fc.integer({ min: 8, max: 14 }), { nil: undefined }) })
  .map(
    ({ n, away }): Crew => ({
      days: DAYS,
      people: Array.from({ length: n }, (_, i) =>
        person(`p${i}`, { away: i === 0 && away !== undefined ? [[away, away + 2]] : [] }),
      ),
    }),
  );
