import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Every register within this of what it should give (common practice). */
const DONE = 0.1;
/** Two ratios that agree (common practice). */
const AGREE = 0.03;

/**
 * The next damper to touch by proportional balancing: the register with the least of what it should get is never throttled; the
 * next one up is closed until both have the same share, and so on.
 *
 * @param registers each with its name, what it should give and what was measured, CFM
 * @returns indexName and indexRatio of the one that is never throttled; nextName with its ratio and the ratio to close it to,
 * empty and 0 where nothing is left; worstPct; done
 * @example balanceNext({ registers: [{ name: 'A', wantedCfm: 400, measuredCfm: 500 }, …] }) // B first, from 1.00 to 0.75
 */
export const balanceNext = calculation({
  id: 'balance-next',
  title: 'Next damper to touch',
  what: 'Which damper is closed next, and how far, so that every room gets its share with the fewest moves.',
  formula:
    'r = measured/wanted; lowest r is the index; next: lowest r more than 3 % above it, closed to the index’s r; done: all |r − 1| ≤ 0.10',
  source: 'Proportional balancing, common practice',
  notCovered: 'Branches against trunks; the fan, which is set last; a register that is missing from the list.',
  input: z.strictObject({
    registers: z
      .array(
        z.strictObject({
          name: z.string().trim().min(1).max(60),
          wantedCfm: num(1, 5000, 'CFM'),
          measuredCfm: num(1, 5000, 'CFM'),
        }),
      )
      .min(2)
      .max(60)
      .describe('2 to 60 registers, each name, wantedCfm and measuredCfm'),
  }),
  compute: ({ registers }) => {
    const all = registers
      .map((r) => ({ name: r.name, ratio: r.measuredCfm / r.wantedCfm }))
      .sort((a, b) => a.ratio - b.ratio);
    const index = all[0]!;
    const worstPct = 100 * Math.max(...all.map((r) => Math.abs(r.ratio - 1)));
    const done = worstPct <= 100 * DONE + 1e-9;
    const next = done ? undefined : all.find((r) => r.ratio > index.ratio * (1 + AGREE));
    return ok({
      indexName: index.name,
      indexRatio: index.ratio,
      nextName: next?.name ?? '',
      nextRatio: next?.ratio ?? 0,
      closeToRatio: next ? index.ratio : 0,
      worstPct,
      done,
    });
  },
  example: {
    input: {
      registers: [
        { name: 'A', wantedCfm: 400, measuredCfm: 500 },
        { name: 'B', wantedCfm: 400, measuredCfm: 400 },
        { name: 'C', wantedCfm: 400, measuredCfm: 300 },
      ],
    },
    expected: {
      indexName: 'C',
      indexRatio: 0.75,
      nextName: 'B',
      nextRatio: 1,
      closeToRatio: 0.75,
      worstPct: 25,
      done: false,
    },
    tolerance: 0.001,
  },
});
