import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bisect } from '@/core/numeric/bisect';
import { cfmField, frictionField, frictionOf, ROUGHNESS_FT } from './friction';

/** Round pipe and flex as supply houses stock it, in: every inch to 10, then even (common practice). */
export const TRADE_DIAMETERS_IN = [
  4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 32, 34, 36, 40, 44, 48, 54, 60,
] as const;
const LEAST_IN = 3;
const MOST_IN = 60;

/** The exact diameter at which a flow costs this friction, by bisection; friction falls with diameter. */
export function diameterFor(cfm: number, inWcPer100ft: number, roughnessFt: number): number | undefined {
  const loss = (d: number): number => frictionOf(cfm, d, roughnessFt).inWcPer100ft;
  if (loss(LEAST_IN) < inWcPer100ft || loss(MOST_IN) > inWcPer100ft) return undefined;
  return bisect((d) => loss(d) > inWcPer100ft, LEAST_IN, MOST_IN).middle;
}

/** Required size goes up to what can be bought. */
export function tradeDiameter(diameterIn: number): number | undefined {
  return TRADE_DIAMETERS_IN.find((d) => d >= diameterIn - 1e-9);
}

/**
 * Round duct diameter for a flow at a friction rate.
 *
 * @param cfm 5 to 60000 · @param inWcPer100ft 0.005 to 2 · @param roughnessFt default galvanised
 * @returns diameterIn exact, tradeSizeIn the next size that is sold
 * @example roundDuctSize({ cfm: 900, inWcPer100ft: 0.08 }) // 13.74 in, buy 14
 */
export const roundDuctSize = calculation({
  id: 'round-duct-size',
  title: 'Round duct size',
  what: 'The round duct that carries a flow at the friction rate the fan can pay for.',
  formula: 'diameter at which the friction of the flow equals the rate, by bisection; then the next trade size up',
  source: 'ASHRAE Handbook Fundamentals, Duct Design, edition not checked; trade sizes common practice',
  notCovered: 'Noise: check the velocity. Flex: give its roughness, and its compression separately.',
  input: z.strictObject({
    cfm: cfmField,
    inWcPer100ft: frictionField,
    roughnessFt: num(0.00001, 0.02, 'ft').default(ROUGHNESS_FT.metal),
  }),
  compute: ({ cfm, inWcPer100ft, roughnessFt }) => {
    const diameterIn = diameterFor(cfm, inWcPer100ft, roughnessFt);
    const tradeSizeIn = diameterIn === undefined ? undefined : tradeDiameter(diameterIn);
    if (diameterIn === undefined || tradeSizeIn === undefined) {
      return refuse('cfm', tell('air.no-round-duct-from-3-to'), tell('air.another-flow-or-friction-rate'));
    }
    return ok({ diameterIn, tradeSizeIn });
  },
  example: {
    input: { cfm: 900, inWcPer100ft: 0.08 },
    expected: { diameterIn: 13.74, tradeSizeIn: 14 },
    tolerance: 0.02,
  },
});
