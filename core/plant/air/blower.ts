import { bisect } from '@/core/numeric/bisect';

/** A blower and what it blows against: a motor that slows under load, or one that holds its air until its power ends. */
export type Blower = {
  kind: 'psc' | 'constant-air';
  /** What each part drops at the nominal air with nothing in its way, in. w.c. */
  filterInWc: number;
  coilInWc: number;
  returnInWc: number;
  supplyInWc: number;
};

/** An ordinary house: half an inch in all. Invented, of the usual size. */
export const USUAL_BLOWER: Blower = { kind: 'psc', filterInWc: 0.09, coilInWc: 0, returnInWc: 0.16, supplyInWc: 0.23 };

/** Share of the nominal air that a blower gives at a static of so many in. w.c.; invented, of the usual shape. */
const CURVE = {
  psc: (s: number): number => 1.18 - 0.28 * s - 0.32 * s * s,
  // It holds its air to 0.8 in. w.c.; past it the motor is at its limit.
  'constant-air': (s: number): number => (s <= 0.8 ? 1 : 1 - 0.9 * (s - 0.8)),
};
const MOST_IN_WC = 2;
/** Pressure goes with the square of the flow (turbulent flow). */
const drops = (b: Blower, loaded: number): number => b.filterInWc * loaded + b.coilInWc + b.returnInWc + b.supplyInWc;

export type Air = { share: number; filterInWc: number; returnInWc: number; supplyInWc: number; totalInWc: number };

/**
 * Where a blower meets its ducts: the air that it gives, and the static along the way.
 *
 * @param loaded how many times its clean drop the filter costs, 1 clean
 * @returns share of the nominal air; static in. w.c. as it is read (amounts), the return between filter and blower
 * @example airThrough(USUAL_BLOWER, 1) // 0.96 of nominal at 0.44 in. w.c.
 */
export function airThrough(b: Blower, loaded: number): Air {
  const all = drops(b, loaded);
  // Along the way static rises with the square of the air; along the blower air falls with the static.
  const totalInWc = bisect((s) => CURVE[b.kind](s) > Math.sqrt(s / all), 0, MOST_IN_WC, 40).middle;
  const square = totalInWc / all;
  const filterInWc = b.filterInWc * loaded * square;
  return {
    share: Math.sqrt(square),
    filterInWc,
    returnInWc: b.returnInWc * square + filterInWc,
    supplyInWc: (b.supplyInWc + b.coilInWc) * square,
    totalInWc,
  };
}
