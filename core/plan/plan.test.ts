import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { criticalPath } from './critical-path';
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
