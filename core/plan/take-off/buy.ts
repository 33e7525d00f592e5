import type { PartRow } from './part-row';
import type { TakeOffLine } from './take-off';

/** A line against what the truck carries: how many packs are bought, and what they cost. */
export type BuyLine = TakeOffLine & {
  onTruck: number;
  /** Packs to buy: none where the truck has enough. */
  packs: number;
  packSize: number;
  /** Of the packs to buy; undefined where the company lists no price. */
  cost: number | undefined;
};

/** Amounts that differ by less are the same. */
const SAME = 1e-9;

/**
 * What must be bought for a take-off: the rest after what is on the truck, in whole packs.
 *
 * @param parts the company's own list; a line it does not know is bought in its usual size, without a price
 */
export function toBuy(lines: readonly TakeOffLine[], parts: readonly PartRow[]): BuyLine[] {
  const byCode = new Map(parts.map((p) => [p.code, p]));
  return lines.map((line) => {
    const own = byCode.get(line.code);
    const onTruck = own?.onTruck ?? 0;
    const packSize = own?.pack ?? line.pack;
    const short = Math.max(0, line.need - onTruck);
    const packs = line.how === 'make' ? 0 : Math.max(0, Math.ceil(short / packSize - SAME));
    return { ...line, onTruck, packs, packSize, cost: own ? packs * own.price : undefined };
  });
}
