import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { english } from '@/core/words/testing/english';
import { DRIER, JOINT, LINE_RUN } from '@/demo/sample-entries';
import { joinOf } from './joining';
import { type JoinContext, lengthOf, runFigures } from './line-run';

const CONTEXT: JoinContext = {
  refrigerant: 'R-410A',
  tons: 3,
  heatPump: true,
  fixedOrifice: false,
  subcoolingF: 10,
  schools: DEFAULT_CIRCUIT_SCHOOLS,
  testPsig: undefined,
  volumeFt3: undefined,
};
type Run = EntryBody<'line-run'>;
const RUN: Run = { ...LINE_RUN, pieces: [{ ft: 40, way: 'along' }] };
const judged = (b: LogBuilder, context: Partial<JoinContext> = {}) => joinOf(b.log, { ...CONTEXT, ...context });
const of = (b: LogBuilder, id: string, context: Partial<JoinContext> = {}): Finding | undefined =>
  judged(b, context).checks.find((c) => c.id.replace(/^joint-e\d+-/, '') === id);
const lines = (change: Partial<Run>) => new LogBuilder().add('line-run', { ...RUN, ...change });
const joint = (change: Partial<EntryBody<'joint'>>) => new LogBuilder().add('joint', { ...JOINT, ...change });
const says = (finding: Finding | undefined): string => english(finding?.claim);

describe('the run of a line set', () => {
  it('is as long as its pieces; elbows count a foot and a half of pipe each (common practice)', () => {
    const piece = fc.record({
      ft: fc.integer({ min: 1, max: 40 }),
      way: fc.constantFrom('along' as const, 'up' as const, 'down' as const),
    });
    fc.assert(
      fc.property(
        fc.array(piece, { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 0, max: 12 }),
        (pieces, elbows) => {
          const f = runFigures({ ...RUN, pieces, elbows }, CONTEXT);
          const sum = (way: string) => pieces.filter((p) => p.way === way).reduce((s, p) => s + p.ft, 0);
          expect(f.lengthFt).toBe(lengthOf({ pieces }));
          expect(f.equivalentFt).toBeCloseTo(Math.min(500, f.lengthFt + elbows * 1.5), 9);
          expect(f.liftFt).toBe(sum('up') - sum('down'));
          // What climbs in one go is never more than all that goes down toward the coil.
          expect(f.vapourRiseFt).toBeLessThanOrEqual(sum('down'));
          expect(f.vapourRiseFt > 0).toBe(sum('down') > 0);
          expect(f.riserTons === undefined).toBe(f.vapourRiseFt === 0);
        },
      ),
    );
  });
  it('a level stretch does not end a climb, a way up does', () => {
    const rise = (...ways: ('up' | 'down' | 'along')[]) =>
      runFigures({ ...RUN, pieces: ways.map((way) => ({ ft: 10, way })) }, CONTEXT).vapourRiseFt;
    expect(rise('down', 'along', 'down')).toBe(20);
    expect(rise('down', 'up', 'down')).toBe(10);
    expect(rise('up', 'up')).toBe(0);
  });
  it('loses more the longer it is and the smaller its vapor line', () => {
    const loss = (change: Partial<Run>) => runFigures({ ...RUN, ...change }, CONTEXT).suction!.saturationLossF;
    const far = { pieces: [{ ft: 80, way: 'along' as const }] };
    expect(loss(far)).toBeGreaterThan(1.7 * loss({}));
    expect(loss({ vaporOdIn: 0.625 })).toBeGreaterThan(2 * loss({}));
  });
  it.each([
    [{ pieces: [{ ft: 80, way: 'along' as const }] }, false],
    [{ pieces: [{ ft: 81, way: 'along' as const }] }, true],
    [{ pieces: [{ ft: 20, way: 'up' as const }] }, false],
    [{ pieces: [{ ft: 21, way: 'up' as const }] }, true],
    [{ pieces: [{ ft: 21, way: 'down' as const }] }, true],
  ])('%j: a long line is %s (80 ft equivalent, 20 ft of height, common practice)', (change, long) =>
    expect(of(lines({ elbows: 0, ...change }), 'long-line') !== undefined).toBe(long),
  );
  it.each([
    [0.5, undefined],
    [0.49, 'look-again'],
    [0.375, 'look-again'],
  ])('%d in of insulation on the vapor line: %s', (vaporWallIn, verdict) =>
    expect(of(lines({ vaporWallIn }), 'insulation')?.verdict).toBe(verdict),
  );
  it('sizes are held against what the unit lists, each line by itself', () => {
    const listed = { liquidOdIn: 0.375, vaporOdIn: 0.875 };
    expect(of(lines({}), 'listed-size', { listed })).toBeUndefined();
    expect(says(of(lines({ vaporOdIn: 0.75 }), 'listed-size', { listed }))).toMatch(/3\/4 in.*7\/8 in/);
    expect(says(of(lines({ liquidOdIn: 0.5 }), 'listed-size', { listed }))).not.toMatch(/7\/8/);
    expect(
      of(lines({ vaporOdIn: 0.75 }), 'listed-size', { listed: { liquidOdIn: null, vaporOdIn: null } }),
    ).toBeUndefined();
    expect(of(lines({ vaporOdIn: 0.75 }), 'listed-size')).toBeUndefined();
  });
  it('an old line set is replaced for its troubles, good when flushed, else not proven', () => {
    const reuse = (change: Partial<Run>) => of(lines({ kept: true, ...change }), 'reuse')?.verdict;
    expect(reuse({ flushed: false })).toBe('not-proven');
    expect(reuse({ flushed: true })).toBe('good');
    expect(reuse({ flushed: true, troubles: ['concealed kink'] })).toBe('look-again');
    expect(of(lines({ kept: false }), 'reuse')).toBeUndefined();
  });
  it('one that stays where the signed scope has a new one is told; where nobody signed, nothing is', () => {
    const told = (scopeKeepsLines: boolean | undefined, kept = true) =>
      of(lines({ kept }), 'scope-line', { scopeKeepsLines })?.verdict;
    expect([told(false), told(true), told(undefined), told(false, false)]).toEqual([
      'look-again',
      undefined,
      undefined,
      undefined,
    ]);
  });
  it('oil returns by entrainment at the least capacity, or by a thousand feet a minute: as the company holds it', () => {
    const climb = { pieces: [{ ft: 15, way: 'down' as const }] };
    const riser = (leastTons: number | null, school: string, vaporOdIn = 0.875) =>
      of(lines({ ...climb, leastTons, vaporOdIn }), 'riser', { schools: { ...CONTEXT.schools, oilReturn: school } });
    const needs = runFigures({ ...RUN, ...climb }, CONTEXT).riserTons!;
    expect(riser(needs + 0.001, 'entrainment')!.verdict).toBe('good');
    expect(riser(needs - 0.001, 'entrainment')!.verdict).toBe('look-again');
    const { velocityFpm } = runFigures({ ...RUN, ...climb }, CONTEXT).suction!;
    const tonsAt1000 = (1000 / velocityFpm) * CONTEXT.tons;
    expect(riser(tonsAt1000 * 1.001, 'velocity')!.verdict).toBe('good');
    expect(riser(tonsAt1000 * 0.999, 'velocity')!.verdict).toBe('look-again');
    // Without a least capacity the whole of it counts.
    expect(riser(null, 'entrainment')!.verdict).toBe('good');
    expect(riser(0.5, 'entrainment', 1.375)!.verdict).toBe('look-again');
  });
});

