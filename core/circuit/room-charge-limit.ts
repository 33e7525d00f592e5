import { z } from 'zod';
import { tell } from '@/core/circuit/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

/** Lower flammable limit, kg/m³ (ISO 817 and ASHRAE 34, from memory). */
export const LFL_KG_M3 = { 'R-32': 0.307, 'R-454B': 0.296 } as const;
/** Up to m1 no room rule applies (UL/IEC 60335-2-40, from memory). */
const M1_PER_LFL = 6;
const COEFFICIENT = 2.5;
const EXPONENT = 1.25;
const LB_PER_KG = 2.2046226;
const M2_PER_FT2 = 0.09290304;
const M_PER_FT = 0.3048;

/**
 * Largest mildly flammable charge for a room without a leak detector.
 *
 * @param areaFt2 of the smallest room served · @param releaseHeightFt of the place where it would leak, floor to ceiling
 * @returns limitLb, allowed, exempt (below m1, no room rule)
 * @example roomChargeLimit({ refrigerant: 'R-454B', chargeLb: 8, areaFt2: 147, releaseHeightFt: 5.91 }) // just allowed
 */
export const roomChargeLimit = calculation({
  id: 'room-charge-limit',
  title: 'Charge and room',
  what: 'Whether a room is large enough for a mildly flammable charge when nothing detects a leak.',
  formula: 'limit = max(6 LFL, 2.5 LFL^1.25 h0 √A), in kg and m',
  source: 'UL/IEC 60335-2-40, edition not checked; the maker’s table wins',
  notCovered: 'Detectors and circulation, altitude, several rooms together, limits above m2 and m3.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    chargeLb: num(0.1, 500, 'lb'),
    areaFt2: num(10, 100_000, 'ft²'),
    releaseHeightFt: num(0.5, 15, 'ft'),
  }),
  compute: ({ refrigerant, chargeLb, areaFt2, releaseHeightFt }) => {
    if (REFRIGERANT_FACTS[refrigerant].safetyGroup === 'A1' || !(refrigerant in LFL_KG_M3)) {
      return refuse(
        'refrigerant',
        tell('circuit.is-not-flammable-this-rule-does', { refrigerant }),
        Object.keys(LFL_KG_M3).join(', '),
      );
    }
    const lfl = LFL_KG_M3[refrigerant as keyof typeof LFL_KG_M3];
    const m1Kg = M1_PER_LFL * lfl;
    const roomKg = COEFFICIENT * lfl ** EXPONENT * releaseHeightFt * M_PER_FT * Math.sqrt(areaFt2 * M2_PER_FT2);
    const limitLb = Math.max(m1Kg, roomKg) * LB_PER_KG;
    return ok({ limitLb, allowed: chargeLb <= limitLb, exempt: chargeLb <= m1Kg * LB_PER_KG });
  },
  example: {
    input: { refrigerant: 'R-454B', chargeLb: 8, areaFt2: 147, releaseHeightFt: 5.906 },
    expected: { limitLb: 8, exempt: false },
    tolerance: 0.05,
  },
});
