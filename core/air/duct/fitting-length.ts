import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { frictionField } from './friction';

/** Velocity whose pressure is 1 in. w.c. in standard air, fpm. */
const FPM_AT_ONE_INCH = 4005;

/** Loss coefficients of common fittings (handbook values rounded, edition not checked; the maker's or the manual's lengths outrank them). */
export const FITTING_C = {
  'elbow, radius 1.5': 0.15,
  'elbow, radius 1': 0.22,
  'elbow, tight': 0.33,
  'miter, bare': 1.2,
  'miter, vaned': 0.3,
  'flex bend, tight': 0.55,
  'flex bend, wide': 0.3,
  'transition, gentle': 0.05,
  'transition, abrupt': 0.5,
  'tap, straight': 1,
  'tap, 45°': 0.5,
  'collar, sharp': 0.5,
  'collar, bellmouth': 0.1,
  'boot, 90°': 1,
  'boot, straight': 0.5,
  'wye or open damper': 0.35,
  'distribution box': 1.5,
  'outlet in the inlet jet': 2,
} as const;
export type FittingKind = keyof typeof FITTING_C;
export const FITTING_KINDS = Object.keys(FITTING_C) as [FittingKind, ...FittingKind[]];

/** Straight duct that costs as much as a fitting, ft: C·(V/4005)²·100/friction rate. */
export const fittingFt = (kind: FittingKind, fpm: number, inWcPer100ft: number): number =>
  (FITTING_C[kind] * (fpm / FPM_AT_ONE_INCH) ** 2 * 100) / inWcPer100ft;

/**
 * Equivalent length of a duct fitting: its loss as feet of straight duct at a friction rate.
 *
 * @example fittingLength({ fitting: 'distribution box', fpm: 700, inWcPer100ft: 0.08 }) // 57.3 ft
 */
export const fittingLength = calculation({
  id: 'fitting-length',
  title: 'Length of a duct fitting',
  what: 'How many feet of straight duct an elbow, a boot, a tap or a box costs.',
  formula: 'EL = C·(V/4005)²·100/friction rate',
  source: 'loss coefficients of handbooks, rounded, edition not checked',
  notCovered: 'Fittings close behind each other, and damaged ones. The maker’s or the manual’s lengths outrank these.',
  input: z.strictObject({
    fitting: oneOf(FITTING_KINDS),
    fpm: num(50, 4000, 'fpm'),
    inWcPer100ft: frictionField.default(0.08),
  }),
  compute: ({ fitting, fpm, inWcPer100ft }) =>
    ok({ coefficient: FITTING_C[fitting], equivalentFt: fittingFt(fitting, fpm, inWcPer100ft) }),
  example: {
    input: { fitting: 'distribution box', fpm: 700, inWcPer100ft: 0.08 },
    expected: { coefficient: 1.5, equivalentFt: 57.3 },
    tolerance: 0.05,
  },
});
