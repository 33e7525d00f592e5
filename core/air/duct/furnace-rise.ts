import { z } from 'zod';
import { barometerPsia, elevationField } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { STANDARD_PSIA } from '@/core/units/units';
import { cfmField } from './friction';

/** Btu per hour for one CFM and one °F of standard air at sea level (0.075 lb/ft³ × 60 × 0.24). */
const SENSIBLE_FACTOR = 1.08;

/**
 * Temperature rise through a furnace.
 * @param outputBtuh 5000 to 400000 · @param cfm · @param elevationFt thins the air
 * @example furnaceRise({ outputBtuh: 76000, cfm: 1200 }) // 58.6 °F
 */
export const furnaceRise = calculation({
  id: 'furnace-rise',
  title: 'Furnace temperature rise',
  what: 'How much warmer the air leaves a furnace, to hold against the range on its plate.',
  formula: 'output / (1.08 × pressure ratio × CFM)',
  source: 'sensible heat of standard air; standard atmosphere for altitude',
  notCovered: 'Derating of the burner at altitude.',
  input: z.strictObject({
    outputBtuh: num(5000, 400000, 'Btu/h'),
    cfm: cfmField,
    elevationFt: elevationField.default(0),
  }),
  compute: ({ outputBtuh, cfm, elevationFt }) =>
    ok({ riseF: outputBtuh / (SENSIBLE_FACTOR * (barometerPsia(elevationFt) / STANDARD_PSIA) * cfm) }),
  example: { input: { outputBtuh: 76000, cfm: 1200 }, expected: { riseF: 58.6 }, tolerance: 0.06 },
});
