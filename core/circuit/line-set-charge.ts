import { z } from 'zod';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { dewPsia, liquidLbFt3 } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { singlePhase } from '@/core/refrigerant/state';
import { OZ_PER_LB } from '@/core/units/units';
import { q } from '@/core/words/said';
import { ACR_SIZES, boreFt2 } from './acr-tube';

/** Liquid leaves a condenser near this on a cooling day; the usual basis of makers' adders (common practice). */
const LIQUID_BASIS_F = 100;
/** Suction vapour basis: 45 °F dew with 10 °F superheat (common practice). */
const VAPOUR_DEW_F = 45;
const VAPOUR_SUPERHEAT_F = 10;
/** A maker's adder this far from the physics means another tube or a typing slip. */
const MAKER_MISMATCH = 0.2;

const odField = z.number().meta(allows(ACR_SIZES));

function liquidOzPerFt(refrigerant: Refrigerant, areaFt2: number, liquidF: number): number {
  return liquidLbFt3(refrigerant, liquidF) * areaFt2 * OZ_PER_LB;
}

function vapourOzPerFt(refrigerant: Refrigerant, areaFt2: number): number {
  const state = singlePhase(
    refrigerant,
    VAPOUR_DEW_F + VAPOUR_SUPERHEAT_F,
    dewPsia(refrigerant, VAPOUR_DEW_F),
    'vapour',
  );
  return (state?.lbFt3 ?? 0) * areaFt2 * OZ_PER_LB;
}

/**
 * Refrigerant to add for line length beyond what the unit's charge includes.
 *
 * @param liquidLineOdIn nominal OD, in the tube table · @param lengthFt 0 to 400 · @param includedFt 0 to 100
 * @param ozPerFt the maker's adder, oz/ft; when given it wins over the computed one
 * @returns adderOz (0 when the line is shorter than included, unless allowRemoval), ozPerFt used, and the physics
 * @example lineSetCharge({ refrigerant: 'R-410A', liquidLineOdIn: 0.375, lengthFt: 50, includedFt: 15 }) // 18.7 oz
 */
export const lineSetCharge = calculation({
  id: 'line-set-charge',
  title: 'Line-set charge',
  what: 'Ounces to add for the line set beyond the length the factory charge includes.',
  formula:
    '(length − included) × (liquid density × bore area [+ vapour density × vapour bore area]), or the maker’s oz/ft',
  source: 'Liquid density from the equation of state; ASTM B280 bores, edition not checked; the maker’s adder wins',
  notCovered: 'Coils, driers and accumulators; two-phase lines; liquid lines that run hot or cold.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    liquidLineOdIn: odField,
    lengthFt: num(0, 400, 'ft'),
    includedFt: num(0, 100, 'ft'),
    liquidF: num(-40, 140, '°F').default(LIQUID_BASIS_F),
    ozPerFt: num(0, 5, 'oz/ft').optional(),
    vaporLineOdIn: odField.optional(),
    allowRemoval: z.boolean().default(false),
  }),
  compute: (input) => {
    const liquidArea = boreFt2(input.liquidLineOdIn);
    if (liquidArea === undefined) {
      return refuse(
        'liquidLineOdIn',
        tell('join.no-acr-tube-of-outside-diameter', { liquidLineOdIn: q(input.liquidLineOdIn, 'in', 'as is') }),
        ACR_SIZES,
      );
    }
    let physics = liquidOzPerFt(input.refrigerant, liquidArea, input.liquidF);
    if (input.vaporLineOdIn !== undefined) {
      const vapourArea = boreFt2(input.vaporLineOdIn);
      if (vapourArea === undefined) {
        return refuse(
          'vaporLineOdIn',
          tell('join.no-acr-tube-of-outside-diameter-2', { vaporLineOdIn: q(input.vaporLineOdIn, 'in', 'as is') }),
          ACR_SIZES,
        );
      }
      physics += vapourOzPerFt(input.refrigerant, vapourArea);
    }
    const ozPerFt = input.ozPerFt ?? physics;
    const extraFt = input.lengthFt - input.includedFt;
    const adderOz = extraFt >= 0 || input.allowRemoval ? extraFt * ozPerFt : 0;
    return ok({
      adderOz,
      ozPerFt,
      physicsOzPerFt: physics,
      makerDiffers: input.ozPerFt !== undefined && Math.abs(input.ozPerFt - physics) > MAKER_MISMATCH * physics,
    });
  },
  example: {
    input: { refrigerant: 'R-454B', liquidLineOdIn: 0.375, vaporLineOdIn: 0.875, lengthFt: 48, includedFt: 15 },
    expected: { adderOz: 19.77, ozPerFt: 0.599 },
    tolerance: 0.1,
  },
});
