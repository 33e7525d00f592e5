import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES, odText } from '@/core/circuit/acr-tube';
import { allows, REFUSED } from '@/core/finding/allow';

const byText = new Map(
  [...ACR_INSIDE_IN.keys()].flatMap(
    (od) =>
      [
        [String(od), od],
        [odText(od).replace(' in', ''), od],
      ] as [string, number][],
  ),
);

/** Tube sizes in a row, “3/4, 7/8”; undefined where one of them is no ACR tube. */
export function sizesOf(text: string): number[] | undefined {
  const parts = text
    .split(/[,;]/)
    .map((p) => p.trim())
    .filter(Boolean);
  const sizes = parts.flatMap((p) => byText.get(p) ?? []);
  return sizes.length === parts.length ? sizes : undefined;
}

/** Tube sizes that a maker's table allows besides the listed one. */
export const sizesField = z
  .string()
  .trim()
  .max(60)
  .refine((s) => sizesOf(s) !== undefined, REFUSED.tubeSize)
  .meta(allows(ACR_SIZES));

/** What a maker says of a size: its own, one of its table, not in its table; nothing where no table is known. */
export function sizeAllowed(
  odIn: number,
  listedIn: number | null | undefined,
  also: string | null | undefined,
): 'listed' | 'in-table' | 'not-in-table' | 'unknown' {
  if (listedIn === null || listedIn === undefined) return 'unknown';
  if (odIn === listedIn) return 'listed';
  const table = also ? sizesOf(also) : undefined;
  if (!table?.length) return 'unknown';
  return table.includes(odIn) ? 'in-table' : 'not-in-table';
}
