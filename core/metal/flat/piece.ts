/** A point on a sheet, in. */
export type Point = readonly [x: number, y: number];
/** A point in space, in. */
export type Corner = readonly [x: number, y: number, z: number];

/** A plane part of a piece: its neat outline on the sheet, counterclockwise as it is seen from outside, and the same corners folded up. */
export type Facet = { neat: readonly Point[]; folded: readonly Corner[] };
/** A line that is bent, and by how much; up is toward who looks at the sheet. */
export type Bend = { a: Point; b: Point; up: boolean; angleDeg: number };

/** One piece that is cut out of a sheet. */
export type Piece = {
  id: string;
  facets: readonly Facet[];
  /** Where it is cut: the neat outline with what is added for seams and flanges. */
  cut: readonly Point[];
  bends: readonly Bend[];
  /** Circles and lines that are only marked. */
  rings: readonly { at: Point; diameterIn: number }[];
  lines: readonly (readonly [Point, Point])[];
  /** Lengths as a tape reads them, each where it belongs. */
  lengths: readonly { at: Point; in: number }[];
};

export const between = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((v, i) => v - b[i]!));
export const middle = (a: Point, b: Point): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

/** Area of a polygon, in²; less than nothing where its corners run clockwise. */
export const areaOf = (outline: readonly Point[]): number =>
  outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);

/** The rectangle around a piece, in. */
export function boxOf(outline: readonly Point[]) {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const [left, right, low, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return { left, right, low, top, widthIn: right - left, heightIn: top - low };
}

/** The outline with what is added: each edge moved out by its allowance, in the order of its corners; corners where the moved edges meet. */
export function movedOut(neat: readonly Point[], added: readonly number[]): Point[] {
  const n = neat.length;
  const moved = neat.map((p, i) => {
    const [ax, ay] = p;
    const [bx, by] = neat[(i + 1) % n]!;
    const length = Math.hypot(bx - ax, by - ay);
    const out = added[i] ?? 0;
    // Counterclockwise: outside lies to the right of the way along an edge.
    const [nx, ny] = [(by - ay) / length, -(bx - ax) / length];
    return { at: [ax + nx * out, ay + ny * out] as const, way: [(bx - ax) / length, (by - ay) / length] as const };
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

/** A plane piece laid on the sheet: its first edge along x, the rest above it. */
export function laidFlat(corners: readonly Corner[]): Point[] {
  const [o, a] = corners as [Corner, Corner];
  const sub = (p: Corner): Corner => [p[0] - o[0], p[1] - o[1], p[2] - o[2]];
  const dot = (u: Corner, v: Corner): number => u[0] * v[0] + u[1] * v[1] + u[2] * v[2];
  const along = sub(a);
  const length = Math.sqrt(dot(along, along));
  const unit: Corner = [along[0] / length, along[1] / length, along[2] / length];
  return corners.map((p): Point => {
    const v = sub(p);
    const x = dot(v, unit);
    return [x, Math.sqrt(Math.max(0, dot(v, v) - x * x))];
  });
}

/** A rectangle on the sheet, counterclockwise from its low left corner. */
export const rectangle = (x: number, y: number, w: number, h: number): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];
