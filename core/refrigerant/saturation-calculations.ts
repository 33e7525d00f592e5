import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { tell } from '@/core/refrigerant/words';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { q } from '@/core/words/said';
import { bubbleF, bubblePsia, dewF, dewPsia, gaugeRangePsig, liquidLbFt3 } from './lookup';
import { HIGH_F, LOW_F } from './ranges';
import { REFRIGERANTS, type Refrigerant } from './refrigerants';

export const refrigerantField = oneOf(REFRIGERANTS);
/** Station pressure between about 17,000 ft and a deep valley. */
export const barometerField = num(8, 16, 'psia').default(DEFAULT_BAROMETER_PSIA);
const saturationField = num(LOW_F, HIGH_F, '°F');
/** Wide door for gauges; the refrigerant's own range is checked inside. */
const gaugeField = num(-14.7, 800, 'psig');

const EQUATIONS = 'Published equations of state of each refrigerant (see core/refrigerant/coefficients)';

/** Saturation temperature on one line at a gauge pressure, or a refusal that says the refrigerant's own range. */
export function saturationAtGauge(
  refrigerant: Refrigerant,
  line: 'bubble' | 'dew',
  field: string,
  psig: number,
  barometerPsia: number,
): Outcome<number> {
  const temperatureF = (line === 'bubble' ? bubbleF : dewF)(refrigerant, psig + barometerPsia);
  if (!Number.isFinite(temperatureF)) {
    const range = gaugeRangePsig(refrigerant, line, barometerPsia);
    return refuse(
      field,
      tell('refrigerant.saturation-of-is-undefined-at', { refrigerant, psig: q(psig, 'psig', 'as is') }),
      tell('refrigerant.to-for', { low: range.low, high: q(range.high, 'psig', 'as is'), refrigerant }),
    );
  }
  return ok(temperatureF);
}

export const saturationPressure = calculation({
  id: 'saturation-pressure',
  title: 'Saturation pressure',
  what: 'Bubble and dew pressure of a refrigerant at a temperature, as a gauge would show them at this station.',
  formula: 'p(T) on the bubble and dew lines, minus the station pressure',
  source: EQUATIONS,
  notCovered: 'Oil in the refrigerant, air in the system, fractionated blends.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    temperatureF: saturationField,
    barometerPsia: barometerField,
  }),
  compute: ({ refrigerant, temperatureF, barometerPsia }) =>
    ok({
      bubblePsig: bubblePsia(refrigerant, temperatureF) - barometerPsia,
      dewPsig: dewPsia(refrigerant, temperatureF) - barometerPsia,
    }),
  example: {
    input: { refrigerant: 'R-410A', temperatureF: 120 },
    expected: { bubblePsig: 419.47, dewPsig: 418.31 },
    tolerance: 0.1,
  },
});

export const saturationTemperature = calculation({
  id: 'saturation-temperature',
  title: 'Saturation temperature',
  what: 'Bubble and dew temperature of a refrigerant at a gauge pressure.',
  formula: 'inverse of the bubble and dew lines at psig + station pressure',
  source: EQUATIONS,
  notCovered: 'Oil in the refrigerant, air in the system, fractionated blends.',
  input: z.strictObject({ refrigerant: refrigerantField, pressurePsig: gaugeField, barometerPsia: barometerField }),
  compute: ({ refrigerant, pressurePsig, barometerPsia }) => {
    const bubble = saturationAtGauge(refrigerant, 'bubble', 'pressurePsig', pressurePsig, barometerPsia);
    if (!bubble.ok) return bubble;
    const dew = saturationAtGauge(refrigerant, 'dew', 'pressurePsig', pressurePsig, barometerPsia);
    if (!dew.ok) return dew;
    return ok({ bubbleF: bubble.value, dewF: dew.value });
  },
  example: {
    input: { refrigerant: 'R-454B', pressurePsig: 225.41 },
    expected: { bubbleF: 80, dewF: 82.67 },
    tolerance: 0.1,
  },
});

