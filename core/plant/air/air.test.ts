import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { furnaceProofSchema, judgeFurnace } from '@/core/furnace/furnace-proof';
import { judgeStaticBudget, staticBudgetSchema } from '@/core/startup/acceptance/static-budget';
import { sensibleFactor } from '@/core/startup/capacity';
import { judgeStrip, stripSchema } from '@/core/startup/electric-heat';
import { airThrough, type Blower, USUAL_BLOWER } from './blower';
import { type Burner, fireOf } from './burner';
import { readFurnace, readStatic, readStrip } from './stand-in';
import { stripPower, stripRiseF } from './strips';

const CONSTANT: Blower = { ...USUAL_BLOWER, kind: 'constant-air' };
const loads = fc.double({ min: 1, max: 8, noNaN: true });

describe('a blower against its ducts', () => {
  it('drops go with the square of the air, and sum to the whole', () => {
    fc.assert(
      fc.property(loads, fc.constantFrom(USUAL_BLOWER, CONSTANT), (loaded, blower) => {
        const air = airThrough(blower, loaded);
        expect(air.returnInWc + air.supplyInWc).toBeCloseTo(air.totalInWc, 6);
        expect(air.filterInWc).toBeCloseTo(blower.filterInWc * loaded * air.share ** 2, 6);
      }),
    );
  });
  it('a loaded filter costs air and static; the more it is loaded the more', () => {
    fc.assert(
      fc.property(loads, loads, (a, b) => {
        const [low, high] = [airThrough(USUAL_BLOWER, Math.min(a, b)), airThrough(USUAL_BLOWER, Math.max(a, b))];
        expect(high.share).toBeLessThanOrEqual(low.share + 1e-6);
        expect(high.totalInWc).toBeGreaterThanOrEqual(low.totalInWc - 1e-6);
      }),
    );
  });
  it('a constant-air motor holds its air where the other one loses it, until its power ends', () => {
    expect(airThrough(CONSTANT, 3).share).toBeCloseTo(1, 2);
    expect(airThrough(USUAL_BLOWER, 3).share).toBeLessThan(0.93);
    expect(airThrough(CONSTANT, 8).share).toBeLessThan(0.95);
  });
});

describe('strips', () => {
  // 10 kW at 240 V: 7.51 kW and 36.1 A at 208 V (worked case of the trade).
  it('give by the square of the volts', () => {
    const { watts, amps } = stripPower({ kw: 10, stages: 1 }, 1, 208);
    expect(watts).toBeCloseTo(7511, 0);
    expect(amps).toBeCloseTo(36.1, 1);
  });
  it('warm the air by what they draw', () => {
    // 236 V, 39.8 A and 26 °F are 1,141 CFM at sea level (worked case of the trade).
    expect(stripRiseF(236 * 39.8, 1141, sensibleFactor(0))).toBeCloseTo(26, 1);
    expect(stripRiseF(5000, 0, 1.08)).toBe(0);
  });
  it('are read as stages that are good by themselves', () => {
    const read = readStrip({ kw: 10, stages: 2 }, 2, 240);
    expect(stripSchema.safeParse(read).success).toBe(true);
    expect(judgeStrip(stripSchema.parse(read)).every((f) => f.verdict === 'good')).toBe(true);
  });
});

describe('a simulated fire', () => {
  const BURNER: Burner = {
    inputBtuh: 80_000,
    efficiency: 0.8,
    plateManifoldInWc: 3.5,
    manifoldInWc: 3.5,
    derated: true,
    elevationFt: 500,
    cfm: 1200,
    stage: 1,
  };
  it('what goes in comes out: into the air and lost', () => {
    fc.assert(
      fc.property(
        fc.record({
          inputBtuh: fc.double({ min: 30_000, max: 150_000, noNaN: true }),
          manifoldInWc: fc.double({ min: 1, max: 5, noNaN: true }),
          elevationFt: fc.integer({ min: 0, max: 9000 }),
          cfm: fc.double({ min: 400, max: 3000, noNaN: true }),
        }),
        (change) => {
          const b = { ...BURNER, ...change };
          const f = fireOf(b);
          expect(f.airBtuh + f.lostBtuh).toBeCloseTo(f.inputBtuh, 3);
          expect((f.riseF * sensibleFactor(b.elevationFt) * b.cfm) / f.airBtuh).toBeCloseTo(1, 9);
        },
      ),
    );
  });
  it('follows its manifold by the square root, and its elevation by the older rule', () => {
    expect(fireOf(BURNER)).toMatchObject({ inputBtuh: 80_000, coAirFreePpm: 25 });
    expect(fireOf({ ...BURNER, manifoldInWc: 3.5 * 1.21 }).inputBtuh).toBeCloseTo(88_000, 6);
    // 4,500 ft: 0.82 (NFPA 54, older rule).
    expect(fireOf({ ...BURNER, elevationFt: 4500 }).inputBtuh).toBeCloseTo(65_600, 6);
  });
  it('not taken down for its elevation it burns too much, and makes carbon monoxide', () => {
    const high = { ...BURNER, elevationFt: 5280 };
    expect(fireOf({ ...high, derated: false }).coAirFreePpm).toBeGreaterThan(400);
    expect(fireOf(high).coAirFreePpm).toBe(25);
  });
  it.each([1, 2])('of %d stages is read as a furnace that is good in everything but its vent', (stages) => {
    const read = readFurnace({ inputBtuh: 80_000, elevationFt: 4500, cfm: 1212 }, stages);
    expect(furnaceProofSchema.safeParse(read).success).toBe(true);
    const bad = judgeFurnace(furnaceProofSchema.parse(read), { elevationFt: 4500, stages }).filter(
      (f) => f.verdict !== 'good',
    );
    expect(bad).toEqual([]);
  });
});

describe('simulated static', () => {
  it('is good with a clean filter and names a loaded one', () => {
    const judged = (loaded: number) =>
      Object.fromEntries(
        judgeStaticBudget(staticBudgetSchema.parse(readStatic(USUAL_BLOWER, loaded))).map((f) => [f.id, f.verdict]),
      );
    expect(judged(1)).toEqual({ static: 'good', 'static-filter': 'good' });
    expect(judged(5)).toEqual({ static: 'look-again', 'static-filter': 'look-again' });
  });
});
