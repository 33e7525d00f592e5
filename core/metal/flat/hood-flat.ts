import { hoodFall } from '@/core/metal/hood-fall';
import { ALLOWANCE_IN } from './allowances';
import { type Corner, type Facet, laidFlat, movedOut, type Piece, rectangle } from './piece';

/** A weather hood from a wall over a unit's ducts: open below and in front. */
export type HoodShape = { widthIn: number; runIn: number; backIn: number; fallInPerFt: number };
/** Hangs over in front, so that water lets go there (common practice), in. */
export const DRIP_IN = 0.75;
/** Slides up under the siding (common practice), in. */
export const UPPER_FLANGE_IN = 2;

/**
 * A hood: its top falls away from the wall, with a flange up under the siding behind and a drip edge in front; two sides. A cross-break
 * is marked on the top. Bends are drawn sharp.
 *
 * @param shape widthIn along the wall, runIn away from it, backIn high at the wall, fallInPerFt ¼ or more
 * @returns top and both sides, or undefined where the front would be lower than nothing
 * @source geometry; flange, drip edge and laps are common practice
 */
export function flatHood({ widthIn: w, runIn, backIn, fallInPerFt }: HoodShape): Piece[] | undefined {
  const r = hoodFall({ runIn, fallInPerFt });
  if (!r.ok || r.value.fallIn >= backIn) return undefined;
  const front = backIn - r.value.fallIn;
  const slant = Math.hypot(runIn, r.value.fallIn);
  const strip = (y: number, h: number, folded: Corner[]): Facet => ({ neat: rectangle(0, y, w, h), folded });
  const edge = (y: number, z: number): [Corner, Corner] => [
    [0, y, z],
    [w, y, z],
  ];
  const band = (low: [Corner, Corner], high: [Corner, Corner]): Corner[] => [low[0], low[1], high[1], high[0]];
  const [drip, eave, ridge, flange] = [
    edge(runIn, front - DRIP_IN),
    edge(runIn, front),
    edge(0, backIn),
    edge(0, backIn + UPPER_FLANGE_IN),
  ];
  const high = slant + UPPER_FLANGE_IN;
  const top: Piece = {
    id: 'top',
    facets: [
      strip(-DRIP_IN, DRIP_IN, band(drip, eave)),
      strip(0, slant, band(eave, ridge)),
      strip(slant, UPPER_FLANGE_IN, band(ridge, flange)),
    ],
    // The sides lap under the top alone, not under the drip edge and the flange.
    cut: [
      [0, -DRIP_IN],
      [w, -DRIP_IN],
      [w, 0],
      [w + ALLOWANCE_IN.lap, 0],
      [w + ALLOWANCE_IN.lap, slant],
      [w, slant],
      [w, high],
      [0, high],
      [0, slant],
      [-ALLOWANCE_IN.lap, slant],
      [-ALLOWANCE_IN.lap, 0],
      [0, 0],
    ],
    bends: [
      { a: [0, 0], b: [w, 0], up: false, angleDeg: 90 },
      { a: [0, slant], b: [w, slant], up: true, angleDeg: 90 },
      { a: [0, 0], b: [0, slant], up: false, angleDeg: 90 },
      { a: [w, 0], b: [w, slant], up: false, angleDeg: 90 },
    ],
    rings: [],
    lines: [
      [
        [0, 0],
        [w, slant],
      ],
      [
        [w, 0],
        [0, slant],
      ],
    ],
    lengths: [
      { at: [w / 2, 0.3], in: w },
      { at: [w / 2, slant / 2 + 1], in: slant },
    ],
  };
  const sideOf = (id: string, x: number, outward: boolean): Piece => {
    const corners: Corner[] = [
      [x, 0, 0],
      [x, runIn, 0],
      [x, runIn, front],
      [x, 0, backIn],
    ];
    // Seen from outside the wall lies to one hand or the other.
    const folded = outward ? corners : [corners[1]!, corners[0]!, corners[3]!, corners[2]!];
    const neat = laidFlat(folded);
    return {
      id,
      facets: [{ neat, folded }],
      cut: movedOut(neat, [0, outward ? 0 : ALLOWANCE_IN.flange, 0, outward ? ALLOWANCE_IN.flange : 0]),
      bends: [{ a: neat[outward ? 3 : 1]!, b: neat[outward ? 0 : 2]!, up: false, angleDeg: 90 }],
      rings: [],
      lines: [],
      lengths: [
        { at: [runIn / 2, 0.3], in: runIn },
        { at: [runIn * (outward ? 0.86 : 0.14), front / 2], in: front },
        { at: [runIn * (outward ? 0.14 : 0.86), backIn / 2], in: backIn },
      ],
    };
  };
  return [top, sideOf('right', w, true), sideOf('left', 0, false)];
}
