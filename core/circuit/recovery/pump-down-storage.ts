import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { liquidLbFt3 } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { FILL_SHARE } from './cylinder-fill';

/** Liquid stored in a condenser is near this when it is pumped down on a warm day (common practice), °F. */
export const STORED_F = 105;
/** Less room to spare than this is narrow (design default). */
const NARROW_SHARE = 0.1;

/**
 * Whether the outdoor unit has room for the whole charge.
 * @example pumpDownStorage({ refrigerant: 'R-410A', chargeLb: 9.4, outdoorFt3: 0.2 }) // holds 9.7 lb: narrow
 */
export const pumpDownStorage = calculation({
  id: 'pump-down-storage',
  title: 'Room for a pump-down',
  what: 'Whether the outdoor unit can hold the whole charge as liquid.',
  formula: '0.8 × outdoor volume × liquid density at 105 °F',
  source: 'volume and density; 80 % fill by analogy with cylinders',
  notCovered: 'An unknown volume is no pass: ask the maker. A pumped-down unit is not a recovered one.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    chargeLb: num(0.1, 500, 'lb'),
    outdoorFt3: num(0.005, 50, 'ft³'),
  }),
  compute: ({ refrigerant, chargeLb, outdoorFt3 }) => {
    const storageLb = FILL_SHARE * outdoorFt3 * liquidLbFt3(refrigerant, STORED_F);
    return ok({
      storageLb,
      holds: chargeLb <= storageLb,
      narrow: chargeLb <= storageLb && chargeLb > storageLb * (1 - NARROW_SHARE),
    });
  },
  example: {
    input: { refrigerant: 'R-410A', chargeLb: 9.4, outdoorFt3: 0.2 },
    expected: { storageLb: 9.7, holds: true, narrow: true },
    tolerance: 0.05,
  },
});
