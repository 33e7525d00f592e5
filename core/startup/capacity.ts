import { z } from 'zod';
import { airFromHumidityRatio, barometerPsia, elevationField, humidityRatioFromWetBulb } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/startup/words';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { q } from '@/core/words/said';
import { airflowField, SENSIBLE_AT_SEA_LEVEL } from './airflow';

/** Specific heats of dry air and water vapor, Btu/lb·°F (ASHRAE Fundamentals, Psychrometrics). */
const AIR_CP = 0.24;
const VAPOUR_CP = 0.444;
const MIN_PER_H = 60;
/** More sensible than total heat, beyond reading error: no coil does that (common practice). */
const MOST_RATIO = 1.03;

type Air = { dryBulbF: number; wetBulbF: number };

/** Humidity ratio, enthalpy and volume of air read by two bulbs. */
export function airRead({ dryBulbF, wetBulbF }: Air, psia: number) {
  return airFromHumidityRatio(dryBulbF, humidityRatioFromWetBulb(dryBulbF, wetBulbF, psia), psia);
}

/**
 * Cooling capacity at the coil from the air alone.
 *
 * @param cfm at the supply side, 50 to 20,000 · @param bulbs °F, wet not above dry · @param elevationFt
 * @returns Btu/h; `plausible` is false where the sensible part exceeds the total by more than reading error
 * @example airCapacity({ cfm: 2000, returnDryBulbF: 76, returnWetBulbF: 64, supplyDryBulbF: 58, supplyWetBulbF: 56.2, elevationFt: 0 }) // 47,548 Btu/h
 */
export const airCapacity = calculation({
  id: 'air-capacity',
  title: 'Cooling capacity on the air side',
  what: 'Total, sensible and latent cooling from airflow and the two bulbs on both sides of the coil.',
  formula:
    'total = 60·CFM/v·(h return − h supply), v of the supply air; sensible = 60·CFM/v·(0.24 + 0.444 W)·(drop), W the mean; latent = total − sensible',
  source: 'Heat balance on the air stream; ASHRAE Handbook Fundamentals, Psychrometrics',
  notCovered: 'Heat of a blower after the probe; CFM metered at the return; a CFM that is assumed proves nothing.',
  input: z.strictObject({
    cfm: airflowField,
    returnDryBulbF: num(40, 120, '°F'),
    returnWetBulbF: num(30, 100, '°F'),
    supplyDryBulbF: num(30, 110, '°F'),
    supplyWetBulbF: num(20, 100, '°F'),
    elevationFt: elevationField.default(0),
  }),
  compute: (i) => {
    if (i.supplyDryBulbF >= i.returnDryBulbF)
      return refuse(
        'supplyDryBulbF',
        tell('startup.supply-must-be-colder-than-return'),
        tell('startup.below-f', { returnDryBulbF: q(i.returnDryBulbF, 'F', 'as is') }),
      );
    for (const side of ['return', 'supply'] as const)
      if (i[`${side}WetBulbF`] > i[`${side}DryBulbF`])
        return refuse(
          `${side}WetBulbF`,
          tell('startup.wet-bulb-must-be-below-dry'),
          tell('startup.at-most-f', { dryBulbF: q(i[`${side}DryBulbF`], 'F', 'as is') }),
        );
    const psia = barometerPsia(i.elevationFt);
    const back = airRead({ dryBulbF: i.returnDryBulbF, wetBulbF: i.returnWetBulbF }, psia);
    const supply = airRead({ dryBulbF: i.supplyDryBulbF, wetBulbF: i.supplyWetBulbF }, psia);
    const dryLbH = (MIN_PER_H * i.cfm) / supply.volumeFt3Lb;
    const totalBtuh = dryLbH * (back.enthalpyBtuLb - supply.enthalpyBtuLb);
    const meanW = (back.humidityRatioLbLb + supply.humidityRatioLbLb) / 2;
    const sensibleBtuh = dryLbH * (AIR_CP + VAPOUR_CP * meanW) * (i.returnDryBulbF - i.supplyDryBulbF);
    if (!(totalBtuh > 0))
      return refuse(
        'supplyWetBulbF',
        tell('startup.supply-air-holds-more-heat-than-return'),
        tell('startup.below-f', { returnDryBulbF: q(i.returnWetBulbF, 'F', 'as is') }),
      );
    const sensibleRatio = sensibleBtuh / totalBtuh;
    return ok({
      totalBtuh,
      sensibleBtuh,
      latentBtuh: totalBtuh - sensibleBtuh,
      sensibleRatio,
      plausible: sensibleRatio <= MOST_RATIO,
    });
  },
  example: {
    input: {
      cfm: 2000,
      returnDryBulbF: 76,
      returnWetBulbF: 64,
      supplyDryBulbF: 58,
      supplyWetBulbF: 56.2,
      elevationFt: 0,
    },
    expected: { totalBtuh: 47548, plausible: true },
    tolerance: 60,
  },
});

