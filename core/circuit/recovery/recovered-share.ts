import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Bands of recovered against expected, percent (common practice). */
const BANDS = { over: 105, consistent: 95, short: 85 } as const;

/**
 * What the recovered weight says of the old system.
 * @param expectedOz factory charge and what the line set added · @param recoveredOz on the scale
 * @returns pct, reading: consistent, slightly short, probable leak, over
 * @example recoveredShare({ expectedOz: 150.2, recoveredOz: 99.2 }) // 66 %: probable leak
 */
export const recoveredShare = calculation({
  id: 'recovered-share',
  title: 'Recovered against expected',
  what: 'Whether the old system held its charge, had leaked, or held more than it should.',
  formula: '100 × recovered / expected; ≥ 95 consistent, 85–95 slightly short, below 85 probable leak, above 105 over',
  source: 'mass balance; bands common practice',
  notCovered: 'Refrigerant still held in the old unit; oil that came along.',
  input: z.strictObject({ expectedOz: num(0.1, 8000, 'oz'), recoveredOz: num(0, 8000, 'oz') }),
  compute: ({ expectedOz, recoveredOz }) => {
    const pct = (100 * recoveredOz) / expectedOz;
    const reading =
      pct > BANDS.over
        ? 'over'
        : pct >= BANDS.consistent
          ? 'consistent'
          : pct >= BANDS.short
            ? 'slightly short'
            : 'probable leak';
    return ok({ pct, reading });
  },
  example: {
    input: { expectedOz: 150.2, recoveredOz: 99.2 },
    expected: { pct: 66, reading: 'probable leak' },
    tolerance: 0.5,
  },
});
