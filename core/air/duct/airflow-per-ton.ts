import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bisect } from '@/core/numeric/bisect';
import { POLICY } from '@/core/policy/figures';
import { ductDiameterField, frictionField, frictionOf, ROUGHNESS_FT } from './friction';

export const tonsField = num(0.5, 50, 'tons');
export const cfmPerTonField = num(250, 600, 'CFM per ton');
export const STANDARD_CFM_PER_TON = POLICY.cfmPerTon.value;
/** Friction rate taken for an existing duct whose design nobody knows (common practice), in. w.c. per 100 ft. */
export const USUAL_FRICTION = 0.08;

/**
 * Airflow a system needs.
 * @param tons 0.5 to 50 · @param cfmPerTon 350 humid, 400 standard, or the maker's
 * @example systemAirflow({ tons: 3 }) // 1200 CFM
 */
export const systemAirflow = calculation({
  id: 'system-airflow',
  title: 'Airflow of the system',
  what: 'How much air the blower must move.',
  formula: 'tons × CFM per ton',
  source: 'common practice: 350 humid, 400 standard; the maker’s range rules',
  notCovered: 'What the ducts really let through.',
  input: z.strictObject({ tons: tonsField, cfmPerTon: cfmPerTonField.default(STANDARD_CFM_PER_TON) }),
  compute: ({ tons, cfmPerTon }) => ok({ cfm: tons * cfmPerTon }),
  example: { input: { tons: 3, cfmPerTon: 400 }, expected: { cfm: 1200 }, tolerance: 0 },
});

/** Flow at which a round metal duct costs this friction, by bisection; friction rises with flow. */
export function capacityOf(diameterIn: number, inWcPer100ft: number, roughnessFt: number = ROUGHNESS_FT.metal): number {
  const slower = (cfm: number): boolean => frictionOf(cfm, diameterIn, roughnessFt).inWcPer100ft < inWcPer100ft;
  return bisect(slower, 1, 200_000, 80).middle;
}

/**
 * What an existing round metal duct can carry, and the largest system it serves.
 *
 * @param diameterIn 3 to 96 · @param inWcPer100ft default 0.08 · @param cfmPerTon default 400
 * @example ductCapacity({ diameterIn: 14 }) // 946 CFM, 2.4 tons
 */
export const ductCapacity = calculation({
  id: 'duct-capacity',
  title: 'Capacity of an existing duct',
  what: 'What a round duct can carry at a friction rate, and the largest system that may hang on it.',
  formula: 'flow at which the friction equals the rate; maxTons = CFM / CFM per ton',
  source: 'ASHRAE friction, edition not checked; 0.08 in. w.c. per 100 ft common practice',
  notCovered: 'Fittings, leaks and crushed places; rectangular duct (use its equivalent diameter).',
  input: z.strictObject({
    diameterIn: ductDiameterField,
    inWcPer100ft: frictionField.default(USUAL_FRICTION),
    cfmPerTon: cfmPerTonField.default(STANDARD_CFM_PER_TON),
  }),
  compute: ({ diameterIn, inWcPer100ft, cfmPerTon }) => {
    const cfm = capacityOf(diameterIn, inWcPer100ft);
    return ok({ cfm, maxTons: cfm / cfmPerTon });
  },
  example: { input: { diameterIn: 14 }, expected: { cfm: 946, maxTons: 2.365 }, tolerance: 1 },
});
