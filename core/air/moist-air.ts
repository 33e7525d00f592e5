import psychrolib from 'psychrolib';
import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { q } from '@/core/words/said';

// psychrolib keeps its unit system in a global; this file is the only one that touches it.
psychrolib.SetUnitSystem(psychrolib.IP);

export const elevationField = num(-1000, 15000, 'ft');

/** Station pressure from elevation in the standard atmosphere, psia. Source: ASHRAE Fundamentals ch. 1 (psychrolib). */
export function barometerPsia(elevationFt: number): number {
  return psychrolib.GetStandardAtmPressure(elevationFt);
}

export type MoistAir = {
  humidityRatioLbLb: number;
  enthalpyBtuLb: number;
  dewPointF: number;
  wetBulbF: number;
  relativeHumidityPct: number;
  barometerPsia: number;
  volumeFt3Lb: number;
};

/** All properties from dry bulb, humidity ratio and pressure. Callers have checked the ranges. */
export function airFromHumidityRatio(dryBulbF: number, humidityRatioLbLb: number, psia: number): MoistAir {
  return {
    humidityRatioLbLb,
    enthalpyBtuLb: psychrolib.GetMoistAirEnthalpy(dryBulbF, humidityRatioLbLb),
    dewPointF: psychrolib.GetTDewPointFromHumRatio(dryBulbF, humidityRatioLbLb, psia),
    wetBulbF: psychrolib.GetTWetBulbFromHumRatio(dryBulbF, humidityRatioLbLb, psia),
    relativeHumidityPct: 100 * psychrolib.GetRelHumFromHumRatio(dryBulbF, humidityRatioLbLb, psia),
    barometerPsia: psia,
    volumeFt3Lb: psychrolib.GetMoistAirVolume(dryBulbF, humidityRatioLbLb, psia),
  };
}

export function humidityRatioFromWetBulb(dryBulbF: number, wetBulbF: number, psia: number): number {
  return psychrolib.GetHumRatioFromTWetBulb(dryBulbF, wetBulbF, psia);
}

export function humidityRatioFromRelativeHumidity(dryBulbF: number, pct: number, psia: number): number {
  return psychrolib.GetHumRatioFromRelHum(dryBulbF, pct / 100, psia);
}

/** Saturation pressure of water, over ice below 32 °F, psia. Valid -148 to 392 °F. */
export function waterSaturationPsia(temperatureF: number): number {
  return psychrolib.GetSatVapPres(temperatureF);
}

export const moistAir = calculation({
  id: 'moist-air',
  title: 'Moist air',
  what: 'Humidity ratio, enthalpy, dew point, wet bulb and relative humidity of air at a site.',
  formula: 'ASHRAE psychrometric relations at the station pressure of the elevation',
  source: 'ASHRAE Handbook Fundamentals, Psychrometrics, through the library psychrolib',
  notCovered: 'Weather departures from the standard atmosphere; air below -20 or above 140 °F.',
  input: z.strictObject({
    dryBulbF: num(-20, 140, '°F'),
    wetBulbF: num(-20, 140, '°F, not above dry bulb').optional(),
    relativeHumidityPct: num(0, 100, '%').optional(),
    elevationFt: elevationField.default(0),
  }),
  compute: ({ dryBulbF, wetBulbF: wb, relativeHumidityPct, elevationFt }) => {
    if ((wb === undefined) === (relativeHumidityPct === undefined)) {
      return refuse(
        'wetBulbF',
        tell('air.give-one-of-wetbulbf-and-relativehumiditypct'),
        tell('air.exactly-one-of-two'),
      );
    }
    if (wb !== undefined && wb > dryBulbF) {
      return refuse(
        'wetBulbF',
        tell('air.wet-bulb-cannot-be-above-dry'),
        tell('air.20-to', { dryBulbF: q(dryBulbF, 'F', 'as is') }),
      );
    }
    const psia = barometerPsia(elevationFt);
    const ratio =
      wb !== undefined
        ? humidityRatioFromWetBulb(dryBulbF, wb, psia)
        : humidityRatioFromRelativeHumidity(dryBulbF, relativeHumidityPct!, psia);
    // psychrolib clips a negative humidity ratio to a trace; a wet bulb that dry is not a reading of real air.
    if (wb !== undefined && wb < wetBulbOfDryAir(dryBulbF, psia)) {
      return refuse(
        'wetBulbF',
        tell('air.no-air-is-that-dry-wet'),
        tell('air.at-least-f-here', { dryBulbF: Math.ceil(wetBulbOfDryAir(dryBulbF, psia)) }),
      );
    }
    const { volumeFt3Lb: _, ...air } = airFromHumidityRatio(dryBulbF, ratio, psia);
    return ok({
      ...air,
      wetBulbF: wb ?? air.wetBulbF,
      relativeHumidityPct: relativeHumidityPct ?? air.relativeHumidityPct,
    });
  },
  example: {
    input: { dryBulbF: 80, wetBulbF: 67, elevationFt: 0 },
    expected: { humidityRatioLbLb: 0.01117, enthalpyBtuLb: 31.45, relativeHumidityPct: 51.1 },
    tolerance: 0.06,
  },
});

function wetBulbOfDryAir(dryBulbF: number, psia: number): number {
  return psychrolib.GetTWetBulbFromHumRatio(dryBulbF, 0, psia);
}
