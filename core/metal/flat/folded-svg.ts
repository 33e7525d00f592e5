import type { Corner, Piece, Point } from './piece';

const DEG = Math.PI / 180;
/** How far the eye looks down on it, degrees. */
const DOWN_DEG = 28;
const ROOM_IN = 1;
const DIGITS = 2;
const n = (v: number): string => String(Number(v.toFixed(DIGITS)));

/** A point as it is seen: right and up on the picture, and how far away it is. */
function seen([x, y, z]: Corner, turnDeg: number): { at: Point; far: number } {
  const [c, s] = [Math.cos(turnDeg * DEG), Math.sin(turnDeg * DEG)];
  const [right, away] = [x * c - y * s, x * s + y * c];
  const [cd, sd] = [Math.cos(DOWN_DEG * DEG), Math.sin(DOWN_DEG * DEG)];
  return { at: [right, z * cd + away * sd], far: away * cd - z * sd };
}

/**
 * Pieces folded up, turned by so many degrees about their upright axis, without perspective: the farthest drawn first, shaded by the way
 * they face. Lengths along the same direction keep their ratio.
 *
 * @returns an SVG document in inches of the picture
 */
export function foldedSvg(pieces: readonly Piece[], turnDeg: number): string {
  const faces = pieces
    .flatMap((p) => p.facets)
    .map(({ folded }) => {
      const points = folded.map((c) => seen(c, turnDeg));
      return {
        points: points.map((p) => p.at),
        far: points.reduce((sum, p) => sum + p.far, 0) / points.length,
        light: lightOf(folded, turnDeg),
      };
    })
    .sort((a, b) => b.far - a.far);
  const all = faces.flatMap((f) => f.points);
  const [left, right] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [low, top] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const [w, h] = [right - left + 2 * ROOM_IN, top - low + 2 * ROOM_IN];
  const path = (points: readonly Point[]): string =>
    `M${points.map(([x, y]) => `${n(x - left + ROOM_IN)} ${n(top - y + ROOM_IN)}`).join('L')}Z`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${n(w)} ${n(h)}">`,
    `<g stroke="#1b2928" stroke-width="${n(Math.max(w, h) / 260)}" stroke-linejoin="round">`,
    ...faces.map((f) => `<path d="${path(f.points)}" fill="hsl(40 ${n(12)}% ${n(f.light)}%)"/>`),
    '</g></svg>',
  ].join('\n');
}

const DARKEST = 66;
const LIGHTER = 26;
/** How light a face is, percent: by the way it faces, whichever side is seen. */
function lightOf(folded: readonly Corner[], turnDeg: number): number {
  const [a, b, c] = folded as [Corner, Corner, Corner];
  const [u, v] = [b.map((x, i) => x - a[i]!), c.map((x, i) => x - a[i]!)];
  const normal: Corner = [u[1]! * v[2]! - u[2]! * v[1]!, u[2]! * v[0]! - u[0]! * v[2]!, u[0]! * v[1]! - u[1]! * v[0]!];
  const size = Math.hypot(...normal) || 1;
  const [sx, sy] = [Math.cos(turnDeg * DEG), Math.sin(turnDeg * DEG)];
  const facing = (normal[0] * (sx * 0.5 - sy * 0.3) - normal[1] * (sy * 0.5 + sx * 0.3) + normal[2] * 0.8) / size;
  return DARKEST + LIGHTER * Math.min(1, Math.abs(facing));
}
