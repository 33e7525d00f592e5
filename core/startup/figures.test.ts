import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { english, told } from '@/core/words/testing/english';
import { FIGURE_IDS, missOf } from './figure';
import { deriveFigures } from './figures';
import { QUANTITIES, type Quantity, type Readings } from './quantities';
import { DEFAULT_SCHOOLS, type StartUpSystem } from './system';

const SYSTEM: StartUpSystem = {
  refrigerant: 'R-410A',
  metering: 'txv',
  nominalTons: 3,
  targetSubcoolingF: 10,
  targetSource: 'plate',
  compressorRlaA: 14.1,
  outdoorFanFlaA: 1.2,
  plateVolts: '208/230',
  inverter: false,
  barometerPsia: 14.696,
  chargeTargetOz: 120,
  chargeInOz: 120,
  trimOz: 0,
  heldBackOz: 0,
  learned: [],
};
const of = (values: Partial<Record<Quantity, number>>): Readings =>
  Object.fromEntries(
    Object.entries(values).map(([k, value]) => [
      k,
      { value, uncertainty: QUANTITIES[k as Quantity].uncertainty, source: 'typed' },
    ]),
  );
const derive = (values: Partial<Record<Quantity, number>>, system = SYSTEM) =>
  deriveFigures(system, of(values), undefined, DEFAULT_SCHOOLS);

describe('figures decode what the saturation tables encoded', () => {
  it('for any superheat, subcooling and station pressure, within a hundredth of a degree', () => {
    const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        between(20, 60),
        between(80, 130),
        between(0, 30),
        between(0, 25),
        between(10.5, 14.7),
        fc.constantFrom('R-410A' as const, 'R-454B' as const, 'R-407C' as const),
        (te, tc, sh, sc, barometerPsia, refrigerant) => {
          const { byId, saturation } = derive(
            {
              suctionPsig: dewPsia(refrigerant, te) - barometerPsia,
              suctionLineF: te + sh,
              liquidPsig: bubblePsia(refrigerant, tc) - barometerPsia,
              liquidLineF: tc - sc,
            },
            { ...SYSTEM, refrigerant, barometerPsia },
          );
          expect(byId.superheat.value).toBeCloseTo(sh, 2);
          expect(byId.subcooling.value).toBeCloseTo(sc, 2);
          expect(saturation.evaporatingF).toBeCloseTo(te, 2);
          expect(saturation.condensingF).toBeCloseTo(tc, 2);
        },
      ),
    );
  });
  it('condensing over outdoor is subcooling plus approach: the ladder’s own identity', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 70, max: 110, noNaN: true }),
        fc.double({ min: 8, max: 35, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (outdoorDryBulbF, over, sc) => {
          const condensing = outdoorDryBulbF + over;
          const { byId } = derive({
            outdoorDryBulbF,
            liquidPsig: bubblePsia('R-410A', condensing) - 14.696,
            liquidLineF: condensing - sc,
          });
          expect(byId['condensing-over-ambient'].value!).toBeCloseTo(byId.subcooling.value! + byId.approach.value!, 6);
        },
      ),
    );
  });
});

describe('what is missing', () => {
  it('without readings no figure has a value, each says what it needs, and its working is still there', () => {
    const { byId } = derive({});
    for (const id of FIGURE_IDS) {
      expect(byId[id].value, id).toBeUndefined();
      expect(byId[id].missing, id).toBeTruthy();
      expect(byId[id].working.length, id).toBeGreaterThan(0);
      expect(english(byId[id].formula).length, id).toBeGreaterThan(3);
      expect(english(byId[id].source).length, id).toBeGreaterThan(3);
    }
  });
  it('a lost instrument is a missing reading, not a number', () => {
    const readings = of({ liquidPsig: 370, liquidLineF: 100 });
    readings.liquidPsig = { ...readings.liquidPsig!, trouble: 'lost' };
    expect(told(deriveFigures(SYSTEM, readings, undefined, DEFAULT_SCHOOLS).byId.subcooling)).toMatchObject({
      value: undefined,
      missing: 'needs liquid pressure',
    });
  });
  it('no target where there is none: an orifice has no subcooling target, a valve no plate value, cold air no superheat target', () => {
    expect(told(derive({}, { ...SYSTEM, metering: 'fixed-orifice' }).byId.subcooling)).toMatchObject({
      target: undefined,
      noTarget: 'a fixed orifice is judged by superheat',
    });
    expect(told(derive({}, { ...SYSTEM, targetSubcoolingF: undefined }).byId.subcooling)).toMatchObject({
      target: undefined,
      noTarget: 'no subcooling on the plate',
    });
    const hot = derive({ returnWetBulbF: 57, outdoorDryBulbF: 100 }, { ...SYSTEM, metering: 'fixed-orifice' });
    expect(told(hot.byId.superheat)).toMatchObject({
      target: undefined,
      noTarget: expect.stringContaining('weighed charge'),
    });
  });
  it('the company’s school sets the width of the slot', () => {
    const wide = deriveFigures(SYSTEM, {}, undefined, { ...DEFAULT_SCHOOLS, subcoolingToleranceF: 5 });
    expect(wide.byId.subcooling.target).toMatchObject({ low: 5, high: 15 });
  });
});

describe('the size of a miss', () => {
  it('is 0 at the target, 1 at the edge of the slot, signed by side', () => {
    const at = (value: number) => missOf({ ...derive({}).byId.subcooling, value });
    expect(at(10)).toBe(0);
    expect(at(13)).toBe(1);
    expect(at(7)).toBe(-1);
    expect(at(4)).toBe(-2);
  });
});
