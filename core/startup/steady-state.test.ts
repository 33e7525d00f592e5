import { describe, expect, it } from 'vitest';
import { fitWindow } from '@/core/numeric/window';
import { english, told } from '@/core/words/testing/english';
import { steadyFromRepeats } from './steady-from-repeats';
import { type RunEvent, type SteadySample, steadyState } from './steady-state';

const START: RunEvent[] = [{ runSeconds: 0, kind: 'compressor-start' }];

function run(
  untilS: number,
  change: (t: number) => Partial<SteadySample> = () => ({}),
  skip: (t: number) => boolean = () => false,
): SteadySample[] {
  const out: SteadySample[] = [];
  for (let t = 1; t <= untilS; t++) {
    if (skip(t)) continue;
    out.push({
      runSeconds: t,
      superheatF: 10,
      subcoolingF: 10,
      suctionPsig: 120,
      liquidPsig: 370,
      returnDryBulbF: 76,
      supplyDryBulbF: 57,
      compressorA: 12,
      ...change(t),
    });
  }
  return out;
}
const settling = (t: number) => ({ subcoolingF: 10 - 10 * Math.exp(-t / 180) });

describe('the window fit', () => {
  it('SC = 10 − 10·e^(−t/180): 0.294 °F/min over 300–600 s, 0.056 over 600–900 s', () => {
    const window = (from: number): number => {
      const t = Array.from({ length: 301 }, (_, i) => from + i);
      return fitWindow(
        t,
        t.map((s) => settling(s).subcoolingF),
      ).slopePerMin;
    };
    expect(window(300)).toBeCloseTo(0.294, 2);
    expect(window(600)).toBeCloseTo(0.056, 2);
  });
});

describe('steady-state detector', () => {
  it('is never steady before its least run time, whatever the readings', () => {
    expect(steadyState(run(800), START)).toMatchObject({ state: 'settling' });
    expect(english(steadyState(run(890), START).say)).toMatch(/left of 15 min/);
  });
  it('a settled system is steady after it, and says for how long', () => {
    const r = steadyState(run(1500, settling), START);
    expect(r.state).toBe('steady');
    expect(r.steadyForS).toBeGreaterThan(400);
    expect(r.steadyForS).toBeLessThan(620);
  });
  it('a swinging superheat (8 ± 2.5, 90 s) is hunting, not steady; its figures are given', () => {
    const r = steadyState(
      run(1200, (t) => ({ superheatF: 8 + 2.5 * Math.sin((2 * Math.PI * t) / 90) })),
      START,
    );
    expect(r.state).toBe('hunting');
    expect(r.hunting!.periodS).toBeGreaterThan(70);
    expect(r.hunting!.periodS).toBeLessThan(115);
    expect(r.hunting!.peakToPeakF).toBeGreaterThan(4);
    // A whole number of swings in the window: each crosses the mean twice, and nothing is counted past its end.
    const six = steadyState(
      run(1200, (t) => ({ superheatF: 8 + 4 * Math.sin((2 * Math.PI * t) / 100) })),
      START,
    );
    expect(six.hunting!.periodS).toBeCloseTo((2 * 300) / 6, 0);
  });
  it('probe noise alone is not hunting', () => {
    let seed = 1;
    const noise = (): number => {
      seed = (seed * 16807) % 2147483647;
      return (seed / 2147483647 - 0.5) * 3;
    };
    expect(
      steadyState(
        run(1200, () => ({ superheatF: 10 + noise() })),
        START,
      ).state,
    ).toBe('steady');
  });
  it('a house pulling down with a quiet circuit is provisional, a fast one is settling', () => {
    const falling = (perMin: number) => (t: number) => ({
      returnDryBulbF: 90 - (perMin * t) / 60,
      supplyDryBulbF: 70 - (perMin * t) / 60,
    });
    expect(steadyState(run(1200, falling(0.3)), START).state).toBe('provisional');
    expect(steadyState(run(1200, falling(0.7)), START).state).toBe('settling');
  });
  it('added refrigerant, a setting and a gap each start a 10 min re-check; a stop starts all again', () => {
    for (const kind of ['refrigerant', 'setting', 'gap'] as const) {
      const events: RunEvent[] = [...START, { runSeconds: 1200, kind }];
      expect(steadyState(run(1700), events).state).toBe('settling');
      expect(steadyState(run(1830), events).state).toBe('steady');
    }
    expect(steadyState(run(1700), [...START, { runSeconds: 1500, kind: 'compressor-stop' }])).toMatchObject({
      state: 'starting',
    });
  });
  it('a hole of more than 10 s or a lost channel gives no verdict', () => {
    expect(
      told(
        steadyState(
          run(1200, undefined, (t) => t > 1100 && t < 1115),
          START,
        ),
      ),
    ).toMatchObject({ state: 'settling', say: 'Insufficient data in the last 5 min' });
    expect(
      steadyState(
        run(1200, () => ({ liquidPsig: null })),
        START,
      ),
    ).toMatchObject({ state: 'invalid' });
  });
  it('nothing at all is starting', () => {
    expect(steadyState([], [])).toMatchObject({ state: 'starting' });
  });
});

describe('typed rounds', () => {
  const values = {
    suctionPsig: 118,
    liquidPsig: 366,
    suctionLineF: 54,
    liquidLineF: 103,
    returnDryBulbF: 76,
    supplyDryBulbF: 57,
  };
  it('two that agree 5 min apart after 15 min of run are steady', () => {
    expect(
      steadyFromRepeats(
        [
          { atMin: 0, values },
          { atMin: 6, values },
        ],
        20,
      ).state,
    ).toBe('steady');
  });
  it('one round, rounds too close, or rounds that differ are not', () => {
    expect(steadyFromRepeats([{ atMin: 0, values }], 20).state).toBe('settling');
    expect(
      steadyFromRepeats(
        [
          { atMin: 0, values },
          { atMin: 2, values },
        ],
        20,
      ).state,
    ).toBe('settling');
    expect(
      steadyFromRepeats(
        [
          { atMin: 0, values },
          { atMin: 6, values: { ...values, liquidLineF: 99 } },
        ],
        20,
      ).state,
    ).toBe('settling');
    expect(
      steadyFromRepeats(
        [
          { atMin: 0, values },
          { atMin: 6, values },
        ],
        8,
      ).state,
    ).toBe('settling');
    expect(steadyFromRepeats([], undefined).state).toBe('starting');
    // A figure that one of the two rounds does not hold agrees with nothing.
    const { liquidLineF: _, ...less } = values;
    const pair = (a: object, b: object) =>
      steadyFromRepeats(
        [
          { atMin: 0, values: a },
          { atMin: 6, values: b },
        ],
        20,
      ).state;
    expect([pair(less, values), pair(values, less), pair(less, less)]).toEqual(['settling', 'settling', 'settling']);
  });
});
