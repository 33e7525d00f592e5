import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { IN2_PER_FT2 } from '@/core/units/units';
import { cfmField } from './friction';

/** Return grille without a filter: 144 in² of free area a ton is 400 fpm at 400 CFM a ton (common practice). */
export const RETURN_FPM = 400;
/** Filter face, fpm (ACCA Manual D, from memory). */
export const FILTER_FPM = 300;
/** Free share of a stamped return grille when the maker does not say (common practice). */
export const USUAL_FREE_SHARE = 0.7;

/**
 * Return grille and filter area a flow needs; both must hold, and a filter grille needs the greater.
 *
 * @param cfm 5 to 60000 · @param freeShare of a grille, 0.3 to 1, default 0.70
 * @returns freeIn2, grossIn2 (grille), filterIn2 (filter face), grilleWithFilterIn2 (the greater)
 * @example returnArea({ cfm: 1200 }) // free 432, gross 617, filter 576 in²
 */
export const returnArea = calculation({
  id: 'return-area',
  title: 'Return and filter area',
  what: 'How large the return grille and the filter must be.',
  formula: 'free = CFM/400 × 144; gross = free / free share; filter = CFM/300 × 144',
  source: '400 fpm free area common practice; 300 fpm filter face ACCA Manual D, edition not checked',
  notCovered: 'Filters with a rated velocity of their own; noise of the grille.',
  input: z.strictObject({ cfm: cfmField, freeShare: num(0.3, 1, 'of the gross area').default(USUAL_FREE_SHARE) }),
  compute: ({ cfm, freeShare }) => {
    const freeIn2 = (cfm / RETURN_FPM) * IN2_PER_FT2;
    const grossIn2 = freeIn2 / freeShare;
    const filterIn2 = (cfm / FILTER_FPM) * IN2_PER_FT2;
    return ok({ freeIn2, grossIn2, filterIn2, grilleWithFilterIn2: Math.max(grossIn2, filterIn2) });
  },
  example: { input: { cfm: 1200 }, expected: { freeIn2: 432, grossIn2: 617.1, filterIn2: 576 }, tolerance: 0.1 },
});

/**
 * Velocity through a filter face.
 * @example filterFace({ cfm: 1200, widthIn: 20, heightIn: 25 }) // 346 fpm: too fast
 */
export const filterFace = calculation({
  id: 'filter-face',
  title: 'Filter face velocity',
  what: 'How fast the air runs through a filter, against 300 fpm.',
  formula: 'CFM / (width × height / 144)',
  source: '300 fpm: ACCA Manual D, edition not checked',
  notCovered: 'Pleat area of deep media filters with a rating of their own.',
  input: z.strictObject({ cfm: cfmField, widthIn: num(4, 60, 'in'), heightIn: num(4, 60, 'in') }),
  compute: ({ cfm, widthIn, heightIn }) => {
    const fpm = cfm / ((widthIn * heightIn) / IN2_PER_FT2);
    return ok({ fpm, holds: fpm <= FILTER_FPM });
  },
  example: { input: { cfm: 1200, widthIn: 20, heightIn: 25 }, expected: { fpm: 345.6, holds: false }, tolerance: 0.1 },
});
