import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/startup/words';

/** Quadratic that reproduces the recalled rows (return 70–78 °F) of Title 24 RA3.2-3 within 0.06 °F. */
const COEFFICIENTS = { c: 18.613, d: 0.545044, w: -0.678341, dd: -0.00006616, dw: -0.00006194, ww: -0.02280909 };

export const targetAirSplit = calculation({
  id: 'target-air-split',
  title: 'Target air split',
  what: 'The drop from return to supply dry bulb that a cooling coil with right airflow gives in this air.',
  formula: 'quadratic in (return dry bulb − 75) and (return wet bulb − 63)',
  source: 'California Title 24 RA3.2-3, edition not checked; 79–84 °F is extrapolated',
  notCovered: 'Heating; airflow outside 350–450 CFM a ton; supply read at a register (reads 1–2 °F low).',
  input: z.strictObject({ returnDryBulbF: num(70, 84, '°F'), returnWetBulbF: num(50, 76, '°F') }),
  compute: ({ returnDryBulbF, returnWetBulbF }) => {
    if (returnWetBulbF >= returnDryBulbF) {
      return refuse(
        'returnWetBulbF',
        tell('startup.wet-bulb-must-be-below-dry'),
        tell('startup.50-to-f', { returnDryBulbF: returnDryBulbF - 0.1 }),
      );
    }
    const d = returnDryBulbF - 75;
    const w = returnWetBulbF - 63;
    const k = COEFFICIENTS;
    return ok({ targetSplitF: k.c + k.d * d + k.w * w + k.dd * d * d + k.dw * d * w + k.ww * w * w });
  },
  example: { input: { returnDryBulbF: 78, returnWetBulbF: 60 }, expected: { targetSplitF: 22.1 }, tolerance: 0.06 },
});
