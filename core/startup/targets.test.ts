import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { airflowByHeatRise, airflowByStatic } from './airflow';
import { chargeStep } from './charge-step';
import { compressionRatio } from './circuit-figures';
import { targetAirSplit } from './target-split';
import { targetSuperheat } from './target-superheat';

describe('target superheat of a fixed orifice', () => {
  it.each([
    [63, 88, 10.5],
    [67, 95, 13],
    [70, 75, 27.5],
  ])('WB %d, outdoor %d → %d °F', (indoorWetBulbF, outdoorDryBulbF, wanted) => {
    expect(targetSuperheat({ indoorWetBulbF, outdoorDryBulbF })).toMatchObject({
      ok: true,
      value: { targetSuperheatF: wanted },
    });
  });

  // California Title 24 RA3.2-2 rows recalled from memory: agreement within 2 °F.
  it.each([
    [50, 55, 8.8],
    [60, 55, 23.1],
    [60, 60, 21.2],
    [70, 60, 35.9],
  ])('agrees with the published row WB %d, DB %d', (indoorWetBulbF, outdoorDryBulbF, row) => {
    const r = targetSuperheat({ indoorWetBulbF, outdoorDryBulbF });
    expect(Math.abs((r.ok ? r.value.targetSuperheatF : 99) - row)).toBeLessThan(2);
  });

  it.each([
    [60, 105],
    [57, 100],
  ])('is not applicable at WB %d, outdoor %d, and says from where it would be', (indoorWetBulbF, outdoorDryBulbF) => {
    const r = targetSuperheat({ indoorWetBulbF, outdoorDryBulbF });
    expect(r).toMatchObject({ ok: false, refused: { field: 'indoorWetBulbF' } });
    expect(english(!r.ok && r.refused.message)).toMatch(/weighed charge/);
  });
});

describe('target air split (Title 24 RA3.2-3, recalled; 79–84 °F extrapolated)', () => {
  it.each([
    [80, 67, 18.3],
    [75, 63, 18.6],
    [78, 60, 22.1],
    [72, 66, 14.7],
  ])('%d/%d → %d °F', (returnDryBulbF, returnWetBulbF, wanted) => {
    const r = targetAirSplit({ returnDryBulbF, returnWetBulbF });
    expect(Math.abs((r.ok ? r.value.targetSplitF : 99) - wanted)).toBeLessThan(0.06);
  });
  it('refuses wet bulb at or above dry bulb', () => {
    expect(targetAirSplit({ returnDryBulbF: 72, returnWetBulbF: 72 })).toMatchObject({
      ok: false,
      refused: { field: 'returnWetBulbF' },
    });
  });
});

describe('airflow', () => {
  it('strip heat: 236 V, 39.8 A, 26 °F is 1,141 CFM at sea level and 1,386 at 5,280 ft', () => {
    const sea = airflowByHeatRise({ volts: 236, amps: 39.8, riseF: 26 });
    const high = airflowByHeatRise({ volts: 236, amps: 39.8, riseF: 26, elevationFt: 5280 });
    expect(Math.abs((sea.ok ? sea.value.airflowCfm : 0) - 1141)).toBeLessThan(1);
    expect(Math.abs((high.ok ? high.value.airflowCfm : 0) - 1386)).toBeLessThan(1.5);
  });
  it('static outside the two table points is refused', () => {
    expect(
      airflowByStatic({
        tespInWc: 0.9,
        lowStaticInWc: 0.5,
        lowStaticCfm: 1150,
        highStaticInWc: 0.7,
        highStaticCfm: 1040,
      }),
    ).toMatchObject({ ok: false, refused: { field: 'tespInWc' } });
  });
});

describe('compression ratio uses absolute pressures', () => {
  it.each([
    [14.696, 2.8],
    [12.1, 2.83],
  ])('390/130 psig at %d psia', (barometerPsia, wanted) => {
    const r = compressionRatio({ suctionPsig: 130, liquidPsig: 390, barometerPsia });
    expect(r.ok && r.value.compressionRatio).toBeCloseTo(wanted, 2);
  });
});

describe('charge steps', () => {
  it('a 7.5 lb system at 4 of 10 °F asks 12 % but moves 3.6 oz', () => {
    expect(chargeStep({ systemChargeOz: 120, errorF: 6, metering: 'valve' })).toMatchObject({
      ok: true,
      value: { askOz: expect.closeTo(14.4, 6), stepOz: expect.closeTo(3.6, 6) },
    });
  });
  it('a large system never moves more than 4 oz at once, a small error only what it needs', () => {
    expect(chargeStep({ systemChargeOz: 400, errorF: 6, metering: 'valve' })).toMatchObject({
      ok: true,
      value: { stepOz: 4 },
    });
    const small = chargeStep({ systemChargeOz: 120, errorF: -0.5, metering: 'valve' });
    expect(small.ok && small.value.stepOz).toBeCloseTo(-1.2, 6);
  });
  it('after two steps it uses what this system did, held back to 0.7', () => {
    const r = chargeStep({
      systemChargeOz: 120,
      errorF: 1,
      metering: 'valve',
      learned: [
        { oz: 3.6, changeF: 1.8 },
        { oz: 3.6, changeF: 1.8 },
      ],
    });
    expect(r.ok && r.value.degreesPerOz).toBeCloseTo(0.5 / 0.7, 6);
    expect(english(r.ok && r.value.how)).toMatch(/from this system: 0.50 ± 0.12 °F an oz over 2 steps/);
    // Two equal steps scatter not at all: their own noise is what is left, 2·0.3/√(3.6² + 3.6²).
    expect(r.ok && r.value.offPerOz).toBeCloseTo(0.118, 3);
  });
  it('steps that disagree make its slope as unsure as they scatter; an estimate has no ± of its own', () => {
    const learned = [
      { oz: 4, changeF: 3 },
      { oz: 4, changeF: 1 },
    ];
    const r = chargeStep({ systemChargeOz: 120, errorF: 1, metering: 'valve', learned });
    // By hand: slope 0.5, residuals ±1 °F: 2·√(2/32).
    expect(r.ok && r.value.offPerOz).toBeCloseTo(0.5, 3);
    const first = chargeStep({ systemChargeOz: 120, errorF: 1, metering: 'valve' });
    expect(first.ok && first.value.offPerOz).toBeNull();
  });
});
