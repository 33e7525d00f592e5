import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bubbleF, dewF } from '@/core/refrigerant/lookup';
import { type CycleInput, solveCycle } from './cycle';

/** 95 °F outdoor, 80/67 °F indoor, 1,200 CFM, sea level, 3 tons: the point every sign below departs from. */
const NOMINAL: CycleInput = {
  refrigerant: 'R-410A',
  metering: 'txv',
  tons: 3,
  chargeRatio: 1,
  outdoorF: 95,
  returnF: 80,
  returnWetBulbF: 67,
  barometerPsia: 14.696,
  volts: 240,
  indoorAir: 1,
  outdoorAir: 1,
  condenserClean: 1,
  meterOpening: 1,
  compressorHealth: 1,
  nonCondensablePsi: 0,
};

/** What the instruments would make of a state: the same saturation tables decode what they encoded. */
function read(change: Partial<CycleInput>) {
  const input = { ...NOMINAL, ...change };
  const o = solveCycle(input);
  return {
    ...o,
    suctionPsig: o.suctionPsia - 14.696,
    liquidPsig: o.liquidPsia - 14.696,
    sh: o.suctionLineF - dewF(input.refrigerant, o.suctionPsia),
    sc: bubbleF(input.refrigerant, o.liquidPsia) - o.liquidLineF,
    split: input.returnF - o.supplyF,
    overAmbient: o.state.condensingF - input.outdoorF,
    pctRla: (100 * o.compressorA) / 14.1,
  };
}

describe('nominal point of the invented system', () => {
  it.each([
    ['R-410A', 'txv', 130, 394, 11.4, 10.6, 20.1, 35_800],
    ['R-454B', 'txv', 118, 374, 11, 11, 19.9, 35_300],
    ['R-410A', 'fixed-orifice', 129, 394, 13.0, 10.7, 20.1, 35_800],
  ] as const)('%s %s', (refrigerant, metering, suction, liquid, sh, sc, split, net) => {
    const r = read({ refrigerant, metering });
    expect(Math.abs(r.suctionPsig - suction)).toBeLessThan(2);
    expect(Math.abs(r.liquidPsig - liquid)).toBeLessThan(3);
    expect(Math.abs(r.sh - sh)).toBeLessThan(1);
    expect(Math.abs(r.sc - sc)).toBeLessThan(0.6);
    expect(Math.abs(r.split - split)).toBeLessThan(0.5);
    expect(Math.abs(r.netBtuh / net - 1)).toBeLessThan(0.02);
    expect(Math.abs(r.compressorA - 12.1)).toBeLessThan(0.2);
  });
});