/** Btu/h that a degree of rise in one CFM carries at a site. */
export const sensibleFactor = (elevationFt: number): number =>
  (SENSIBLE_AT_SEA_LEVEL * barometerPsia(elevationFt)) / DEFAULT_BAROMETER_PSIA;

/** Heat that warms an air stream. @example heatRiseCapacity({ cfm: 1180, riseF: 27.5, elevationFt: 0 }) // 35,046 Btu/h */
export const heatRiseCapacity = calculation({
  id: 'heat-rise-capacity',
  title: 'Heating capacity by rise',
  what: 'The heat that an airflow carries away at the temperature rise that was read.',
  formula: '1.08 × station/14.696 × CFM × rise',
  source: 'Heat balance on the air stream',
  notCovered: 'Auxiliary heat that runs at the same time; supply read in sight of strips or a heat exchanger.',
  input: z.strictObject({
    cfm: airflowField,
    riseF: num(0.1, 150, '°F'),
    elevationFt: elevationField.default(0),
  }),
  compute: ({ cfm, riseF, elevationFt }) => ok({ btuh: sensibleFactor(elevationFt) * cfm * riseF }),
  example: { input: { cfm: 1180, riseF: 27.5, elevationFt: 0 }, expected: { btuh: 35046 }, tolerance: 1 },
});

/** Outdoor air in mixed air has to show against a difference of at least this, °F (common practice). */
const LEAST_DIFFERENCE_F = 10;

/** Share of outdoor air in the air before a coil. @example mixedAir({ mixedF: 79.8, returnF: 76, outdoorF: 95 }) // 20 % */
export const mixedAir = calculation({
  id: 'mixed-air',
  title: 'Outdoor air in the mixed air',
  what: 'How much of the air before the coil comes from outdoors, by three temperatures.',
  formula: '100 × (mixed − return) / (outdoor − return)',
  source: 'Heat balance of two air streams, dry bulb',
  notCovered: 'Return and outdoor air less than 10 °F apart; streams that have not mixed where it is read.',
  input: z.strictObject({
    mixedF: num(-40, 140, '°F'),
    returnF: num(30, 120, '°F'),
    outdoorF: num(-40, 140, '°F'),
  }),
  compute: ({ mixedF, returnF, outdoorF }) => {
    if (Math.abs(outdoorF - returnF) < LEAST_DIFFERENCE_F)
      return refuse(
        'outdoorF',
        tell('startup.outdoor-and-return-air-are-too-near'),
        tell('startup.10-f-from-return', { returnF: q(returnF, 'F', 'as is') }),
      );
    const low = Math.min(returnF, outdoorF);
    const high = Math.max(returnF, outdoorF);
    if (mixedF < low || mixedF > high)
      return refuse(
        'mixedF',
        tell('startup.mixed-air-lies-between-return-and-outdoor'),
        tell('startup.from-to-f', { low: q(low, 'F', 'as is'), high: q(high, 'F', 'as is') }),
      );
    return ok({ outdoorAirPct: (100 * (mixedF - returnF)) / (outdoorF - returnF) });
  },
  example: { input: { mixedF: 79.8, returnF: 76, outdoorF: 95 }, expected: { outdoorAirPct: 20 }, tolerance: 1e-9 },
});
