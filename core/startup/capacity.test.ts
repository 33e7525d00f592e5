import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { given } from '@/core/finding/testing/given';
import { coAirFree, gasAirflow, gasAltitude, gasPipeHold, meterClock } from '@/core/furnace/gas';
import { stripHeat } from '@/core/power/strip-heat';
import { heatingCapacityLine } from '@/core/sizing/heating-line';
import { airCapacity, heatRiseCapacity, mixedAir } from './capacity';

const air = (cfm: number, back: [number, number], supply: [number, number], elevationFt = 0) => ({
  cfm,
  returnDryBulbF: back[0],
  returnWetBulbF: back[1],
  supplyDryBulbF: supply[0],
  supplyWetBulbF: supply[1],
  elevationFt,
});

describe('air capacity, worked by hand with ASHRAE relations', () => {
  it('two thousand CFM, 76/64 to 58/56.2: 47,548 Btu/h, 84 % sensible; the sea-level shortcut gives 47,228', () => {
    const v = given(airCapacity(air(2000, [76, 64], [58, 56.2])));
    expect(Math.abs(v.totalBtuh - 47548)).toBeLessThan(60);
    expect(v.sensibleRatio).toBeCloseTo(0.84, 2);
    expect(v.latentBtuh).toBeCloseTo(v.totalBtuh - v.sensibleBtuh, 9);
    expect(v.plausible).toBe(true);
  });
  it('the same bulbs at 5,280 ft carry 6 % less: 24,143 and 22,699 Btu/h', () => {
    expect(Math.abs(given(airCapacity(air(1175, [75, 62.5], [57, 55.6]))).totalBtuh - 24143)).toBeLessThan(40);
    expect(Math.abs(given(airCapacity(air(1175, [75, 62.5], [57, 55.6], 5280))).totalBtuh - 22699)).toBeLessThan(40);
  });
  it('more sensible than total heat is marked: 75/55 to 57/48 gives 1.11', () => {
    const v = given(airCapacity(air(1000, [75, 55], [57, 48])));
    expect(v.sensibleRatio).toBeCloseTo(1.11, 2);
    expect(v.plausible).toBe(false);
  });
  it('refuses what does not cool and bulbs that cannot be', () => {
    expect(airCapacity(air(1000, [75, 63], [75, 60]))).toMatchObject({
      ok: false,
      refused: { field: 'supplyDryBulbF' },
    });
    expect(airCapacity(air(1000, [75, 76], [57, 55]))).toMatchObject({
      ok: false,
      refused: { field: 'returnWetBulbF' },
    });
    expect(airCapacity(air(1000, [75, 63], [57, 58]))).toMatchObject({
      ok: false,
      refused: { field: 'supplyWetBulbF' },
    });
    expect(airCapacity(air(1000, [75, 50], [60, 60]))).toMatchObject({
      ok: false,
      refused: { field: 'supplyWetBulbF' },
    });
    expect(airCapacity(air(1000, [75, 75], [57, 57])).ok).toBe(true);
  });
  it('twice the air carries twice the heat', () => {
    fc.assert(
      fc.property(fc.double({ min: 100, max: 5000, noNaN: true }), (cfm) => {
        const one = given(airCapacity(air(cfm, [78, 65], [57, 55])));
        const two = given(airCapacity(air(2 * cfm, [78, 65], [57, 55])));
        expect(two.totalBtuh / one.totalBtuh).toBeCloseTo(2, 9);
      }),
    );
  });
});

describe('heat on the air stream', () => {
  it('35,000 Btu/h in 1,180 CFM is a rise of 27.5 °F (worked by hand)', () => {
    expect(Math.abs(given(heatRiseCapacity({ cfm: 1180, riseF: 27.5 })).btuh - 35046)).toBeLessThan(1);
  });
  it('76,800 Btu/h over 55 °F: 1,293 CFM at sea level, 1,570 at 5,280 ft; there and back gives the heat again', () => {
    expect(Math.abs(given(gasAirflow({ outputBtuh: 76800, riseF: 55 })).cfm - 1293)).toBeLessThan(1);
    const { cfm } = given(gasAirflow({ outputBtuh: 76800, riseF: 55, elevationFt: 5280 }));
    expect(Math.abs(cfm - 1570)).toBeLessThan(1.5);
    expect(given(heatRiseCapacity({ cfm, riseF: 55, elevationFt: 5280 })).btuh).toBeCloseTo(76800, 6);
  });
  it('mixed air: 79.8 between 76 and 95 is 20 % outdoor air; winter works too; outside or too near is refused', () => {
    expect(given(mixedAir({ mixedF: 79.8, returnF: 76, outdoorF: 95 })).outdoorAirPct).toBeCloseTo(20, 9);
    expect(given(mixedAir({ mixedF: 58, returnF: 70, outdoorF: 30 })).outdoorAirPct).toBeCloseTo(30, 9);
    expect(given(mixedAir({ mixedF: 70, returnF: 70, outdoorF: 30 })).outdoorAirPct).toBeCloseTo(0, 9);
    expect(given(mixedAir({ mixedF: 30, returnF: 70, outdoorF: 30 })).outdoorAirPct).toBe(100);
    expect(mixedAir({ mixedF: 96, returnF: 76, outdoorF: 95 })).toMatchObject({ refused: { field: 'mixedF' } });
    expect(mixedAir({ mixedF: 75, returnF: 76, outdoorF: 95 })).toMatchObject({ refused: { field: 'mixedF' } });
    expect(mixedAir({ mixedF: 72, returnF: 70, outdoorF: 79.9 })).toMatchObject({ refused: { field: 'outdoorF' } });
    expect(mixedAir({ mixedF: 72, returnF: 70, outdoorF: 80 }).ok).toBe(true);
  });
});

