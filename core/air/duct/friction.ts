import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { IN2_PER_FT2 } from '@/core/units/units';
import { q } from '@/core/words/said';

/** Absolute roughness, ft: galvanised steel, and flexible duct pulled taut. ASHRAE Fundamentals, Duct Design, from memory. */
export const ROUGHNESS_FT = { metal: 0.0003, flex: 0.003 } as const;
/** Standard air: density, lb/ft³, and the constants the handbook's inch-pound forms carry with it. */
const STANDARD_AIR_LB_FT3 = 0.075;
const REYNOLDS_PER_IN_FPM = 8.56;
const VELOCITY_PRESSURE_FPM = 1097;
/** Below this the flow is not turbulent and the Colebrook equation does not hold. */
const TURBULENT_REYNOLDS = 4000;
const INCHES_PER_100_FT = 1200;

export const cfmField = num(5, 60000, 'CFM');
export const frictionField = num(0.005, 2, 'in. w.c. per 100 ft');
export const ductDiameterField = num(3, 96, 'in');

export const circleFt2 = (diameterIn: number): number => ((Math.PI / 4) * diameterIn * diameterIn) / IN2_PER_FT2;

/** Colebrook's friction factor by fixed-point iteration; it settles in a handful of rounds for turbulent flow. */
function colebrook(reynolds: number, roughnessFt: number, diameterIn: number): number {
  let root = 0.15;
  for (let i = 0; i < 60; i++) {
    const next = 1 / (-2 * Math.log10((12 * roughnessFt) / (3.7 * diameterIn) + 2.51 / (reynolds * root)));
    if (Math.abs(next - root) < 1e-12) break;
    root = next;
  }
  return root * root;
}

export type Friction = { fpm: number; inWcPer100ft: number; reynolds: number };

/** Velocity and friction loss in a round duct with standard air; callers have checked the ranges. */
export function frictionOf(cfm: number, diameterIn: number, roughnessFt: number): Friction {
  const fpm = cfm / circleFt2(diameterIn);
  const reynolds = REYNOLDS_PER_IN_FPM * diameterIn * fpm;
  const f = colebrook(Math.max(reynolds, 1), roughnessFt, diameterIn);
  const inWcPer100ft = INCHES_PER_100_FT * (f / diameterIn) * STANDARD_AIR_LB_FT3 * (fpm / VELOCITY_PRESSURE_FPM) ** 2;
  return { fpm, inWcPer100ft, reynolds };
}

/**
 * Air velocity and friction loss in a straight round duct.
 *
 * @param cfm 5 to 60000 · @param diameterIn inside, 3 to 96 · @param roughnessFt 0.00001 to 0.02, default galvanised
 * @returns fpm and in. w.c. per 100 ft, standard air
 * @example roundDuctFriction({ cfm: 900, diameterIn: 14 }) // 842 fpm, 0.073 in. w.c. per 100 ft
 */
export const roundDuctFriction = calculation({
  id: 'round-duct-friction',
  title: 'Friction in a round duct',
  what: 'How fast the air runs in a round duct and what each 100 ft of it costs in pressure.',
  formula: 'V = CFM/area; Colebrook for f; Δp = 1200 (f/D) ρ (V/1097)²',
  source: 'ASHRAE Handbook Fundamentals, Duct Design (Darcy–Weisbach with Colebrook), edition not checked',
  notCovered:
    'Fittings, altitude, hot or cold air (standard air at 0.075 lb/ft³), flow below a Reynolds number of 4000.',
  input: z.strictObject({
    cfm: cfmField,
    diameterIn: ductDiameterField,
    roughnessFt: num(0.00001, 0.02, 'ft').default(ROUGHNESS_FT.metal),
  }),
  compute: ({ cfm, diameterIn, roughnessFt }) => {
    const { fpm, inWcPer100ft, reynolds } = frictionOf(cfm, diameterIn, roughnessFt);
    if (!(reynolds >= TURBULENT_REYNOLDS)) {
      const least = Math.ceil((TURBULENT_REYNOLDS / REYNOLDS_PER_IN_FPM / diameterIn) * circleFt2(diameterIn));
      return refuse(
        'cfm',
        tell('air.flow-is-too-slow-for-this'),
        tell('air.at-least-in-this-duct', { least: q(least, 'cfm', 'as is') }),
      );
    }
    return ok({ fpm, inWcPer100ft });
  },
  example: { input: { cfm: 900, diameterIn: 14 }, expected: { inWcPer100ft: 0.073 }, tolerance: 0.0005 },
});
