import { describe, expect, it } from 'vitest';
import { expectedPsig, holdVerdict } from '@/core/circuit/pressure/nitrogen-hold';
import { pullDownMinutes } from '@/core/circuit/vacuum/pull-down';
import { pumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { standingTest } from '@/core/circuit/vacuum/standing-test';
import { english } from '@/core/words/testing/english';
import { type Bench, type BenchOrder, nitrogenBench, orderBench, recoveryBench, stepBench, vacuumBench } from './bench';

const HOSES = { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false };
const PUMP = { volumeFt3: 0.4, pumpCfm: 6, hoses: HOSES, pipeF: 75, leakMicronCfm: 0, gauge: 'right' as const };
const SETUP = { volumeFt3: 0.4, pumpCfm: 6, hoses: HOSES, targetMicrons: 300, coldestPipeF: 75 };

class Stand {
  points: [number, number][] = [];
  seconds = 0;
  constructor(public bench: Bench) {}
  order(order: BenchOrder): this {
    this.bench = orderBench(this.bench, order);
    return this;
  }
  run(seconds: number, channel = 'microns'): this {
    for (let i = 0; i < seconds; i++) {
      const v = stepBench(this.bench, 1)[channel];
      this.seconds += 1;
      if (typeof v === 'number') this.points.push([this.seconds / 60, v]);
    }
    return this;
  }
  get last(): number {
    return this.points.at(-1)![1];
  }
  standing(seconds = 660): ReturnType<typeof standingTest> {
    const from = this.seconds;
    const start = this.points.length;
    this.order({ kind: 'valve', open: false }).run(seconds);
    return standingTest({ samples: this.points.slice(start).map(([t, v]): [number, number] => [t - from / 60, v]) });
  }
}
const vacuum = (change: object = {}, waterOz = 0, seed = 7): Stand =>
  new Stand(vacuumBench({ seed, ...PUMP, ...change }, waterOz)).order({ kind: 'pump', on: true });
const classOf = (r: ReturnType<typeof standingTest>): string =>
  r.ok ? r.value.classification : english(r.refused.message);

describe('the simulated vacuum agrees with the model it is judged by', () => {
  it('a dry, tight system falls like the textbook pull-down, corners apart', () => {
    const s = vacuum().run(60 * 20);
    const at = s.points.find(([, v]) => v <= 500)![0];
    const model = pullDownMinutes({ ...PUMP, targetMicrons: 500, startMicrons: 760_000, gasLoad: 0 });
    if (!('minutes' in model)) throw new Error('not reached');
    expect(at).toBeGreaterThan(model.minutes);
    expect(at).toBeLessThan(model.minutes * 4);
    expect(s.last).toBeLessThan(60);
  });
  it.each([1, 2, 3, 4, 5])('tight is judged tight, a leak a leak (seed %d)', (seed) => {
    expect(
      classOf(
        vacuum({}, 0.004, seed)
          .run(60 * 7)
          .standing(),
      ),
    ).toBe('tight');
    expect(
      classOf(
        vacuum({ leakMicronCfm: 30 }, 0, seed)
          .run(60 * 7)
          .standing(),
      ),
    ).toBe('leak');
  });
  it('water stands still far above the target, is named, and leaves in the end', () => {
    const s = vacuum({}, 0.3).run(60 * 14);
    const p = pumpProgress(s.points, SETUP)!;
    expect(p.stalled).toBe(true);
    expect(['water', 'ice']).toContain(p.causes[0]!.cause);
    // The water is in the pump's oil by then: only fresh oil goes on.
    expect(s.run(60 * 120).last).toBeGreaterThan(300);
    expect(s.order({ kind: 'oil' }).run(60 * 10).last).toBeLessThan(300);
  });
  it('two sweeps take most of the water with them', () => {
    const swept = vacuum({}, 0.3).run(300);
    for (let i = 0; i < 2; i++)
      swept.order({ kind: 'sweep', psig: 2 }).run(120).order({ kind: 'valve', open: true }).run(300);
    expect(swept.run(60 * 10).last).toBeLessThan(vacuum({}, 0.3).run(60 * 29).last);
  });
  it('a fouled gauge wanders: nothing is certain', () => {
    const s = vacuum({ gauge: 'fouled' }, 0, 3);
    while (s.seconds < 900 && !(s.points.length && s.last < 320)) s.run(1);
    expect(classOf(s.standing())).toBe('inconclusive');
  });
  it('a lost gauge gives no number', () => expect(vacuum({ gauge: 'lost' }).run(30).points).toEqual([]));
});

describe('predicted time to target', () => {
  it.each([11, 12, 13, 14])('half way down it is right within a factor of two (seed %d)', (seed) => {
    const s = vacuum({}, 0, seed);
    while (s.seconds < 3600 && !(s.points.length && s.last < 1200)) s.run(1);
    const told = pumpProgress(s.points, SETUP)!.minutesToTarget!;
    const from = s.seconds;
    while (s.seconds < 7200 && s.last > 300) s.run(1);
    const took = (s.seconds - from) / 60;
    expect(told).toBeGreaterThan(took / 2);
    expect(told).toBeLessThan(took * 2);
  });
  it('says nothing while the first air rushes out, and zero at the target', () => {
    expect(
      pumpProgress(
        [
          [0, 760_000],
          [0.1, 500_000],
        ],
        SETUP,
      ),
    ).toMatchObject({ stalled: false, causes: [] });
    expect(pumpProgress(vacuum().run(60 * 12).points, SETUP)!.minutesToTarget).toBe(0);
    expect(pumpProgress([], SETUP)).toBeUndefined();
  });
  it('cores left in are named when it stalls', () => {
    const hoses = { boreIn: 0.18, lengthIn: 60, count: 1, coresIn: true };
    const s = vacuum({ hoses, leakMicronCfm: 60 }).run(60 * 60);
    const p = pumpProgress(s.points, { ...SETUP, hoses })!;
    expect(p.stalled).toBe(true);
    expect(p.causes.map((c) => c.cause)).toContain('hoses');
  });
});

describe('simulated nitrogen', () => {
  const made = (leakScfh: number, seed = 5): Stand =>
    new Stand(
      nitrogenBench({
        seed,
        volumeFt3: 0.35,
        barometerPsia: 14.4,
        airF: 90,
        swingFPerH: -14,
        sunF: 0,
        leakScfh,
        cylinderScf: 40,
        cylinderPsig: 1800,
      }),
    )
      .order({ kind: 'pressurise', psig: 450 })
      .run(120, 'testPsig')
      .order({ kind: 'close-source' })
      .run(600, 'testPsig');
  const hold = (s: Stand) => {
    const start = stepBench(s.bench, 1);
    s.run(1800, 'testPsig');
    const end = stepBench(s.bench, 1);
    const r = holdVerdict({
      startPsig: start.testPsig!,
      startF: start.pipeF!,
      endPsig: end.testPsig!,
      endF: end.pipeF!,
      minutes: 30,
      volumeFt3: 0.35,
      barometerPsia: 14.4,
    });
    if (!r.ok) throw new Error(english(r.refused.message));
    return { start, end, ...r.value };
  };
  it.each([1, 2, 3, 4, 5, 6])('tight pipes cooling down pass, a leak of 1.2 ft³/h does not (seed %d)', (seed) => {
    const tight = hold(made(0, seed));
    expect(tight.start.testPsig! - tight.end.testPsig!).toBeGreaterThan(2);
    expect(tight.classification).toBe('no leak detected');
    expect(hold(made(1.2, seed)).classification).toBe('leak');
  });
  it('what leaves the cylinder is in the pipe (gas law)', () => {
    const bench = made(0).bench;
    if (bench.kind !== 'nitrogen') throw new Error();
    const water = (40 * 14.7) / 2230.7;
    const taken = (1800 - bench.state.cylinderPsig) * water;
    expect(Math.abs(taken / ((bench.state.amountPsia - 14.4) * 0.35) - 1)).toBeLessThan(0.02);
    expect(expectedPsig({ startPsig: 450, startF: 90, endF: 90, barometerPsia: 14.4 }).expectedPsig).toBeCloseTo(
      450,
      6,
    );
  });
});

describe('simulated recovery', () => {
  const made = (change: object = {}): Stand =>
    new Stand(
      recoveryBench(
        {
          seed: 9,
          refrigerant: 'R-410A',
          barometerPsia: 14.5,
          outdoorF: 88,
          lowFt3: 0.33,
          outdoorFt3: 0.22,
          valveLeaks: 0,
          cylinderId: null,
          cylinderLimitOz: 600,
          cylinderTareOz: 450,
          waterCapacityLb: 47.7,
          chilled: false,
          ...change,
        },
        9,
        4,
      ),
    );
  const massLb = ({ bench }: Stand): number => {
    if (bench.kind !== 'recovery') throw new Error();
    const s = bench.state;
    return s.lowLb + s.highLb + s.oilLb + s.cylinderLb;
  };
  it('keeps every ounce through pump-down, rebound and machine', () => {
    const s = made().order({ kind: 'call', on: true }).run(150, 'suctionPsig');
    s.order({ kind: 'liquid-valve', open: false }).run(150, 'suctionPsig');
    s.order({ kind: 'vapour-valve', open: false }).order({ kind: 'call', on: false }).run(600, 'suctionPsig');
    s.order({ kind: 'machine', on: true }).run(900, 'suctionPsig');
    expect(massLb(s)).toBeCloseTo(13, 6);
  });
  it('the machine takes a whole system to 10 inHg and nearly all of it into the cylinder', () => {
    const s = made().order({ kind: 'machine', on: true }).run(1500, 'suctionPsig');
    expect(s.last).toBeLessThan(-4.9);
    const { bench } = s;
    if (bench.kind !== 'recovery') throw new Error();
    expect(bench.state.cylinderLb - 4).toBeGreaterThan(8.7);
  });
  it('the machine stops before the cylinder’s limit, whatever it is ordered, and goes on in the next cylinder', () => {
    const inIt = ({ bench }: Stand) => (bench.kind === 'recovery' ? bench.state.cylinderLb * 16 : Number.NaN);
    const stopped = ({ bench }: Stand) => bench.kind === 'recovery' && bench.state.atLimit;
    const limit = 4 * 16 + 60;
    const s = made({ cylinderLimitOz: limit }).order({ kind: 'machine', on: true }).run(600, 'suctionPsig');
    expect(stopped(s)).toBe(true);
    for (let again = 0; again < 3; again++) s.order({ kind: 'machine', on: true }).run(120, 'suctionPsig');
    expect(inIt(s)).toBeLessThanOrEqual(limit);
    expect(inIt(s)).toBeGreaterThan(limit - 10);
    const [before, first] = [massLb(s), inIt(s)];
    s.order({
      kind: 'cylinder',
      cylinder: { id: 'c2', tareOz: 452, waterCapacityLb: 47.7, contentsOz: 16, limitOz: 640 },
    });
    expect(inIt(s)).toBeCloseTo(16, 6);
    s.order({ kind: 'machine', on: true }).run(1200, 'suctionPsig');
    expect(stopped(s)).toBe(false);
    expect(s.last).toBeLessThan(-4.9);
    // What went into the first cylinder stays there; the rest is in the second, and nothing is made or lost.
    expect(massLb(s)).toBeCloseTo(before - first / 16 + 1, 4);
  });
  it('a service valve that leaks through comes back', () => {
    const reached = (valveLeaks: number): number => {
      const s = made({ valveLeaks }).order({ kind: 'call', on: true }).run(150, 'suctionPsig');
      s.order({ kind: 'liquid-valve', open: false });
      while (s.last > 1 && s.seconds < 900) s.run(1, 'suctionPsig');
      return s.order({ kind: 'vapour-valve', open: false }).order({ kind: 'call', on: false }).run(600, 'suctionPsig')
        .last;
    };
    expect(reached(4)).toBeGreaterThan(reached(0) + 20);
  });
  it('ice keeps the cylinder’s pressure down', () => {
    const hot = made().order({ kind: 'machine', on: true }).run(200, 'cylinderPsig').last;
    expect(made({ chilled: true }).order({ kind: 'machine', on: true }).run(200, 'cylinderPsig').last).toBeLessThan(
      hot,
    );
  });
});
