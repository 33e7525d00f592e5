import { z } from 'zod';
import { tell } from '@/core/circuit/join/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { q } from '@/core/words/said';

/** Filler is drawn in across a gap of this width a side (common practice), in. */
const GAP_IN = { low: 0.001, high: 0.006 } as const;

/**
 * Gap between a tube and the socket it is brazed into.
 * @returns radialIn, joinable, say
 * @example brazeClearance({ tubeOdIn: 0.75, socketIdIn: 0.875 }) // 0.0625 in a side: use a reducer
 */
export const brazeClearance = calculation({
  id: 'braze-clearance',
  title: 'Brazed clearance',
  what: 'Whether a tube and its socket can be brazed, or need a reducer.',
  formula: '(socket inside − tube outside) / 2, wanted 0.001 to 0.006 in',
  source: 'common practice; decisions of the design',
  notCovered: 'Depth of the joint, cleanliness, heat.',
  input: z.strictObject({ tubeOdIn: num(0.1, 3, 'in'), socketIdIn: num(0.1, 3, 'in') }),
  compute: ({ tubeOdIn, socketIdIn }) => {
    const radialIn = (socketIdIn - tubeOdIn) / 2;
    if (radialIn < 0)
      return refuse(
        'socketIdIn',
        tell('join.tube-is-larger-than-its-socket'),
        tell('join.above', { tubeOdIn: q(tubeOdIn, 'in', 'as is') }),
      );
    const rounded = Math.round(radialIn * 1e6) / 1e6;
    return ok({
      radialIn: rounded,
      joinable: rounded >= GAP_IN.low && rounded <= GAP_IN.high,
      say:
        rounded > GAP_IN.high
          ? tell('join.loose-use-reducer-or-fitting-of')
          : rounded < GAP_IN.low
            ? tell('join.too-tight-filler-cannot-run-in')
            : tell('join.filler-runs-in'),
    });
  },
  example: {
    input: { tubeOdIn: 0.75, socketIdIn: 0.875 },
    expected: { radialIn: 0.0625, joinable: false },
    tolerance: 1e-6,
  },
});
