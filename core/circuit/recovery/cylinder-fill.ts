import { z } from 'zod';
import { tell } from '@/core/circuit/recovery/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { POLICY } from '@/core/policy/figures';
import { liquidLbFt3 } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

/** Share of a cylinder's water capacity that liquid may fill (49 CFR 173.304a and AHRI Guideline K, from memory). */
export const FILL_SHARE = 0.8;
/** Basis of the usual fill limit (AHRI Guideline K, from memory), °F. */
export const FILL_BASIS_F = 77;
/** The hottest a cylinder is expected to get (49 CFR, from memory), °F. */
export const HOT_F = POLICY.cylinderHotF.value;
/** Water at its densest, lb/ft³: what a specific gravity and a water capacity are told against. */
const WATER_LB_FT3 = 62.428;

export const specificGravity = (refrigerant: z.output<typeof refrigerantField>, temperatureF: number): number =>
  liquidLbFt3(refrigerant, temperatureF) / WATER_LB_FT3;

/**
 * How much refrigerant a recovery cylinder may hold.
 *
 * @param waterCapacityLb, tareLb as stamped · @param temperatureF of the basis, 32 to 140; the limit falls as it rises
 * @returns maxRefrigerantLb, maxGrossLb on the scale, fullAt130Pct: how full of liquid it is then at 130 °F
 * @example cylinderFill({ refrigerant: 'R-410A', waterCapacityLb: 47.7, tareLb: 28.2, temperatureF: 77 }) // 40.4 lb, 97 % full at 130 °F
 */
export const cylinderFill = calculation({
  id: 'cylinder-fill',
  title: 'Fill limit of a recovery cylinder',
  what: 'How many pounds a recovery cylinder may hold, and what the scale may show at most.',
  formula: '0.8 × water capacity × liquid density / water density; gross = net + tare',
  source:
    '80 % fill: 49 CFR 173.304a and AHRI Guideline K, edition not checked; liquid density from the equation of state',
  notCovered: 'Oil and mixed refrigerants take room of their own; retest date and service pressure are other checks.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    waterCapacityLb: num(1, 2000, 'lb'),
    tareLb: num(0.5, 2000, 'lb'),
    temperatureF: num(32, 140, '°F').default(FILL_BASIS_F),
  }),
  compute: ({ refrigerant, waterCapacityLb, tareLb, temperatureF }) => {
    const gravity = specificGravity(refrigerant, temperatureF);
    if (!Number.isFinite(gravity))
      return refuse('temperatureF', tell('recovery.liquid-density-is-not-defined-here'), tell('recovery.32-to-140-f'));
    const maxRefrigerantLb = FILL_SHARE * waterCapacityLb * gravity;
    return ok({
      maxRefrigerantLb,
      maxGrossLb: maxRefrigerantLb + tareLb,
      fullAt130Pct: (100 * FILL_SHARE * gravity) / specificGravity(refrigerant, HOT_F),
    });
  },
  example: {
    input: { refrigerant: 'R-410A', waterCapacityLb: 47.7, tareLb: 28.2, temperatureF: 77 },
    expected: { maxRefrigerantLb: 40.4, maxGrossLb: 68.6 },
    tolerance: 0.1,
  },
});
