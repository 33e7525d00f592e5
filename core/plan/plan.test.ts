import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lengthsOf, within } from './chance';
import { criticalPath } from './critical-path';
import { durationFromJobs, durationOf } from './duration';
import { finishChance } from './finish-chance';
import { heatIndex, heatIndexF } from './heat-index';
import { type Activity, loopIn, timesOf } from './network';
import { serialSchedule } from './serial';

const act = (id: string, hours: number, after: string[] = [], people = 1): Activity => ({ id, hours, after, people });
/** Replacing a split system in a day, worked by hand (network of the trade; hours and people). */
const DAY: Activity[] = [
  act('A', 1.5),
  act('B', 0.75),
  act('C', 1.25, ['A', 'B'], 2),
  act('D', 1.5, ['C'], 2),
  act('E', 1.25, ['D']),
  act('F', 0.5, ['E'], 0),
  act('G', 1.5, ['F'], 0),
  act('H', 1.75, ['D']),
  act('I', 2.5, ['D']),
  act('J', 1.25, ['G', 'H', 'I']),
];
const path = (activities: Activity[], people?: number) => {
  const r = criticalPath({
    activities: activities.map((a) => ({ ...a, after: [...a.after] })),
    ...(people ? { people } : {}),
  });
  if (!r.ok) throw new Error(r.refused.message.id);
  return r.value;
};

describe('the critical path', () => {
  it('of the worked day: 8.75 h along A-C-D-E-F-G-J, two people take no longer', () => {
    const { hours, critical, float } = path(DAY);
    expect(hours).toBeCloseTo(8.75, 9);
    expect(critical).toEqual(['A', 'C', 'D', 'E', 'F', 'G', 'J']);
    expect(float).toMatchObject({ B: 0.75, H: 1.5, I: 0.75 });
    expect(path(DAY, 2).hours).toBeCloseTo(8.75, 9);
  });
  it('with longer sheet metal it runs through it', () => {
    const { hours, critical, float } = path(DAY.map((a) => (a.id === 'I' ? { ...a, hours: 4.5 } : a)));
    expect(hours).toBeCloseTo(10, 9);
    expect(critical).toContain('I');
    expect([float.E, float.F, float.G]).toEqual([1.25, 1.25, 1.25]);
  });
  it.each<[Activity[], number | undefined, string, string]>([
    [DAY, 1, 'people', 'plan.needs-more-people'],
    [
      [act('A', 1, ['B']), act('B', 1, ['C']), act('C', 1, ['B'])],
      undefined,
      'activities',
      'plan.they-wait-for-each-other',
    ],
    [[act('A', 1), act('A', 2)], undefined, 'activities', 'plan.an-activity-is-there-twice'],
    [[act('A', 1, ['X'])], undefined, 'activities', 'plan.waits-for-what-is-not-there'],
  ])('refuses %o', (activities, people, field, id) => {
    const r = criticalPath({
      activities: activities.map((a) => ({ ...a, after: [...a.after] })),
      ...(people ? { people } : {}),
    });
    expect(r).toMatchObject({ ok: false, refused: { field, message: { id } } });
  });
  it('names the loop alone, in the order of the work', () => {
    expect(loopIn([act('A', 1, ['B']), act('B', 1, ['C']), act('C', 1, ['B'])])).toEqual(['C', 'B']);
    expect(loopIn([act('A', 1, ['A'])])).toEqual(['A']);
    expect(loopIn(DAY)).toBeUndefined();
  });
  it('no activities, none that take no time, one at once', () => {
    expect(criticalPath({ activities: [] }).ok).toBe(false);
    expect(path([act('A', 0)])).toEqual({ hours: 0, critical: ['A'], float: { A: 0 } });
    expect(path([act('A', 2), act('B', 2)], 1).hours).toBe(4);
    expect(path([act('A', 2), act('B', 2)]).hours).toBe(2);
  });
});

