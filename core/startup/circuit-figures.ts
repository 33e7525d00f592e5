import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { barometerField, refrigerantField, saturationAtGauge } from '@/core/refrigerant/saturation-calculations';
import { tell } from '@/core/startup/words';

const psig = num(-14.7, 800, 'psig');
const airF = num(-40, 150, '°F');
const lineF = num(-60, 200, '°F');
const COMMON = 'Definition; sane bands are common practice';

export const condensingOverAmbient = calculation({
  id: 'condensing-over-ambient',
  title: 'Condensing over outdoor air',
  what: 'How far the condensing temperature stands above the air entering the condenser.',
  formula: 'bubble temperature at liquid pressure − outdoor dry bulb',
  source: COMMON,
  notCovered: 'Water-cooled units; air that recirculates into the coil.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    liquidPsig: psig,
    outdoorDryBulbF: airF,
    barometerPsia: barometerField,
  }),
  compute: (i) => {
    const bubble = saturationAtGauge(i.refrigerant, 'bubble', 'liquidPsig', i.liquidPsig, i.barometerPsia);
    if (!bubble.ok) return bubble;
    return ok({ condensingOverAmbientF: bubble.value - i.outdoorDryBulbF, condensingF: bubble.value });
  },
  example: {
    input: { refrigerant: 'R-410A', liquidPsig: 394, outdoorDryBulbF: 95 },
    expected: { condensingOverAmbientF: 20.3 },
    tolerance: 0.3,
  },
});

export const approach = calculation({
  id: 'approach',
  title: 'Approach',
  what: 'How far the liquid line stands above the air entering the condenser.',
  formula: 'liquid line temperature − outdoor dry bulb',
  source: COMMON,
  notCovered: 'The maker’s own approach target, which wins where the plate gives one.',
  input: z.strictObject({ liquidLineF: lineF, outdoorDryBulbF: airF }),
  compute: (i) => ok({ approachF: i.liquidLineF - i.outdoorDryBulbF }),
  example: { input: { liquidLineF: 103.5, outdoorDryBulbF: 95 }, expected: { approachF: 8.5 }, tolerance: 0.001 },
});

export const coilDifference = calculation({
  id: 'coil-difference',
  title: 'Evaporator coil difference',
  what: 'How far the evaporating temperature stands below the return air.',
  formula: 'return dry bulb − dew temperature at suction pressure',
  source: COMMON,
  notCovered: 'Dry coils and airflow outside 350–450 CFM a ton.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    suctionPsig: psig,
    returnDryBulbF: airF,
    barometerPsia: barometerField,
  }),
  compute: (i) => {
    const dew = saturationAtGauge(i.refrigerant, 'dew', 'suctionPsig', i.suctionPsig, i.barometerPsia);
    if (!dew.ok) return dew;
    return ok({ coilDifferenceF: i.returnDryBulbF - dew.value, evaporatingF: dew.value });
  },
  example: {
    input: { refrigerant: 'R-410A', suctionPsig: 130, returnDryBulbF: 80 },
    expected: { coilDifferenceF: 35.1 },
    tolerance: 0.3,
  },
});

export const compressionRatio = calculation({
  id: 'compression-ratio',
  title: 'Compression ratio',
  what: 'Discharge over suction pressure, both absolute.',
  formula: '(liquid psig + station) / (suction psig + station)',
  source: COMMON,
  notCovered: 'Pressure lost in the condenser and lines.',
  input: z.strictObject({ suctionPsig: psig, liquidPsig: psig, barometerPsia: barometerField }),
  compute: (i) => {
    if (i.suctionPsig <= -10) {
      return refuse('suctionPsig', tell('startup.running-system-does-not-pull-this'), tell('startup.above-10-psig'));
    }
    return ok({ compressionRatio: (i.liquidPsig + i.barometerPsia) / (i.suctionPsig + i.barometerPsia) });
  },
  example: {
    input: { suctionPsig: 130, liquidPsig: 390, barometerPsia: 14.696 },
    expected: { compressionRatio: 2.8 },
    tolerance: 0.01,
  },
});

export const expectedCompressorAmps = calculation({
  id: 'expected-compressor-amps',
  title: 'Expected compressor amps',
  what: 'What a single-speed compressor should draw in this outdoor air. RLA is an approval figure, not a target.',
  formula: 'RLA × (0.65 + 0.010 × (outdoor − 75))',
  source: 'Design default from this project’s system model at 80/67 °F indoor; the maker’s table wins',
  notCovered: 'Inverter compressors, voltage away from the plate, indoor air far from 80/67 °F.',
  input: z.strictObject({ rlaA: num(1, 200, 'A'), outdoorDryBulbF: num(55, 125, '°F') }),
  compute: (i) => ok({ expectedA: i.rlaA * (0.65 + 0.01 * (i.outdoorDryBulbF - 75)) }),
  example: { input: { rlaA: 14.1, outdoorDryBulbF: 95 }, expected: { expectedA: 11.985 }, tolerance: 0.001 },
});
