export type Piece = { ft: number; way: 'along' | 'up' | 'down' };
export type LineShape = {
  /** Corners of the run in feet: across and up, from the outdoor unit at 0, 0. */
  corners: readonly (readonly [acrossFt: number, upFt: number])[];
  widthFt: number;
  lowFt: number;
  highFt: number;
  lengthFt: number;
};

/** The elevation of a line set: what runs along goes to the right, heights are heights. */
export function lineShape(pieces: readonly Piece[]): LineShape {
  const corners: [number, number][] = [[0, 0]];
  for (const p of pieces) {
    const [x, y] = corners[corners.length - 1]!;
    corners.push([x + (p.way === 'along' ? p.ft : 0), y + (p.way === 'up' ? p.ft : p.way === 'down' ? -p.ft : 0)]);
  }
  const ups = corners.map(([, y]) => y);
  return {
    corners,
    widthFt: corners[corners.length - 1]![0],
    lowFt: Math.min(...ups),
    highFt: Math.max(...ups),
    lengthFt: pieces.reduce((s, p) => s + p.ft, 0),
  };
}

/** A line beside the run, `by` px off it, corners mitred: horizontal stretches move down, upright ones to the right. */
export function besideRun(
  corners: readonly (readonly [number, number])[],
  at: (corner: readonly [number, number]) => readonly [number, number],
  by: number,
): [number, number][] {
  const upright = (i: number): boolean | undefined => {
    const a = corners[i];
    const b = corners[i + 1];
    return a && b ? a[0] === b[0] : undefined;
  };
  return corners.map((c, i) => {
    const [x, y] = at(c);
    const sides = [upright(i - 1), upright(i)];
    return [x + (sides.includes(true) ? by : 0), y + (sides.includes(false) ? by : 0)];
  });
}

/** Lets joints stand along the run, evenly, in the order they were made; each with its place on the drawing. */
export function jointPlaces(shape: LineShape, count: number): [number, number][] {
  const total = shape.lengthFt || 1;
  return Array.from({ length: count }, (_, i) => at(shape, (total * (i + 0.5)) / count));
}

function at(shape: LineShape, alongFt: number): [number, number] {
  let left = alongFt;
  for (let i = 1; i < shape.corners.length; i++) {
    const [x0, y0] = shape.corners[i - 1]!;
    const [x1, y1] = shape.corners[i]!;
    const ft = Math.abs(x1 - x0) + Math.abs(y1 - y0);
    if (left <= ft) return [x0 + ((x1 - x0) * left) / (ft || 1), y0 + ((y1 - y0) * left) / (ft || 1)];
    left -= ft;
  }
  const [x, y] = shape.corners[shape.corners.length - 1]!;
  return [x, y];
}

/** Length of a piece after its end was dragged by some feet: to the half foot, never nothing. */
export function draggedFt(piece: Piece, byAcrossFt: number, byUpFt: number): number {
  const by = piece.way === 'along' ? byAcrossFt : piece.way === 'up' ? byUpFt : -byUpFt;
  return Math.max(0.5, Math.min(300, Math.round((piece.ft + by) * 2) / 2));
}
