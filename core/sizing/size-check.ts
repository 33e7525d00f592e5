import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';

const BTUH_PER_TON = 12000;
/** Floor area a ton of cooling usually serves (common practice): outside, ask; never resize by it. */
export const FT2_PER_TON = { low: 400, high: 1200 } as const;
/** Cooling capacity against the load (ACCA Manual S, from memory, unsure of the edition). */
export const COOLING_MOST = { single: 1.15, heatPump: 1.25 } as const;
export const FURNACE_SHARE = { low: 1, high: 1.4 } as const;

/**
 * Cooling size against the entered load and the floor area: flags only.
 *
 * @param tons · @param coolingLoadBtuh total, from a load calculation · @param areaFt2 conditioned
 * @returns ft2PerTon and its flag; share of the load and its flag
 * @example sizeCheck({ tons: 3.5, areaFt2: 2100, coolingLoadBtuh: 38000, kind: 'single' }) // 600 ft²/ton, 111 %
 */
export const sizeCheck = calculation({
  id: 'size-check',
  title: 'Size against the load',
  what: 'Whether a size is plausible for the floor area and within the limits against a load calculation.',
  formula: 'area / tons; tons × 12000 / load',
  source: '400 to 1200 ft² a ton common practice; 115 and 125 % ACCA Manual S, edition not checked',
  notCovered: 'It never makes a load and never resizes.',
  input: z.strictObject({
    tons: num(0.5, 50, 'tons'),
    areaFt2: num(50, 100000, 'ft²'),
    coolingLoadBtuh: num(1000, 1000000, 'Btu/h'),
    kind: oneOf(['single', 'heatPump']).default('single'),
  }),
  compute: ({ tons, areaFt2, coolingLoadBtuh, kind }) => {
    const ft2PerTon = areaFt2 / tons;
    const share = (tons * BTUH_PER_TON) / coolingLoadBtuh;
    return ok({
      ft2PerTon,
      areaUsual: ft2PerTon >= FT2_PER_TON.low && ft2PerTon <= FT2_PER_TON.high,
      share,
      shareHolds: share <= COOLING_MOST[kind],
    });
  },
  example: {
    input: { tons: 3.5, areaFt2: 2100, coolingLoadBtuh: 38000 },
    expected: { ft2PerTon: 600, areaUsual: true, share: 1.105, shareHolds: true },
    tolerance: 0.001,
  },
});