describe('a joint', () => {
  const clearance = (socketIn: number | null) => of(joint({ odIn: 0.875, socketIn }), 'clearance')?.verdict;
  // 0.001 to 0.006 in on a side is joinable (common practice): 0.877 to 0.887 in around 0.875.
  it('is brazed where the gap lets the alloy climb', () => {
    expect([clearance(0.877), clearance(0.887), clearance(null)]).toEqual([undefined, undefined, undefined]);
    expect([clearance(0.8765), clearance(0.8875), clearance(0.9)]).toEqual(['look-again', 'look-again', 'look-again']);
  });
  it.each([
    [{ nitrogenScfh: 0 }, 'nitrogen', 'look-again'],
    [{ nitrogenScfh: 3 }, 'nitrogen', undefined],
    [{ heatShield: false }, 'heat', 'look-again'],
    [{ metals: 'copper to steel' as const, alloy: 'silver with flux' as const }, 'alloy', undefined],
    [{ metals: 'copper to steel' as const }, 'alloy', 'look-again'],
    [{ metals: 'copper to brass' as const }, 'alloy', undefined],
    [{ newRing: true }, 'ring', undefined],
    [{ newRing: false }, 'ring', 'look-again'],
  ])('%j: %s %s', (change, id, verdict) => expect(of(joint(change), id)?.verdict).toBe(verdict));
  it('what belongs to the flame is asked of a brazed joint only', () => {
    const flare = { method: 'flare' as const, odIn: 0.375, nitrogenScfh: null, heatShield: false, socketIn: 0.9 };
    const ids = judged(joint({ ...flare, torqueFtLb: 34 })).checks.map((c) => c.id.replace(/^joint-e\d+-/, ''));
    for (const id of ['nitrogen', 'heat', 'clearance', 'fire-watch']) expect(ids).not.toContain(id);
  });
  it('a flare is drawn within its table, and not proven while nobody wrote it down', () => {
    const torque = (torqueFtLb: number | null, odIn = 0.375) =>
      of(joint({ method: 'flare', odIn, torqueFtLb }), 'torque')?.verdict;
    expect(torque(null)).toBe('not-proven');
    const good = Array.from({ length: 80 }, (_, t) => t).filter((t) => torque(t) === undefined);
    // One band, with both of its ends outside refused.
    expect(good.length).toBeGreaterThan(3);
    expect(good.at(-1)! - good[0]!).toBe(good.length - 1);
    expect([torque(good[0]! - 1), torque(good.at(-1)! + 1)]).toEqual(['look-again', 'look-again']);
    // A larger tube is drawn harder.
    const larger = Array.from({ length: 120 }, (_, t) => t).filter((t) => torque(t, 0.625) === undefined);
    expect(larger[0]!).toBeGreaterThan(good.at(-1)!);
  });
  it('each of its findings names its entry, so that it can be put right', () => {
    const b = joint({ nitrogenScfh: null, heatShield: false });
    const found = judged(b).checks.filter((c) => c.id.startsWith('joint-'));
    expect(found).toHaveLength(2);
    expect(new Set(found.map((c) => c.subject))).toEqual(new Set([b.lastId]));
  });
});

