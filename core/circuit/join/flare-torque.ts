import { z } from 'zod';
import { ACR_SIZES } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';

/** Torque of flare nuts, ft·lb (common practice; the maker's table comes first). */
const TORQUE: ReadonlyMap<number, readonly [number, number]> = new Map([
  [0.25, [10, 13]],
  [0.375, [25, 31]],
  [0.5, [36, 45]],
  [0.625, [50, 60]],
  [0.75, [74, 89]],
]);

/** @example flareTorque({ odIn: 0.375 }) // 25 to 31 ft·lb */
export const flareTorque = calculation({
  id: 'flare-torque',
  title: 'Flare torque',
  what: 'How tight a flare nut is drawn.',
  formula: 'table by tube size',
  source: 'common practice; the maker’s table comes first',
  notCovered: 'A flare cut for a lower pressure, burrs, sealant on the faces.',
  input: z.strictObject({ odIn: z.number().meta(allows(ACR_SIZES)) }),
  compute: ({ odIn }) => {
    const range = TORQUE.get(odIn);
    if (!range) return refuse('odIn', tell('join.no-flare-torque-is-known-for'), tell('join.0-25-0-375-0-5'));
    return ok({ lowFtLb: range[0], highFtLb: range[1] });
  },
  example: { input: { odIn: 0.375 }, expected: { lowFtLb: 25, highFtLb: 31 }, tolerance: 0 },
});
