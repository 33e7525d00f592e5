import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { timesOf } from '@/core/plan/network';
import type { DayActivity, PlacedPiece } from './activity';
import { adviceFor } from './advice';
import { bothWork, openSpan, workedIn, workFrom, workingSpans } from './calendar';
import { chainOf, endOf } from './chain';
import { crewOf as spansOf } from './crew';
import { endsOf } from './day-chance';
import { movedBetween } from './moved';
import { placeDay } from './schedule';
import { act, anyCrew, anyWork, crewOf, DAY, DAYS, person } from './testing/any-day';

const at = (placed: readonly PlacedPiece[], id: string): PlacedPiece => placed.find((p) => p.id === id)!;

describe('the clock of a day', () => {
  it('work goes on after lunch; what is called away is no work', () => {
    expect(workingSpans([DAY])).toEqual([
      [8, 12],
      [12.5, 19],
    ]);
    expect(workingSpans([DAY], [[9, 10]])).toEqual([
      [8, 9],
      [10, 12],
      [12.5, 19],
    ]);
    expect(workFrom(workingSpans([DAY]), 11, 2)).toEqual([11, 13.5]);
    expect(workFrom(workingSpans([DAY]), 12.2, 1)).toEqual([12.5, 13.5]);
    expect(workFrom(workingSpans([DAY]), 18, 2)).toBeUndefined();
    expect(workedIn(workingSpans([DAY]), 11, 14)).toBe(2.5);
  });
  it('a last planned day goes on past its end by two hours, the days after it do not', () => {
    expect(openSpan(DAYS[0]!, DAYS)).toEqual([8, 19]);
    expect(openSpan(DAYS[1]!, DAYS)).toEqual([32, 41]);
    expect(bothWork([[8, 12]], [[10, 14]])).toEqual([[10, 12]]);
    expect(bothWork([[8, 10]], [[10, 14]])).toEqual([]);
  });
});

/** Replacing a split system in a day, worked by hand (network of the trade; hours and people). */
const CHANGEOUT = [
  act('A', 1.5),
  act('B', 0.75),
  act('C', 1.25, { after: ['A', 'B'], people: 2 }),
  act('D', 1.5, { after: ['C'], people: 2 }),
  act('E', 1.25, { after: ['D'] }),
  act('F', 0.5, { after: ['E'], people: 0 }),
  act('G', 1.5, { after: ['F'], people: 0 }),
  act('H', 1.75, { after: ['D'] }),
  act('I', 2.5, { after: ['D'] }),
  act('J', 1.25, { after: ['G', 'H', 'I'] }),
];

