import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Pressure that leakage is told at, Pa. */
const REFERENCE_PA = 25;
/** Exponent of flow through the cracks of ducts, and what it lies between (common practice). */
const EXPONENT = 0.65;
const EXPONENTS = { low: 0.6, high: 0.7 } as const;

/**
 * Leakage of ducts by fan pressurization, brought to 25 Pa.
 *
 * @param cfm the fan's flow at `pa` in the ducts, registers masked, CFM and Pa
 * @param conditionedFt2, systemCfm, tons what it is told against, where known
 * @returns cfm25 with lowCfm25 and highCfm25 by the exponent's range; per100Ft2, pctOfAir, perTon where they can be told
 * @example ductLeakage({ cfm: 148, pa: 17.5, conditionedFt2: 1850, systemCfm: 1200, tons: 3 }) // 186.6 CFM25, 10.1 per 100 ft², 15.6 %
 */
export const ductLeakage = calculation({
  id: 'duct-leakage',
  title: 'Duct leakage at 25 Pa',
  what: 'What the ducts leak, from one reading of a fan at any pressure, against house, airflow and tons.',
  formula: 'CFM25 = CFM × (25/Pa)^0.65; per 100 ft² of floor, % of the system’s air, per ton',
  source: 'Power law of flow through cracks; exponent 0.60 to 0.70, common practice',
  notCovered: 'Leakage to outside alone, which needs the house at the same pressure; sealant that has not cured.',
  input: z.strictObject({
    cfm: num(1, 3000, 'CFM'),
    pa: num(12, 50, 'Pa'),
    conditionedFt2: num(100, 50_000, 'ft²').optional(),
    systemCfm: num(100, 20_000, 'CFM').optional(),
    tons: num(0.5, 50, 'tons').optional(),
  }),
  compute: ({ cfm, pa, conditionedFt2, systemCfm, tons }) => {
    const at = (n: number): number => cfm * (REFERENCE_PA / pa) ** n;
    const cfm25 = at(EXPONENT);
    const ends = [at(EXPONENTS.low), at(EXPONENTS.high)];
    return ok({
      cfm25,
      lowCfm25: Math.min(...ends),
      highCfm25: Math.max(...ends),
      ...(conditionedFt2 ? { per100Ft2: (100 * cfm25) / conditionedFt2 } : {}),
      ...(systemCfm ? { pctOfAir: (100 * cfm25) / systemCfm } : {}),
      ...(tons ? { perTon: cfm25 / tons } : {}),
    } as {
      cfm25: number;
      lowCfm25: number;
      highCfm25: number;
      per100Ft2?: number;
      pctOfAir?: number;
      perTon?: number;
    });
  },
  example: {
    input: { cfm: 148, pa: 17.5, conditionedFt2: 1850, systemCfm: 1200, tons: 3 },
    expected: { cfm25: 186.6, lowCfm25: 183.3, highCfm25: 190, per100Ft2: 10.1, pctOfAir: 15.6, perTon: 62.2 },
    tolerance: 0.1,
  },
});