/** Random networks: each activity may wait for earlier ones. */
const network = fc
  .array(
    fc.record({
      hours: fc.integer({ min: 0, max: 8 }),
      people: fc.integer({ min: 0, max: 2 }),
      after: fc.array(fc.nat(20), { maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 7 },
  )
  .map((all) =>
    all.map(
      (a, i): Activity => ({
        id: `n${i}`,
        hours: a.hours,
        people: a.people,
        after: i === 0 ? [] : [...new Set(a.after.map((x) => `n${x % i}`))],
      }),
    ),
  );

/** Longest of all chains, by trying each. */
function longestChain(activities: readonly Activity[]): number {
  const from = (a: Activity): number =>
    a.hours + Math.max(0, ...activities.filter((b) => b.after.includes(a.id)).map(from));
  return Math.max(...activities.map(from));
}

/** The shortest schedule in whole hours, by trying every order of activities (small networks only). */
function shortest(activities: readonly Activity[], people: number): number {
  let best = Number.POSITIVE_INFINITY;
  const go = (placed: { a: Activity; start: number }[], left: readonly Activity[]): void => {
    const end = Math.max(0, ...placed.map((p) => p.start + p.a.hours));
    if (end >= best) return;
    if (!left.length) {
      best = end;
      return;
    }
    for (const a of left) {
      if (left.some((b) => a.after.includes(b.id))) continue;
      let start = Math.max(0, ...placed.filter((p) => a.after.includes(p.a.id)).map((p) => p.start + p.a.hours));
      const busy = (t: number) =>
        placed.reduce((n, p) => n + (p.start <= t && p.start + p.a.hours > t ? p.a.people : 0), 0);
      while (Array.from({ length: a.hours }, (_, k) => busy(start + k)).some((n) => n + a.people > people)) start++;
      go(
        [...placed, { a, start }],
        left.filter((b) => b !== a),
      );
    }
  };
  go([], activities);
  return best;
}

describe('random networks', () => {
  it('the whole is the longest chain; what has no float lies on one of its length', () => {
    fc.assert(
      fc.property(network, (activities) => {
        const { hours, timed } = timesOf(activities);
        expect(hours).toBeCloseTo(longestChain(activities), 9);
        for (const t of timed) {
          expect(t.latestStart).toBeGreaterThanOrEqual(t.earliestStart - 1e-9);
          // Delayed by its float alone the whole takes no longer; by an hour more it does.
          const float = t.latestStart - t.earliestStart;
          const longer = (by: number) =>
            timesOf(activities.map((a) => (a.id === t.activity.id ? { ...a, hours: a.hours + by } : a))).hours;
          expect(longer(float)).toBeCloseTo(hours, 9);
          expect(longer(float + 1)).toBeCloseTo(hours + 1, 9);
        }
      }),
      { numRuns: 150 },
    );
  });
  it('a schedule under a limit waits for what it must, never asks for more people, and is near the shortest', () => {
    let sum = 0;
    let best = 0;
    fc.assert(
      fc.property(network, fc.integer({ min: 2, max: 3 }), (activities, people) => {
        const placed = new Map(serialSchedule(activities, people).map((p) => [p.id, p]));
        expect(placed.size).toBe(activities.length);
        for (const a of activities)
          for (const b of a.after) expect(placed.get(a.id)!.start).toBeGreaterThanOrEqual(placed.get(b)!.end - 1e-9);
        for (let t = 0; t < 60; t++)
          expect(
            activities.reduce(
              (n, a) => n + (placed.get(a.id)!.start <= t && placed.get(a.id)!.end > t ? a.people : 0),
              0,
            ),
          ).toBeLessThanOrEqual(people);
        const end = Math.max(...[...placed.values()].map((p) => p.end));
        expect(end).toBeGreaterThanOrEqual(timesOf(activities).hours - 1e-9);
        const least = shortest(activities, people);
        expect(end).toBeGreaterThanOrEqual(least);
        sum += end;
        best += least;
      }),
      { numRuns: 80 },
    );
    // A rule of thumb: on small networks within a twentieth of the shortest, on the whole.
    expect(sum).toBeLessThanOrEqual(1.05 * best);
  });
});

describe('hours from own jobs', () => {
  // Worked cases of the trade: default 1.5 h.
  it.each([
    [[1.8, 2.1, 1.6, 2.4, 1.9], 1.76, 1.26, 2.47, false],
    [[2], 1.61, undefined, undefined, true],
    [[], 1.5, undefined, undefined, true],
  ] as const)('%o: %d h', (jobs, hours, p10, p90, isDefault) => {
    const r = durationFromJobs({ defaultHours: 1.5, jobs: [...jobs] });
    if (!r.ok) throw new Error('refused');
    expect(r.value.hours).toBeCloseTo(hours, 2);
    if (p10) expect(r.value.p10Hours).toBeCloseTo(p10, 2);
    if (p90) expect(r.value.p90Hours).toBeCloseTo(p90, 2);
    expect(r.value.isDefault).toBe(isDefault);
    expect('ownMedianHours' in r.value).toBe(jobs.length > 0);
  });
  it('lies between the default and the company’s own, nearer to its own the more there are', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 8, noNaN: true }), fc.integer({ min: 1, max: 40 }), (own, n) => {
        const at = (k: number) =>
          Math.exp(
            durationOf(
              1.5,
              Array.from({ length: k }, () => own),
            ).mu,
          );
        expect(at(n)).toBeGreaterThanOrEqual(Math.min(1.5, own) - 1e-9);
        expect(at(n)).toBeLessThanOrEqual(Math.max(1.5, own) + 1e-9);
        expect(Math.abs(at(n + 1) - own)).toBeLessThanOrEqual(Math.abs(at(n) - own) + 1e-9);
      }),
    );
  });
});

