import type { PlacedPiece } from './activity';

/**
 * What decides when the day ends: from the piece that ends last back over what each waited for, be it work, a person or gear.
 *
 * @returns ids in the order of the work
 */
export function chainOf(placed: readonly PlacedPiece[]): string[] {
  const byId = new Map(placed.map((p) => [p.id, p]));
  const chain: string[] = [];
  let at = lastOf(placed);
  while (at && !chain.includes(at.id)) {
    chain.unshift(at.id);
    const { because } = at;
    at = 'id' in because ? byId.get(because.id) : undefined;
  }
  return chain;
}

const lastOf = (placed: readonly PlacedPiece[]): PlacedPiece | undefined =>
  placed.reduce<PlacedPiece | undefined>((last, p) => (last && last.end >= p.end ? last : p), undefined);

/** When the last piece ends; undefined for no work. */
export const endOf = (placed: readonly PlacedPiece[]): number | undefined => lastOf(placed)?.end;
