import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LibraryItem } from '@/core/equipment/library-item';
import { anyOf } from '@/core/finding/testing/any-of';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { scopeOf } from '@/core/phases/scope/view';
import { english } from '@/core/words/testing/english';
import { choiceSchema } from './choice';
import { type Decision, LEVELS, priceOf, standingOfItem } from './item';
import { DEFAULT_SCOPE_SCHOOLS } from './schools';
import { decideItems, isEmptyDelta, scopeDelta, totalOf } from './scope';
import { anySurvey } from './testing/any-survey';
import { SAMPLE_OUTDOOR } from './testing/sample-scope';

const RUBBISH = /NaN|Infinity|undefined|\[object|\{\w+\}|\\/;
const labour = DEFAULT_SCOPE_SCHOOLS.labourPerHour;

/** No unit chosen yet, or one of many kinds. */
const anyOutdoor = fc.option(
  fc
    .record({
      refrigerant: fc.constantFrom('R-410A', 'R-454B', 'R-32', 'R-22'),
      metering: fc.constantFrom('txv', 'fixed'),
      heatPump: fc.boolean(),
      controls: fc.constantFrom('24v', 'communicating'),
      phases: fc.constantFrom('1', '3'),
      mcaA: fc.integer({ min: 10, max: 60 }),
      mocpA: fc.integer({ min: 15, max: 80 }),
      longestLineFt: fc.option(fc.integer({ min: 25, max: 250 })),
    })
    .map((change) => ({ ...SAMPLE_OUTDOOR, ...change, id: 'unit' }) as unknown as LibraryItem),
);
const anyScope = fc
  .record({
    observations: anySurvey,
    choice: anyOf(choiceSchema),
    outdoor: anyOutdoor,
    listed: fc.option(fc.boolean()),
  })
  .map(({ observations, choice, outdoor, listed }) => {
    const base = sampleSheet();
    return {
      ...base,
      survey: { observations, waivers: [], photos: [] },
      scope: { ...base.scope, choice, outdoor, pairListed: listed },
    };
  });
const decided = (ids: readonly string[]): fc.Arbitrary<Decision[]> =>
  ids.length === 0
    ? fc.constant([])
    : fc.array(
        fc.record({
          itemId: fc.constantFrom(...ids),
          decision: fc.constantFrom('in' as const, 'out' as const),
          reason: fc.constant('as agreed with the owner'),
          by: fc.constant('Tess Orlan'),
          role: fc.constant('lead'),
          at: fc.constant('2026-06-01T14:00:00.000Z'),
        }),
        { maxLength: 12 },
      );
const check = <T>(property: fc.IProperty<T>, numRuns = 120): void =>
  fc.assert(property, { numRuns, endOnFailure: true });

describe('the scope of any survey and choice', () => {
  it('each work once, at a level, with a reason, a source and a cost that is not below nothing', () => {
    check(
      fc.property(anyScope, (sheet) => {
        const { items } = scopeOf(sheet);
        expect(new Set(items.map((i) => i.id)).size, items.map((i) => i.id).join()).toBe(items.length);
        for (const item of items) {
          expect(LEVELS).toContain(item.level);
          expect(item.hours, item.id).toBeGreaterThanOrEqual(0);
          expect(item.materials, item.id).toBeGreaterThanOrEqual(0);
          for (const part of [item.say, item.reason, item.source, ...item.triggers]) {
            expect(english(part), item.id).not.toMatch(RUBBISH);
            expect(english(part).length, item.id).toBeGreaterThan(0);
          }
        }
      }),
    );
  });
  it('what is in is paid, what is out is not: the total is the sum over what is in, and open counts what waits', () => {
    check(
      fc.property(
        anyScope.chain((sheet) => decided(scopeOf(sheet).items.map((i) => i.id)).map((d) => ({ sheet, d }))),
        ({ sheet, d }) => {
          const raw = scopeOf(sheet).items;
          const items = decideItems(raw, d);
          const total = totalOf(items, labour);
          const last = new Map(d.map((x) => [x.itemId, x]));
          const standing = items.map((i) => standingOfItem(i, last.get(i.id)));
          expect(items.map((i) => i.standing)).toEqual(standing);
          const paid = items.filter((_, n) => standing[n] === 'in');
          expect(total.hours).toBeCloseTo(
            paid.reduce((sum, i) => sum + i.hours, 0),
            6,
          );
          expect(total.price).toBeCloseTo(
            paid.reduce((sum, i) => sum + priceOf(i, labour), 0),
            6,
          );
          expect(total.open).toBe(standing.filter((s) => s === 'open').length);
          // Safety and law: no decision takes it out.
          for (const i of items) if (i.safety) expect(i.standing, i.id).toBe('in');
        },
      ),
    );
  });
  it('a change between two scopes is what one has and the other has not, both ways the same; none against itself', () => {
    check(
      fc.property(anyScope, anyScope, (a, b) => {
        const [one, two] = [scopeOf(a).items, scopeOf(b).items];
        expect(isEmptyDelta(scopeDelta(one, one, labour))).toBe(true);
        const there = scopeDelta(one, two, labour);
        const back = scopeDelta(two, one, labour);
        const ids = (list: readonly { id: string }[]) => list.map((i) => i.id).toSorted();
        expect(ids(there.added)).toEqual(ids(back.removed));
        expect(ids(there.removed)).toEqual(ids(back.added));
        expect(ids(there.changed)).toEqual(ids(back.changed));
        const had = new Set(one.map((i) => i.id));
        expect(ids(there.added)).toEqual(ids(two.filter((i) => !had.has(i.id))));
      }),
      60,
    );
  });
  it('a text that the customer reads has no holes, and every disclosure has its words', () => {
    check(
      fc.property(anyScope, (sheet) => {
        const view = scopeOf(sheet);
        expect(english(view.text)).not.toMatch(RUBBISH);
        expect(new Set(view.disclosures.map((d) => d.id)).size).toBe(view.disclosures.length);
        for (const d of view.disclosures) expect(english(d.text)).not.toMatch(RUBBISH);
        for (const line of view.get) expect(english(line.what)).not.toMatch(RUBBISH);
      }),
    );
  });
});
