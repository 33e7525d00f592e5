import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bubbleF, dewF } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import type { Plate } from './expected';
import { expectedPressures } from './expected-pressures';

const PLATE: Plate = { refrigerant: 'R-410A', metering: 'txv', nominalTons: 3, targetSubcoolF: 10, ratedLoadA: 14 };
const AIR = { outdoorF: 95, returnDryBulbF: 80, returnWetBulbF: 67, barometerPsia: 14.696 };

describe('where the pressures of a sound system lie', () => {
  it('at 95/80/67 °F evaporates near 45 °F and condenses 15 to 25 °F over the outdoors (common practice)', () => {
    const p = expectedPressures(PLATE, AIR)!;
    expect(dewF('R-410A', p.suctionPsig.expected + AIR.barometerPsia)).toBeGreaterThan(40);
    expect(dewF('R-410A', p.suctionPsig.expected + AIR.barometerPsia)).toBeLessThan(50);
    const over = bubbleF('R-410A', p.liquidPsig.expected + AIR.barometerPsia) - AIR.outdoorF;
    expect(over).toBeGreaterThan(12);
    expect(over).toBeLessThan(27);
  });

  it('for every refrigerant and air: in order, head over suction, both rise with their air (random)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...REFRIGERANTS),
        fc.constantFrom('txv' as const, 'fixed-orifice' as const),
        fc.double({ min: 70, max: 108, noNaN: true }),
        fc.double({ min: 60, max: 70, noNaN: true }),
        (refrigerant, metering, outdoorF, returnWetBulbF) => {
          const plate = { ...PLATE, refrigerant, metering };
          const at = (o: number, wb: number) => expectedPressures(plate, { ...AIR, outdoorF: o, returnWetBulbF: wb })!;
          const p = at(outdoorF, returnWetBulbF);
          for (const band of [p.suctionPsig, p.liquidPsig]) {
            expect(band.low).toBeLessThan(band.expected);
            expect(band.expected).toBeLessThan(band.high);
          }
          expect(p.liquidPsig.low).toBeGreaterThan(p.suctionPsig.high);
          expect(at(outdoorF + 6, returnWetBulbF).liquidPsig.expected).toBeGreaterThan(p.liquidPsig.expected);
          expect(at(outdoorF, returnWetBulbF + 3).suctionPsig.expected).toBeGreaterThan(p.suctionPsig.expected);
        },
      ),
      { numRuns: 30 },
    );
  });
});
