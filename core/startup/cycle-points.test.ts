import { describe, expect, it } from 'vitest';
import { MIDDLE, RATED, ratedUnit } from '@/core/plant/unit/design';
import { SOUND, solveSteady } from '@/core/plant/unit/steady';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { saturatedStates } from '@/core/refrigerant/state';
import { cyclePoints, isotherm, saturationDome } from './cycle-points';
import type { Readings } from './quantities';
import { startUpReadings } from './testing/sample-start-up';

const typed = (value: number) => ({ value, uncertainty: 1, source: 'typed' as const });

describe('the cycle of a running system', () => {
  it('of a solved unit: a pound takes up in the coil what the coil’s heat and its mass flow say (first law)', () => {
    const unit = ratedUnit({ ...MIDDLE, refrigerant: 'R-410A', metering: 'txv' })!;
    const s = solveSteady(unit, { ...RATED, ...SOUND });
    const readings: Readings = {
      suctionPsig: typed(s.suctionPsia - 14.696),
      liquidPsig: typed(s.liquidPsia - 14.696),
      suctionLineF: typed(s.suctionLineF),
      liquidLineF: typed(s.liquidLineF),
      dischargeLineF: typed(s.dischargeLineF),
    };
    const c = cyclePoints('R-410A', readings, 14.696)!;
    // By the compressor: its work a pound against its power gives the mass flow; that times the effect is the coil’s heat.
    const massLbH = (s.compressorW * 3.412 * 0.93) / c.workBtuLb;
    expect(Math.abs((massLbH * c.effectBtuLb) / s.coilBtuh - 1)).toBeLessThan(0.06);
    expect(c.dischargeEstimated).toBe(false);
    expect(c.evaporator.btuLb).toBe(c.liquid.btuLb);
    expect(c.evaporator.psia).toBe(c.suction.psia);
    expect(c.discharge.psia).toBe(c.liquid.psia);
  });
  it('without a discharge reading it is estimated, and said so; missing or impossible readings give nothing', () => {
    const c = cyclePoints('R-454B', startUpReadings(), 14.696)!;
    expect(c.dischargeEstimated).toBe(true);
    expect(c.workBtuLb).toBeGreaterThan(8);
    expect(c.workBtuLb).toBeLessThan(30);
    expect(c.effectBtuLb).toBeGreaterThan(55);
    const { liquidLineF: _, ...without } = startUpReadings();
    expect(cyclePoints('R-454B', without, 14.696)).toBeUndefined();
    expect(cyclePoints('R-454B', { ...startUpReadings(), suctionPsig: typed(500) }, 14.696)).toBeUndefined();
    expect(cyclePoints('R-454B', { ...startUpReadings(), suctionPsig: typed(-14) }, 14.696)).toBeUndefined();
    expect(cyclePoints('R-454B', { ...startUpReadings(), liquidLineF: typed(170) }, 14.696)).toBeUndefined();
    const silent = { ...typed(56), trouble: { say: 'x' } as never };
    expect(cyclePoints('R-454B', { ...startUpReadings(), suctionLineF: silent }, 14.696)).toBeUndefined();
  });
  it('a wet suction line and warm liquid lie on the lines; a discharge below its dew point is no discharge', () => {
    const wet = cyclePoints('R-454B', startUpReadings({ sh: -3 }), 14.696)!;
    expect(wet.suction.btuLb).toBeCloseTo(saturatedStates('R-454B', 44).vapour.btuLb, 3);
    const warm = cyclePoints('R-454B', startUpReadings({ sc: -2 }), 14.696)!;
    expect(warm.liquid.btuLb).toBeCloseTo(saturatedStates('R-454B', 116).liquid.btuLb, 3);
    const cold = cyclePoints('R-454B', { ...startUpReadings(), dischargeLineF: typed(90) }, 14.696)!;
    expect(cold.dischargeEstimated).toBe(true);
  });
});

describe.each(REFRIGERANTS)('the sheet of %s', (r) => {
  it('the dome rises on both sides, vapor to the right of liquid', () => {
    const { liquid, vapour } = saturationDome(r);
    expect(liquid.length).toBe(43);
    liquid.forEach((p, i) => {
      expect(vapour[i]!.btuLb).toBeGreaterThan(p.btuLb);
      if (i) expect(p.psia).toBeGreaterThan(liquid[i - 1]!.psia);
      if (i) expect(p.btuLb).toBeGreaterThan(liquid[i - 1]!.btuLb);
    });
  });
  it('an isotherm crosses the dome at its own temperature and runs out to the right as pressure falls', () => {
    const line = isotherm(r, 60, 20, 600);
    expect(line[0]!.psia).toBe(600);
    expect(line[1]!.psia).toBeCloseTo(bubblePsia(r, 60), 9);
    expect(line[2]!.psia).toBeCloseTo(dewPsia(r, 60), 9);
    for (let i = 3; i < line.length; i++) {
      expect(line[i]!.psia).toBeLessThan(line[i - 1]!.psia);
      expect(line[i]!.btuLb).toBeGreaterThan(line[i - 1]!.btuLb - 0.01);
    }
    expect(line.at(-1)!.psia).toBeCloseTo(20, 6);
    const hot = isotherm(r, 200, 20, 600);
    expect(hot.length).toBe(13);
    expect(hot[0]!.psia).toBeLessThanOrEqual(600);
  });
});