describe('what every line set needs', () => {
  const watched = (minutes?: number) => {
    const b = joint({});
    return minutes === undefined ? b : b.add('fire-watch', { minutes, extinguisher: true });
  };
  it('an hour of fire watch after the last flame (NFPA 51B, from memory)', () => {
    expect(of(watched(), 'fire-watch')!.verdict).toBe('not-proven');
    expect(says(of(watched(59), 'fire-watch'))).toContain('59');
    expect(of(watched(60), 'fire-watch')).toBeUndefined();
  });
  it('a drier the right way round, large enough, the only one', () => {
    const drier = (change: Partial<EntryBody<'drier'>>, context: Partial<JoinContext> = {}) =>
      of(new LogBuilder().add('drier', { ...DRIER, ...change }), 'drier', context)!.verdict;
    expect(drier({})).toBe('good');
    expect(drier({ ratedTons: 3 })).toBe('good');
    expect(drier({ ratedTons: 2.9 })).toBe('look-again');
    expect(drier({ direction: 'one way' })).toBe('look-again');
    expect(drier({ direction: 'one way' }, { heatPump: false })).toBe('good');
    expect(drier({ direction: 'one way', arrowToMeter: false }, { heatPump: false })).toBe('look-again');
    expect(drier({ arrowToMeter: false })).toBe('good');
    expect(drier({ oldOneCut: 'left in' })).toBe('look-again');
    expect(drier({ oldOneCut: 'torched out' })).toBe('look-again');
    expect(drier({ factoryDrierToo: true })).toBe('look-again');
    expect(of(new LogBuilder(), 'drier')!.verdict).toBe('not-proven');
  });
  it('a suction drier of a heat pump only where vapor flows one way; the newest of a line stands', () => {
    const suction = (suctionPlace: 'common suction' | undefined, heatPump = true) =>
      of(
        new LogBuilder().add('drier', DRIER).add('drier', { ...DRIER, line: 'suction', suctionPlace } as never),
        'suction-drier',
        { heatPump },
      )?.verdict;
    expect(suction('common suction')).toBe('good');
    expect(suction(undefined)).toBe('look-again');
    expect(suction(undefined, false)).toBe('good');
    expect(of(new LogBuilder().add('drier', DRIER), 'suction-drier')).toBeUndefined();
    const twice = new LogBuilder().add('drier', { ...DRIER, ratedTons: 1 }).add('drier', DRIER);
    expect(of(twice, 'drier')!.verdict).toBe('good');
  });
  it('a coil that came without its holding charge is tested by itself', () => {
    const hiss = (answer: 'yes' | 'no') =>
      of(new LogBuilder().add('coil-hiss', { hiss: answer } as never), 'hiss')?.verdict;
    expect([hiss('no'), hiss('yes')]).toEqual(['look-again', undefined]);
  });
  it('enough nitrogen for the test that is planned', () => {
    const b = new LogBuilder().add('nitrogen-cylinder', { nominalScf: 20, gaugePsig: 1000, purgeScfh: 0, purgeMin: 0 });
    const short = of(b, 'nitrogen', { testPsig: 550, volumeFt3: 0.4 });
    const plenty = of(b, 'nitrogen', { testPsig: 150, volumeFt3: 0.1 });
    expect([short?.verdict, plenty]).toEqual(['look-again', undefined]);
    expect(of(b, 'nitrogen', { testPsig: 550 })).toBeUndefined();
  });
  it('a kit that comes charged has no drier or fire watch of its own, but its couplings are looked at', () => {
    const ids = judged(lines({ setType: 'pre-charged' })).checks.map((c) => c.id);
    for (const id of ['drier', 'expansion', 'fire-watch']) expect(ids).not.toContain(id);
    expect(ids).toContain('joints');
    expect(judged(lines({})).checks.map((c) => c.id)).toEqual(expect.arrayContaining(['joints', 'drier', 'expansion']));
    expect(judged(new LogBuilder()).checks.map((c) => c.id)).toContain('line-run');
  });
});