describe('gas', () => {
  it('two turns of half a foot clocked: 2 ft³ three times in 221 s at 1,028 is 97.7 ft³/h, 100,474 Btu/h', () => {
    const v = given(meterClock({ dialFt3: 2, revolutions: 3, seconds: 221, heatingValueBtuFt3: 1028 }));
    expect(v.cfh).toBeCloseTo(97.74, 2);
    expect(Math.abs(v.inputBtuh - 100474)).toBeLessThan(5);
  });
  it.each([
    [-500, 1],
    [0, 1],
    [2000, 1],
    [2001, 0.91996],
    [4500, 0.82],
    [7000, 0.72],
  ])('at %d ft a burner is set to %d of its plate', (elevationFt, factor) => {
    expect(given(gasAltitude({ elevationFt })).factor).toBeCloseTo(factor, 9);
  });
  it.each([
    [85, 8.4, 142],
    [40, 7, 60],
    [300, 9, 527],
    [0, 5, 0],
    [100, 0, 100],
  ])('%d ppm at %d %% oxygen is %d air-free', (coPpm, oxygenPct, wanted) => {
    expect(Math.abs(given(coAirFree({ coPpm, oxygenPct })).coAirFreePpm - wanted)).toBeLessThan(0.5);
  });
  it('room air is not flue gas', () => {
    expect(coAirFree({ coPpm: 10, oxygenPct: 20 })).toMatchObject({ ok: false, refused: { field: 'oxygenPct' } });
  });
  it('a gas pipe at 15 psig cools from 68 to 55 °F: 14.27 psig; nothing changes where nothing changed', () => {
    expect(given(gasPipeHold({ startPsig: 15, startF: 68, endF: 55 })).expectedPsig).toBeCloseTo(14.27, 2);
    expect(given(gasPipeHold({ startPsig: 15, startF: 68, endF: 68 })).expectedPsig).toBeCloseTo(15, 9);
    // Thinner air outside: less absolute pressure falls by less.
    const high = given(gasPipeHold({ startPsig: 15, startF: 68, endF: 55, barometerPsia: 11 })).expectedPsig;
    expect(high).toBeCloseTo(26 * (514.67 / 527.67) - 11, 6);
  });
});

describe('electric heat and heat pump lines', () => {
  it.each([
    [208, 7.51, 36.1],
    [230, 9.18, 39.9],
    [240, 10, 41.7],
  ])('ten kilowatts at 240 V on %d V: %d kW, %d A (Ohm’s law)', (volts, kw, amps) => {
    const v = given(stripHeat({ kw: 10, ratedVolts: 240, volts }));
    expect(v.kw).toBeCloseTo(kw, 2);
    expect(v.amps).toBeCloseTo(amps, 1);
  });
  it('35,000 and 21,000 Btu/h: straight 18,667 at 12 °F, 29,400 at 35 °F, 26,460 with frost; no dent at 17 and 45', () => {
    const at = (outdoorF: number, frostDent: boolean): number =>
      given(heatingCapacityLine({ q47Btuh: 35000, q17Btuh: 21000, outdoorF, frostDent })).btuh;
    expect(at(12, true)).toBeCloseTo(18666.7, 0);
    expect(at(35, false)).toBeCloseTo(29400, 6);
    expect(at(35, true)).toBeCloseTo(26460, 6);
    expect(at(17, true)).toBeCloseTo(21000, 6);
    expect(at(45, true)).toBeCloseTo(at(45, false), 6);
    expect(at(44, true)).toBeLessThan(at(44, false));
    expect(heatingCapacityLine({ q47Btuh: 35000, q17Btuh: 35000, outdoorF: 30, frostDent: false })).toMatchObject({
      ok: false,
      refused: { field: 'q17Btuh' },
    });
  });
});
