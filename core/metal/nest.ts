import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { exactSheets } from './exact-nest';
import { fitsSheet, greedySheets, leastSheets } from './guillotine';
import { tell } from './words';

const MOST_KINDS = 100;
const MOST_OF_A_KIND = 500;
/** So many pieces are tried in every way there is. */
const EXACT_MOST = 12;
/** Lost beside a cut (common practice), in. */
const GAP_IN = 0.125;
const length = num(0.25, 480, 'in');

/**
 * How many sheets these pieces take, cut from edge to edge, turned as they fit.
 *
 * @param pieces w, h and count of each · @param sheetIn its two lengths · @param gapIn lost between pieces, 0.125 by default; none
 * along the edge
 * @returns sheets; utilisationPct of their area that is pieces; exact: no guillotine pattern takes fewer (up to a dozen pieces, or
 * where the area alone proves it), else as good as a quick rule finds
 * @example nest({ pieces: [{ w: 22, h: 40, count: 5 }], sheetIn: [48, 96] }) // 2 sheets, 47.7 %
 */
export const nest = calculation({
  id: 'nest',
  title: 'Nesting',
  what: 'How many sheets a set of rectangular pieces takes when every cut goes from edge to edge.',
  formula:
    'fewest lots whose pieces join to within a sheet, side by side or one above the other; utilization = pieces / sheets',
  source: 'every guillotine pattern tried up to a dozen pieces; beyond, largest first by best fit',
  notCovered: 'Grain, edge margins, odd shapes: a piece counts by the rectangle around it.',
  input: z.strictObject({
    pieces: z
      .array(z.strictObject({ w: length, h: length, count: z.number().int().min(1).max(MOST_OF_A_KIND) }))
      .min(1)
      .max(MOST_KINDS)
      .meta(upTo(MOST_KINDS, 'pieces')),
    sheetIn: z.tuple([length, length]).describe('two lengths'),
    gapIn: num(0, 2, 'in').default(GAP_IN),
  }),
  compute: ({ pieces, sheetIn: [w, h], gapIn }) => {
    const sheet = { w, h };
    const large = pieces.find((p) => !fitsSheet(p, sheet));
    if (large)
      return refuse(
        'pieces',
        tell('metal.piece-fits-neither-way', { w: large.w, h: large.h }),
        tell('metal.split-it-or-a-larger-sheet', { w, h }),
      );
    const all = pieces.flatMap((p) => Array.from({ length: p.count }, () => ({ w: p.w, h: p.h })));
    const least = leastSheets(all, sheet, gapIn);
    const quick = greedySheets(all, sheet, gapIn);
    const proven = quick === least || all.length <= EXACT_MOST;
    const sheets = quick === least || !proven ? quick : exactSheets(all, sheet, gapIn);
    const area = all.reduce((sum, p) => sum + p.w * p.h, 0);
    return ok({ sheets, utilisationPct: (100 * area) / (sheets * w * h), exact: proven });
  },
  example: {
    input: { pieces: [{ w: 22, h: 40, count: 5 }], sheetIn: [48, 96] },
    expected: { sheets: 2, utilisationPct: 47.743, exact: true },
    tolerance: 0.001,
  },
});
