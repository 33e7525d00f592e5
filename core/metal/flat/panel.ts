/** A point on a sheet, in. */
export type Point = readonly [x: number, y: number];
/** A point in space, in. */
export type Corner = readonly [x: number, y: number, z: number];

/** A flat piece with its neat outline, corner by corner as it stands in space, and what is added to it at the edges. */
export type Panel = {
  id: string;
  /** The neat outline, counterclockwise, without allowances. */
  neat: readonly Point[];
  /** The same corners folded up. */
  folded: readonly Corner[];
  /** What is added beyond an edge, by the index of its first corner: how far, and what for. */
  added: readonly { edge: number; in: number; what: Allowance }[];
};
export const ALLOWANCES = ['drive slip', 'flange', 'lap', 'Pittsburgh pocket', 'Pittsburgh flange'] as const;
export type Allowance = (typeof ALLOWANCES)[number];

/** Allowances of a shop before it sets its own (common practice), in. */
export const STANDARD_ALLOWANCE_IN: Readonly<Record<Allowance, number>> = {
  'drive slip': 1,
  flange: 1,
  lap: 1,
  'Pittsburgh pocket': 1.125,
  'Pittsburgh flange': 0.25,
};

export const between = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((v, i) => v - b[i]!));

/** Area of a polygon, in²; less than nothing where its corners run clockwise. */
export const areaOf = (outline: readonly Point[]): number =>
  outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);

/** The outline with what is added: each edge moved out by its allowance, corners where the moved edges meet. */
export function cutOutline({ neat, added }: Pick<Panel, 'neat' | 'added'>): Point[] {
  const out = (edge: number): number => added.find((a) => a.edge === edge)?.in ?? 0;
  const n = neat.length;
  const moved = neat.map((p, i) => {
    const [ax, ay] = p;
    const [bx, by] = neat[(i + 1) % n]!;
    const length = Math.hypot(bx - ax, by - ay);
    // Counterclockwise: outside lies to the right of the way along an edge.
    const [nx, ny] = [(by - ay) / length, -(bx - ax) / length];
    return {
      at: [ax + nx * out(i), ay + ny * out(i)] as const,
      way: [(bx - ax) / length, (by - ay) / length] as const,
    };
  });
  return moved.map((edge, i) => meet(moved[(i + n - 1) % n]!, edge));
}

type Line = { at: Point; way: Point };
/** Where two lines meet; of two that run alike the second begins. */
function meet(a: Line, b: Line): Point {
  const cross = a.way[0] * b.way[1] - a.way[1] * b.way[0];
  if (Math.abs(cross) < 1e-9) return b.at;
  const t = ((b.at[0] - a.at[0]) * b.way[1] - (b.at[1] - a.at[1]) * b.way[0]) / cross;
  return [a.at[0] + t * a.way[0], a.at[1] + t * a.way[1]];
}
