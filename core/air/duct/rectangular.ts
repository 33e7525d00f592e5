import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bisect } from '@/core/numeric/bisect';
import { q } from '@/core/words/said';
import { cfmField, frictionField, ROUGHNESS_FT } from './friction';
import { diameterFor } from './round-size';

/** Flatter than this the formula is outside its data and the duct drums and leaks (ASHRAE, from memory). */
const MOST_ASPECT = 4;
/** Rectangular duct is made in steps of this (common practice). */
const MADE_STEP_IN = 2;

const sideField = num(2, 120, 'in');

export const equivalentOf = (aIn: number, bIn: number): number => (1.3 * (aIn * bIn) ** 0.625) / (aIn + bIn) ** 0.25;

/**
 * Round duct with the same flow and friction as a rectangular one.
 *
 * @param aIn, bIn inside sides, 2 to 120, no flatter than 4 to 1
 * @returns diameterIn
 * @example equivalentDiameter({ aIn: 12, bIn: 12 }) // 13.12 in
 */
export const equivalentDiameter = calculation({
  id: 'equivalent-diameter',
  title: 'Equivalent round diameter',
  what: 'The round duct that a rectangular one equals in flow and friction.',
  formula: 'De = 1.30 (ab)^0.625 / (a + b)^0.25',
  source: 'Huebscher 1948, as in ASHRAE Handbook Fundamentals, Duct Design, edition not checked',
  notCovered: 'Ducts flatter than 4 to 1, oval duct.',
  input: z.strictObject({ aIn: sideField, bIn: sideField }),
  compute: ({ aIn, bIn }) => {
    const long = Math.max(aIn, bIn);
    const short = Math.min(aIn, bIn);
    if (long / short > MOST_ASPECT) {
      return refuse(
        aIn < bIn ? 'aIn' : 'bIn',
        tell('air.duct-is-flatter-than-4-to'),
        tell('air.at-least-against', { long: q(long / MOST_ASPECT, 'in'), long2: q(long, 'in', 'as is') }),
      );
    }
    return ok({ diameterIn: equivalentOf(aIn, bIn) });
  },
  example: { input: { aIn: 20, bIn: 8 }, expected: { diameterIn: 13.48 }, tolerance: 0.01 },
});

/**
 * Width of a rectangular duct of a given height for a flow at a friction rate.
 *
 * @param cfm 5 to 60000 · @param inWcPer100ft 0.005 to 2 · @param heightIn 2 to 120
 * @returns widthIn exact, madeWidthIn rounded up to the next even inch, aspect
 * @example rectangularDuctSize({ cfm: 900, inWcPer100ft: 0.08, heightIn: 8 }) // 20.9 in, make 22
 */
export const rectangularDuctSize = calculation({
  id: 'rectangular-duct-size',
  title: 'Rectangular duct size',
  what: 'How wide a rectangular duct of a known height must be.',
  formula: 'width at which the equivalent diameter equals the round size for the flow',
  source: 'Huebscher with ASHRAE friction, edition not checked',
  notCovered: 'Ducts flatter than 4 to 1; lining reduces the inside.',
  input: z.strictObject({ cfm: cfmField, inWcPer100ft: frictionField, heightIn: sideField }),
  compute: ({ cfm, inWcPer100ft, heightIn }) => {
    const wanted = diameterFor(cfm, inWcPer100ft, ROUGHNESS_FT.metal);
    if (wanted === undefined)
      return refuse('cfm', tell('air.no-duct-from-3-to-60'), tell('air.another-flow-or-friction-rate'));
    const most = heightIn * MOST_ASPECT;
    if (equivalentOf(most, heightIn) < wanted) {
      return refuse(
        'heightIn',
        tell('air.at-this-height-duct-would-be'),
        tell('air.more-than-or-split-flow', { heightIn: q(heightIn, 'in', 'as is') }),
      );
    }
    const widthIn = bisect((w) => equivalentOf(w, heightIn) < wanted, Math.min(2, heightIn), most).middle;
    const madeWidthIn = Math.ceil(widthIn / MADE_STEP_IN - 1e-9) * MADE_STEP_IN;
    return ok({ widthIn, madeWidthIn, aspect: Math.max(madeWidthIn, heightIn) / Math.min(madeWidthIn, heightIn) });
  },
  example: {
    input: { cfm: 900, inWcPer100ft: 0.08, heightIn: 8 },
    expected: { widthIn: 20.9, madeWidthIn: 22 },
    tolerance: 0.06,
  },
});