/**
 * Superheat of the suction vapour: line temperature above the dew point at suction pressure.
 *
 * @param suctionPsig gauge, within the refrigerant's saturation range · @param suctionLineF °F, -60 to 200
 * @returns superheatF (a difference; negative means wet or a bad probe) and saturationF (dew point)
 * @example superheat({ refrigerant: 'R-410A', suctionPsig: 127, suctionLineF: 56.8 }) // 13.1 °F
 */
export const superheat = calculation({
  id: 'superheat',
  title: 'Superheat',
  what: 'How far the suction vapour is above its dew point. Negative means wet vapour or a bad probe.',
  formula: 'superheat = suction line temperature − dew temperature at (suction psig + station pressure)',
  source: `Definition. ${EQUATIONS}`,
  notCovered: 'Pressure lost between the coil and the gauge port.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    suctionPsig: gaugeField,
    suctionLineF: num(-60, 200, '°F'),
    barometerPsia: barometerField,
  }),
  compute: ({ refrigerant, suctionPsig, suctionLineF, barometerPsia }) => {
    const dew = saturationAtGauge(refrigerant, 'dew', 'suctionPsig', suctionPsig, barometerPsia);
    if (!dew.ok) return dew;
    return ok({ superheatF: suctionLineF - dew.value, saturationF: dew.value });
  },
  example: {
    input: { refrigerant: 'R-410A', suctionPsig: 127, suctionLineF: 56.8 },
    expected: { superheatF: 13.1 },
    tolerance: 0.3,
  },
});

/**
 * Subcooling of the liquid: bubble point at liquid pressure above the line temperature.
 *
 * @param liquidPsig gauge, within the refrigerant's saturation range · @param liquidLineF °F, -60 to 200
 * @returns subcoolingF (a difference; negative means flash gas or a bad probe) and saturationF (bubble point)
 * @example subcooling({ refrigerant: 'R-454B', liquidPsig: 362, liquidLineF: 98.4 }) // 14.4 °F
 */
export const subcooling = calculation({
  id: 'subcooling',
  title: 'Subcooling',
  what: 'How far the liquid is below its bubble point. Negative means flash gas or a bad probe.',
  formula: 'subcooling = bubble temperature at (liquid psig + station pressure) − liquid line temperature',
  source: `Definition. ${EQUATIONS}`,
  notCovered: 'Pressure lost between the condenser and the gauge port; non-condensable gas.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    liquidPsig: gaugeField,
    liquidLineF: num(-60, 200, '°F'),
    barometerPsia: barometerField,
  }),
  compute: ({ refrigerant, liquidPsig, liquidLineF, barometerPsia }) => {
    const bubble = saturationAtGauge(refrigerant, 'bubble', 'liquidPsig', liquidPsig, barometerPsia);
    if (!bubble.ok) return bubble;
    return ok({ subcoolingF: bubble.value - liquidLineF, saturationF: bubble.value });
  },
  example: {
    input: { refrigerant: 'R-454B', liquidPsig: 362, liquidLineF: 98.4 },
    expected: { subcoolingF: 14.4 },
    tolerance: 0.3,
  },
});

export const liquidDensity = calculation({
  id: 'liquid-density',
  title: 'Density of saturated liquid',
  what: 'What a cubic foot of saturated liquid refrigerant weighs at a temperature.',
  formula: 'density on the bubble line',
  source: EQUATIONS,
  notCovered: 'The slight rise in density of subcooled liquid above its bubble pressure.',
  input: z.strictObject({ refrigerant: refrigerantField, temperatureF: saturationField }),
  compute: ({ refrigerant, temperatureF }) => ok({ lbPerFt3: liquidLbFt3(refrigerant, temperatureF) }),
  example: { input: { refrigerant: 'R-410A', temperatureF: 100 }, expected: { lbPerFt3: 61.8 }, tolerance: 0.15 },
});