describe('a day in its places', () => {
  it('the worked changeout by two people: 8.75 h of work, with lunch half an hour more', () => {
    const placed = placeDay(CHANGEOUT, crewOf('Tess', 'Pim'));
    // A 8–9.5, C to 10.75, D to 12.75 over lunch, E to 14, F and G alone to 16, J to 17.25.
    expect(endOf(placed)).toBeCloseTo(17.25, 9);
    expect(chainOf(placed)).toEqual(['A', 'C', 'D', 'E', 'F', 'G', 'J']);
    expect(at(placed, 'G')).toMatchObject({ start: 14.5, end: 16, who: [], because: { kind: 'after', id: 'F' } });
  });
  it('who is told does it, though another is free sooner; one of each gear', () => {
    const placed = placeDay(
      [
        act('x', 2, { who: ['Tess'] }),
        act('y', 1, { who: ['Tess'] }),
        act('t1', 1, { gear: 'torch' }),
        act('t2', 1, { gear: 'torch' }),
      ],
      crewOf('Tess', 'Pim', 'Jory'),
    );
    expect(at(placed, 'y')).toMatchObject({ start: 10, because: { kind: 'person', id: 'x', who: 'Tess' } });
    expect(at(placed, 't2')).toMatchObject({ start: 9, because: { kind: 'gear', id: 't1', gear: 'torch' } });
  });
  it('a window, a delivery and the clock hold a piece back, and are told', () => {
    const placed = placeDay(
      [act('w', 1, { windows: [[13, 15]] }), act('d', 1, { notBefore: 10 }), act('n', 1)],
      crewOf('a', 'b', 'c'),
      { now: 9 },
    );
    expect(at(placed, 'w')).toMatchObject({ start: 13, because: { kind: 'window' } });
    expect(at(placed, 'd')).toMatchObject({ start: 10, because: { kind: 'not before' } });
    expect(at(placed, 'n')).toMatchObject({ start: 9, because: { kind: 'now' } });
  });
  it('a window that cannot be held is told, and the piece takes its place all the same', () => {
    const placed = placeDay([act('x', 6), act('w', 1, { after: ['x'], windows: [[9, 10]] })], crewOf('a'));
    expect(at(placed, 'w')).toMatchObject({ start: 14.5, missed: true });
    // It fits to the minute.
    expect(at(placeDay([act('w', 1, { windows: [[9, 10]] })], crewOf('a')), 'w').missed).toBeUndefined();
    expect(at(placeDay([act('w', 1.1, { windows: [[9, 10]] })], crewOf('a')), 'w').missed).toBe(true);
  });
  it('a certificate goes to who holds one; with two people one of them does', () => {
    const crew = { days: DAYS, people: [person('Pim'), person('Tess', { certified: true })] };
    const certified = { certified: true };
    expect(at(placeDay([act('x', 1, certified)], crew), 'x').who).toEqual(['Tess']);
    expect(at(placeDay([act('x', 1, { ...certified, people: 2 })], crew), 'x').who.toSorted()).toEqual(['Pim', 'Tess']);
    // Where nobody holds one somebody has to be on it; the day says so.
    expect(at(placeDay([act('x', 1, certified)], crewOf('Pim')), 'x').who).toEqual(['Pim']);
  });
  it('what suits a helper goes to the helper, then to who has least to do', () => {
    const crew = { days: DAYS, people: [person('Tess', { leads: true }), person('Pim')] };
    const placed = placeDay([act('h', 1, { prefers: 'helper' }), act('l', 1, { prefers: 'lead' })], crew);
    expect([at(placed, 'h').who, at(placed, 'l').who]).toEqual([['Pim'], ['Tess']]);
    const three = placeDay([act('a', 3), act('b', 1), act('c', 1)], crew);
    expect(at(three, 'b').who).toEqual(at(three, 'c').who);
  });
  it('what is done stays, what was begun goes on from now, at least five minutes more', () => {
    const pieces = [
      act('done', 1, { done: [8, 10.5], who: ['a'] }),
      act('on', 2.5, { begun: 10, who: ['b'] }),
      act('over', 0.5, { begun: 9, who: ['c'] }),
      act('next', 1, { after: ['done'], who: ['a'] }),
    ];
    const placed = placeDay(pieces, crewOf('a', 'b', 'c'), { now: 11 });
    expect(at(placed, 'done')).toMatchObject({ start: 8, end: 10.5 });
    // An hour of it is worked; the rest goes on after lunch.
    expect(at(placed, 'on').end).toBeCloseTo(13, 9);
    expect(at(placed, 'over').end).toBeCloseTo(11 + 1 / 12, 9);
    expect(at(placed, 'next').start).toBe(11);
  });
  it('what the planned day does not hold goes on the next one; a machine is not begun before the night', () => {
    const placed = placeDay([act('long', 10.5), act('more', 1, { after: ['long'] })], crewOf('a'));
    expect(at(placed, 'long').end).toBe(19);
    expect(at(placed, 'more')).toMatchObject({ start: 32, end: 33 });
    const pump = placeDay([act('x', 9), act('pump', 2, { after: ['x'], people: 0 })], crewOf('a'));
    expect(at(pump, 'pump').start).toBe(32);
    // It runs through lunch.
    expect(at(placeDay([act('p', 2, { people: 0, notBefore: 11.5 })], crewOf('a')), 'p').end).toBe(13.5);
  });
  it('heat makes a piece longer, by the hour in which it begins', () => {
    const hot = placeDay([act('attic', 2, { hot: 'attic' }), act('cool', 2)], crewOf('a', 'b'), { stretch: () => 1.5 });
    expect(at(hot, 'attic').end).toBe(11);
    expect(at(hot, 'cool').end).toBe(10);
  });
});

