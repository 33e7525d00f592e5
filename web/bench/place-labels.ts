/** Places labels so that none overlaps another: each tries its own spot first, then spots further along its own line. */
export type LabelBox = {
  id: string;
  x: number;
  y: number;
  width: number;
  height: number;
  /** Lower goes first and keeps its place. */
  priority: number;
  /** How far it may slide up or down. */
  minY: number;
  maxY: number;
};

const STEP = 6;

const overlaps = (a: LabelBox, b: LabelBox): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** Returns the top y of each label. A label that finds no free spot keeps the one nearest to its wish. */
export function placeLabels(labels: readonly LabelBox[]): Map<string, number> {
  const placed: LabelBox[] = [];
  const out = new Map<string, number>();
  for (const label of [...labels].sort((a, b) => a.priority - b.priority)) {
    const wish = Math.min(Math.max(label.y, label.minY), label.maxY);
    let best = wish;
    const reach = Math.max(label.maxY - wish, wish - label.minY);
    for (let d = 0; d <= reach; d += STEP) {
      const spot = [wish + d, wish - d].find(
        (y) => y >= label.minY && y <= label.maxY && !placed.some((p) => overlaps({ ...label, y }, p)),
      );
      if (spot !== undefined) {
        best = spot;
        break;
      }
    }
    out.set(label.id, best);
    placed.push({ ...label, y: best });
  }
  return out;
}