describe('the heat index (National Weather Service)', () => {
  it.each([
    [78, 50, 77.9, 60],
    [95, 50, 105.2, 40],
    [84, 90, 98.3, 50],
    [100, 10, 94.1, 50],
  ])('%d °F at %d %%: %d', (airF, humidityPct, feels, workMin) => {
    const r = heatIndex({ airF, humidityPct });
    if (!r.ok) throw new Error('refused');
    expect(r.value.heatIndexF).toBeCloseTo(feels, 1);
    expect(r.value).toMatchObject({ workMin, restMin: 60 - workMin, proven: true });
  });
  // The chart of the National Weather Service, in whole degrees: neither correction applies.
  it.each([
    [86, 50, 88],
    [90, 90, 122],
  ])('%d °F at %d %%: %d by the chart', (airF, humidityPct, chart) => {
    expect(Math.round(heatIndexF(airF, humidityPct))).toBe(chart);
  });
  it('full sun adds fifteen; above 112 °F the highest band counts and nothing is proven', () => {
    expect(heatIndex({ airF: 78, humidityPct: 50, fullSun: true })).toMatchObject({ ok: true, value: { workMin: 50 } });
    expect(heatIndex({ airF: 113, humidityPct: 5 })).toMatchObject({ ok: true, value: { workMin: 20, proven: false } });
    expect(heatIndex({ airF: 112, humidityPct: 1 })).toMatchObject({ ok: true, value: { proven: true } });
  });
});

describe('the chance to finish', () => {
  const three = (of: (h: number) => [number, number, number]) =>
    DAY.map((a) => {
      const [least, likely, most] = of(a.hours);
      return { id: a.id, after: [...a.after], people: a.people, least, likely, most };
    });
  // Worked by simulation: triangles of 0.8, 1 and 1.5 times the hours, independent, no limit of people (± 0.022).
  it('of the worked day: 9.63 h in the mean, 0.41 by 9.5 h, 0.77 by 10 h', () => {
    const by = (deadlineHours: number) => {
      const r = finishChance({ activities: three((h) => [0.8 * h, h, 1.5 * h]), deadlineHours });
      if (!r.ok) throw new Error('refused');
      return r.value;
    };
    const r = by(9.5);
    expect(r.meanHours).toBeCloseTo(9.63, 1);
    expect(Math.abs(r.p50Hours - 9.62)).toBeLessThan(0.04);
    expect(Math.abs(r.p80Hours - 10.05)).toBeLessThan(0.05);
    expect(Math.abs(r.p90Hours - 10.29)).toBeLessThan(0.06);
    expect(Math.abs(r.chance - 0.407)).toBeLessThan(0.03);
    expect(Math.abs(by(10).chance - 0.77)).toBeLessThan(0.03);
  });
  it('without any spread it is the critical path; a shared slow day widens it', () => {
    const sure = finishChance({ activities: three((h) => [h, h, h]), deadlineHours: 8.75, people: 2 });
    expect(sure).toMatchObject({ ok: true, value: { chance: 1 } });
    const of = (shared: number) =>
      lengthsOf(
        DAY.map((a) => ({ ...a, spread: { kind: 'lognormal', mu: Math.log(Math.max(0.1, a.hours)), sigma: 0.1 } })),
        { seed: 3, shared },
      );
    const spread = (l: number[]) => within(l, 0.9) - within(l, 0.1);
    expect(spread(of(0.1))).toBeGreaterThan(1.3 * spread(of(0)));
    expect(of(0.1)).toEqual(of(0.1));
  });
  it('refuses a step whose likely is not between', () => {
    const r = finishChance({
      activities: [{ id: 'A', after: [], least: 2, likely: 1, most: 3 }],
      deadlineHours: 2,
    });
    expect(r).toMatchObject({ ok: false, refused: { field: 'activities', message: { id: 'plan.least-likely-most' } } });
  });
});
