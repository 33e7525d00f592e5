import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dewF } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { MIDDLE, ratedUnit } from './design';
import { type HeatingCondition, solveHeating } from './heating';

const DAY: HeatingCondition = {
  outdoorF: 47,
  returnF: 70,
  barometerPsia: 14.696,
  chargeRatio: 1,
  indoorAir: 1,
  outdoorAir: 1,
  pumping: 1,
  bypassed: 0,
  frost: 0,
};
const unit = (refrigerant: (typeof REFRIGERANTS)[number]) => ratedUnit({ ...MIDDLE, refrigerant, metering: 'txv' })!;
const run = (change: Partial<HeatingCondition> = {}, refrigerant: (typeof REFRIGERANTS)[number] = 'R-410A') =>
  solveHeating(unit(refrigerant), { ...DAY, ...change });

describe('a unit run backwards', () => {
  it.each(REFRIGERANTS)('%s: gives about its tons at 47 °F, 60 to 75 %% of that at 17 °F (common practice)', (r) => {
    const at47 = run({}, r).heatBtuh;
    const at17 = run({ outdoorF: 17 }, r).heatBtuh;
    expect(at47).toBeGreaterThan(10_800);
    expect(at47).toBeLessThan(13_500);
    expect(at17 / at47).toBeGreaterThan(0.6);
    expect(at17 / at47).toBeLessThan(0.75);
  });
  it('the heat that the house gets is what the outdoors and the compressor give, within 1 %', () => {
    const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...REFRIGERANTS),
        between(0, 62),
        between(60, 76),
        between(0.6, 1.3),
        between(0.7, 1.1),
        between(0, 0.9),
        between(11.5, 14.8),
        (r, outdoorF, returnF, indoorAir, chargeRatio, frost, barometerPsia) => {
          const s = run({ outdoorF, returnF, indoorAir, chargeRatio, frost, barometerPsia }, r);
          expect(s.residual * 12_000).toBeLessThan(0.01 * s.heatBtuh);
          expect(s.evaporatingF).toBeLessThan(outdoorF);
          expect(s.condensingF).toBeGreaterThan(returnF);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('gives less heat when colder, frosted, short of charge or with a worn compressor', () => {
    const sound = run().heatBtuh;
    for (const change of [
      { outdoorF: 40 },
      { frost: 0.6 },
      { chargeRatio: 0.7 },
      { pumping: 0.75 },
      { bypassed: 0.08 },
    ])
      expect(run(change).heatBtuh, JSON.stringify(change)).toBeLessThan(sound);
  });
  it('little air over the indoor coil: warmer supply, higher head, more power', () => {
    const low = run({ indoorAir: 0.65 });
    expect(low.supplyDryBulbF).toBeGreaterThan(run().supplyDryBulbF + 5);
    expect(low.condensingF).toBeGreaterThan(run().condensingF + 5);
    expect(low.compressorW).toBeGreaterThan(run().compressorW);
  });
  it('the outdoor coil stands below the air by what heat pumps show, and the hot line near the rule', () => {
    const s = run();
    const te = dewF('R-410A', s.suctionPsia);
    expect(47 - te).toBeGreaterThan(10);
    expect(47 - te).toBeLessThan(25);
    // Outdoors + 100 to 110 °F, ± 15 (common practice, a hint).
    expect(s.dischargeLineF - 47).toBeGreaterThan(90);
    expect(s.dischargeLineF - 47).toBeLessThan(125);
  });
});