describe('faults move the readings the right way', () => {
  for (const refrigerant of ['R-410A', 'R-454B'] as const) {
    const nominal = read({ refrigerant });
    const piston = read({ refrigerant, metering: 'fixed-orifice' });

    it(`${refrigerant} TXV: subcooling and head fall with charge, superheat holds until the valve starves`, () => {
      const rows = [1.2, 1.1, 1, 0.9, 0.8].map((chargeRatio) => read({ refrigerant, chargeRatio }));
      for (let i = 1; i < rows.length; i++) {
        expect(rows[i]!.sc).toBeLessThan(rows[i - 1]!.sc);
        expect(rows[i]!.liquidPsig).toBeLessThan(rows[i - 1]!.liquidPsig);
        expect(Math.abs(rows[i]!.sh - nominal.sh)).toBeLessThan(3);
      }
      expect(rows[4]!.sc).toBeLessThan(1.1);
      expect(read({ refrigerant, chargeRatio: 0.7 }).sh).toBeGreaterThan(nominal.sh + 6);
    });

    it(`${refrigerant} orifice: superheat rises as charge falls`, () => {
      const rows = [1.2, 1.1, 1, 0.9, 0.8].map(
        (chargeRatio) => read({ refrigerant, metering: 'fixed-orifice', chargeRatio }).sh,
      );
      for (let i = 1; i < rows.length; i++) expect(rows[i]!).toBeGreaterThan(rows[i - 1]!);
      expect(rows[0]!).toBeLessThan(3);
      expect(rows[4]!).toBeGreaterThan(22);
    });

    it(`${refrigerant}: low indoor air raises the split and drops suction`, () => {
      const r = read({ refrigerant, indoorAir: 0.7 });
      expect(r.split - nominal.split).toBeGreaterThan(3.5);
      expect(nominal.suctionPsig - r.suctionPsig).toBeGreaterThan(5);
      expect(Math.abs(r.sh - nominal.sh)).toBeLessThan(1.5);
    });

    it(`${refrigerant}: low outdoor air raises head, condensing over ambient and amps`, () => {
      const r = read({ refrigerant, outdoorAir: 0.6 });
      expect(r.liquidPsig - nominal.liquidPsig).toBeGreaterThan(45);
      expect(r.overAmbient).toBeGreaterThan(28);
      expect(r.pctRla).toBeGreaterThan(93);
    });

    it(`${refrigerant}: air in the system raises head and shows subcooling that is not there`, () => {
      const r = read({ refrigerant, nonCondensablePsi: 30 });
      expect(r.liquidPsig - nominal.liquidPsig).toBeGreaterThan(25);
      expect(r.sc - nominal.sc).toBeGreaterThan(4);
    });

    it(`${refrigerant}: a weak compressor shows high suction, low head, low amps`, () => {
      const r = read({ refrigerant, compressorHealth: 0.75 });
      expect(r.suctionPsig - nominal.suctionPsig).toBeGreaterThan(6);
      expect(nominal.liquidPsig - r.liquidPsig).toBeGreaterThan(12);
      expect(r.pctRla).toBeLessThan(76);
    });

    it(`${refrigerant}: a mild restriction is masked by the valve, a hard one starves the coil`, () => {
      expect(Math.abs(read({ refrigerant, meterOpening: 0.8 }).sh - nominal.sh)).toBeLessThan(2);
      const hard = read({ refrigerant, meterOpening: 0.6 });
      expect(hard.sh).toBeGreaterThan(nominal.sh + 15);
      expect(hard.suctionPsig).toBeLessThan(nominal.suctionPsig - 5);
    });

    it(`${refrigerant}: capacity and amps follow the outdoor air`, () => {
      const cool = read({ refrigerant, outdoorF: 75 });
      const hot = read({ refrigerant, outdoorF: 115 });
      expect(cool.pctRla).toBeLessThan(70);
      expect(hot.pctRla).toBeGreaterThan(100);
      expect(cool.netBtuh).toBeGreaterThan(nominal.netBtuh);
      expect(hot.netBtuh).toBeLessThan(nominal.netBtuh);
      expect(piston.sh).toBeGreaterThan(read({ refrigerant, metering: 'fixed-orifice', outdoorF: 105 }).sh);
    });
  }
});

describe('conservation', () => {
  it('heat balances within 1 % over random conditions', () => {
    const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom('R-410A' as const, 'R-454B' as const),
        fc.constantFrom('txv' as const, 'fixed-orifice' as const),
        between(0.75, 1.15),
        between(70, 110),
        between(72, 84),
        between(0.7, 1.2),
        (refrigerant, metering, chargeRatio, outdoorF, returnF, indoorAir) => {
          const o = solveCycle({
            ...NOMINAL,
            refrigerant,
            metering,
            chargeRatio,
            outdoorF,
            returnF,
            returnWetBulbF: returnF - 13,
            indoorAir,
          });
          if (!o.outsideModel) expect(Math.abs(o.residualBtuh)).toBeLessThan(0.01 * o.netBtuh);
        },
      ),
      { numRuns: 150 },
    );
  });
  it('extensive quantities scale with size, intensive ones do not', () => {
    const three = solveCycle(NOMINAL);
    const five = solveCycle({ ...NOMINAL, tons: 5 });
    expect(five.netBtuh / three.netBtuh).toBeCloseTo(5 / 3, 6);
    expect(five.compressorA / three.compressorA).toBeCloseTo(5 / 3, 6);
    expect(five.suctionPsia).toBeCloseTo(three.suctionPsia, 9);
  });
  it('says when it is outside its own range', () => {
    expect(solveCycle({ ...NOMINAL, outdoorF: 125, outdoorAir: 0.45 }).outsideModel).toBe(true);
  });
});