describe('any day', () => {
  it('nobody and nothing is in two places, everything waits for what it must, nothing begins before the day', () => {
    fc.assert(
      fc.property(anyWork, anyCrew, (pieces, crew) => {
        const placed = placeDay(pieces, crew);
        expect(placed.map((p) => p.id).toSorted()).toEqual(pieces.map((p) => p.id).toSorted());
        for (const p of pieces) {
          const own = at(placed, p.id);
          expect(own.start).toBeGreaterThanOrEqual(8);
          expect(own.who.length).toBe(Math.min(p.people, crew.people.length));
          expect(new Set(own.who).size).toBe(own.who.length);
          for (const b of p.after) expect(own.start).toBeGreaterThanOrEqual(at(placed, b).end - 1e-6);
          // Its hours are all worked while its people are there.
          if (own.end < DAYS.at(-1)!.to)
            expect(workedIn(spansOf(crew, own.who), own.start, own.end)).toBeCloseTo(p.hours, 6);
        }
        const apart = (list: readonly PlacedPiece[]): void => {
          const sorted = [...list].sort((a, b) => a.start - b.start);
          for (const [i, p] of sorted.slice(1).entries()) expect(p.start).toBeGreaterThanOrEqual(sorted[i]!.end - 1e-6);
        };
        for (const { name } of crew.people) apart(placed.filter((p) => p.who.includes(name)));
        for (const gear of new Set(pieces.flatMap((p) => p.gear ?? [])))
          apart(placed.filter((p) => pieces.find((x) => x.id === p.id)!.gear === gear));
        // The chain leads from a piece that waits for no other to the end.
        const chain = chainOf(placed);
        expect(at(placed, chain.at(-1)!).end).toBe(endOf(placed));
        expect('id' in at(placed, chain[0]!).because).toBe(false);
      }),
      { numRuns: 150 },
    );
  });
  it('with hands enough it ends as the network without a limit does', () => {
    fc.assert(
      fc.property(anyWork, (work) => {
        // One long day without a break, and no gear to wait for.
        const crew = {
          people: Array.from({ length: 18 }, (_, i) => person(`p${i}`)),
          days: [{ at: 0, from: 0, to: 24, lunch: undefined }],
        };
        const pieces = work.map(
          (p): DayActivity => ({ ...p, gear: undefined, hours: p.hours / 4, people: Math.min(1, p.people) }),
        );
        expect(endOf(placeDay(pieces, crew))).toBeCloseTo(timesOf(pieces as never).hours, 6);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what moved', () => {
  const pieces = [act('a', 1, { done: [8, 9.5], who: ['x'] }), act('b', 1, { after: ['a'] }), act('c', 1)];
  it('tells what took longer and what begins later, with its reason, the most first; five minutes are news', () => {
    const before = placeDay([act('a', 1), act('b', 1, { after: ['a'] }), act('c', 1)], crewOf('x', 'y'));
    const after = placeDay(pieces, crewOf('x', 'y'), { now: 9.5 });
    expect(movedBetween(pieces, before, after)).toEqual([
      { id: 'c', kind: 'starts', hours: 1.5, because: { kind: 'now' } },
      { id: 'a', kind: 'took', hours: 0.5, because: { kind: 'start' } },
      { id: 'b', kind: 'starts', hours: 0.5, because: { kind: 'after', id: 'a' } },
    ]);
    expect(movedBetween(pieces, after, after)).toEqual([]);
    const shift = (by: number) => [{ ...at(before, 'c'), start: 8 + by }];
    expect(movedBetween([act('c', 1)], [at(before, 'c')], shift(0.08))).toEqual([]);
    expect(movedBetween([act('c', 1)], [at(before, 'c')], shift(0.09))).toHaveLength(1);
  });
});

describe('advice', () => {
  // Wiring was given to Jory, who is busy; Tess stands beside the pump.
  const pieces = [
    act('braze', 1, { who: ['Tess'] }),
    act('vacuum', 1.5, { after: ['braze'], people: 0 }),
    act('metal', 3, { who: ['Jory'] }),
    act('wire', 1, { who: ['Jory'] }),
    act('start', 1, { after: ['vacuum', 'wire', 'metal'], who: ['Tess'] }),
  ];
  it('gives a piece to who is free, during the wait', () => {
    const crew = crewOf('Tess', 'Jory');
    const placed = placeDay(pieces, crew);
    const advice = adviceFor(pieces, placed, crew, {});
    expect(advice).toMatchObject({ kind: 'give', id: 'wire', from: 'Jory', to: 'Tess', whileRuns: 'vacuum' });
    expect(advice!.savesH).toBeCloseTo(endOf(placed)! - endOf(advice!.placed)!, 9);
    // Brazing to 9, the pump to 10:30; metal ends at 11 instead of noon.
    expect(advice!.savesH).toBeCloseTo(1.5, 9);
  });
  it('where nothing can be given, one more hand; where that helps nobody, nothing', () => {
    const one = [act('x', 2), act('y', 2)];
    const alone = crewOf('Tess');
    expect(adviceFor(one, placeDay(one, alone), alone, {})).toMatchObject({ kind: 'add a hand', savesH: 2 });
    const chain = [act('x', 2), act('y', 2, { after: ['x'] })];
    expect(adviceFor(chain, placeDay(chain, alone), alone, {})).toBeUndefined();
    expect(adviceFor([], [], alone, {})).toBeUndefined();
  });
  it('never makes the day longer, and never touches a machine', () => {
    fc.assert(
      fc.property(anyWork, anyCrew, (work, crew) => {
        const told = placeDay(work, crew);
        const pieces = work.map((p) => ({ ...p, who: at(told, p.id).who }));
        const placed = placeDay(pieces, crew);
        const advice = adviceFor(pieces, placed, crew, {});
        if (!advice) return;
        expect(endOf(advice.placed)!).toBeLessThan(endOf(placed)! - 0.14);
        for (const p of work) {
          if (p.people > 0) continue;
          const { start, end } = at(advice.placed, p.id);
          expect(end - start).toBeCloseTo(p.hours, 6);
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('when the day may end', () => {
  it('without spread and without people every run ends alike; with the same seed all runs are the same', () => {
    const machine = [act('m', 2, { people: 0 })];
    const ends = endsOf(machine, crewOf('a'), { spreads: {}, seed: 3, runs: 20 });
    expect([ends[0], ends.at(-1)]).toEqual([10, 10]);
    const spread = { spreads: { x: 0.3 }, seed: 3, runs: 50 };
    expect(endsOf([act('x', 2)], crewOf('a'), spread)).toEqual(endsOf([act('x', 2)], crewOf('a'), spread));
  });
  it('half the runs of one piece end by its hours; done is done', () => {
    const ends = endsOf([act('x', 2)], crewOf('a'), { spreads: { x: 0.2 }, seed: 7 });
    // Median of a lognormal is its middle; 2,000 runs know it to about three parts in a hundred.
    expect(ends[1000]! - 8).toBeGreaterThan(1.94);
    expect(ends[1000]! - 8).toBeLessThan(2.06);
    // Nine tenths: exp(1.2816 · √(0.2² + 0.1²)) = 1.332 times as long, over no lunch.
    expect(ends[1800]! - 8).toBeGreaterThan(2.6);
    expect(ends[1800]! - 8).toBeLessThan(2.75);
    const done = endsOf([act('x', 2, { done: [8, 9] })], crewOf('a'), { spreads: { x: 0.9 }, seed: 7, runs: 9 });
    expect(new Set(done)).toEqual(new Set([9]));
  });
});
