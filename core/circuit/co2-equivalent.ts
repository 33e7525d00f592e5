import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

const KG_PER_LB = 0.45359237;
const KG_PER_TONNE = 1000;

/** @example co2Equivalent({ refrigerant: 'R-410A', chargeLb: 9.5 }) // 9.00 t */
export const co2Equivalent = calculation({
  id: 'co2-equivalent',
  title: 'CO₂ equivalent of a charge',
  what: 'What the charge would weigh on the climate if it escaped; some labels ask for it.',
  formula: 'lb × 0.4536 × GWP / 1000',
  source: 'GWP over 100 years, IPCC AR4, edition not checked',
  notCovered: 'Newer GWP tables; check which one the label asks for.',
  input: z.strictObject({ refrigerant: refrigerantField, chargeLb: num(0.01, 5000, 'lb') }),
  compute: ({ refrigerant, chargeLb }) =>
    ok({ tonnes: (chargeLb * KG_PER_LB * REFRIGERANT_FACTS[refrigerant].gwp) / KG_PER_TONNE }),
  example: { input: { refrigerant: 'R-410A', chargeLb: 9.5 }, expected: { tonnes: 9.0 }, tolerance: 0.005 },
});
