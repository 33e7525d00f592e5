import { IN2_PER_FT2 } from '@/core/units/units';

/** ACR copper tube, nominal outside diameter → inside diameter, in. ASTM B280 straight lengths, from memory. */
export const ACR_INSIDE_IN: ReadonlyMap<number, number> = new Map([
  [0.25, 0.19],
  [0.3125, 0.249],
  [0.375, 0.315],
  [0.5, 0.43],
  [0.625, 0.545],
  [0.75, 0.666],
  [0.875, 0.785],
  [1.125, 1.025],
  [1.375, 1.265],
]);

/** The sizes as a refusal lists them. */
export const ACR_SIZES = `${[...ACR_INSIDE_IN.keys()].join(', ')} in`;

const FRACTIONS: Record<string, string> = {
  '0.25': '1/4',
  '0.3125': '5/16',
  '0.375': '3/8',
  '0.5': '1/2',
  '0.625': '5/8',
  '0.75': '3/4',
  '0.875': '7/8',
  '1.125': '1-1/8',
  '1.375': '1-3/8',
};

/** The way the trade writes a tube size. */
export const odText = (odIn: number): string => `${FRACTIONS[String(odIn)] ?? odIn} in`;

/** Bore area, ft², or undefined when the size is not in the table. */
export function boreFt2(odIn: number): number | undefined {
  const inside = ACR_INSIDE_IN.get(odIn);
  return inside === undefined ? undefined : ((Math.PI / 4) * (inside * inside)) / IN2_PER_FT2;
}
