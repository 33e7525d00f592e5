import { describe, expect, it } from 'vitest';
import { barometerPsia, moistAir } from './moist-air';

describe('moist air', () => {
  it('station pressure follows the standard atmosphere (ASHRAE Fundamentals ch. 1: 12.228 psia at 5,000 ft)', () => {
    expect(barometerPsia(0)).toBeCloseTo(14.696, 3);
    expect(barometerPsia(5000)).toBeCloseTo(12.228, 2);
    expect(barometerPsia(5280)).toBeCloseTo(12.1, 2);
  });

  // Sea level and 5,280 ft rows computed from the ASHRAE relations.
  it.each([
    [80, 67, 0, 0.01117, 31.45],
    [75, 62.5, 0, 0.0092, 28.07],
    [75, 62.5, 5280, 0.01184, 30.96],
  ])('%d/%d °F at %d ft', (dryBulbF, wetBulbF, elevationFt, w, h) => {
    const air = moistAir({ dryBulbF, wetBulbF, elevationFt });
    expect(air.ok && air.value.humidityRatioLbLb).toBeCloseTo(w, 4);
    expect(Math.abs((air.ok ? air.value.enthalpyBtuLb : 0) - h)).toBeLessThan(0.02);
  });

  it('wet bulb and relative humidity lead to the same air', () => {
    const byWet = moistAir({ dryBulbF: 78, wetBulbF: 65, elevationFt: 2000 });
    if (!byWet.ok) throw new Error('refused');
    const byRh = moistAir({ dryBulbF: 78, relativeHumidityPct: byWet.value.relativeHumidityPct, elevationFt: 2000 });
    expect(byRh.ok && byRh.value.humidityRatioLbLb).toBeCloseTo(byWet.value.humidityRatioLbLb, 7);
    expect(byRh.ok && byRh.value.wetBulbF).toBeCloseTo(65, 1);
  });

  it.each([
    [{ dryBulbF: 75, wetBulbF: 80 }, 'wetBulbF'],
    [{ dryBulbF: 75 }, 'wetBulbF'],
    [{ dryBulbF: 75, wetBulbF: 60, relativeHumidityPct: 50 }, 'wetBulbF'],
    [{ dryBulbF: 75, wetBulbF: 20 }, 'wetBulbF'],
    [{ dryBulbF: 75, relativeHumidityPct: 130 }, 'relativeHumidityPct'],
    [{ dryBulbF: 500, wetBulbF: 60 }, 'dryBulbF'],
  ])('refuses %o', (input, field) => {
    expect(moistAir(input)).toMatchObject({ ok: false, refused: { field } });
  });
});
