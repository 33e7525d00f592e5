/** Shapes of every strip: minutes across, a figure up. Plain numbers, drawn elsewhere. */
export type StripPoint = readonly [minute: number, value: number];
export type Span = { fromMin: number; toMin: number };

/**
 * At most `most` points for a line, keeping the lowest and the highest of each stretch: a day at 1 Hz draws as fast as
 * an hour, and no dip or spike goes missing.
 */
export function thinStrip(points: readonly StripPoint[], most = 600): StripPoint[] {
  if (points.length <= most) return [...points];
  const size = Math.ceil(points.length / (most / 2));
  const out: StripPoint[] = [];
  for (let i = 0; i < points.length; i += size) {
    let low = points[i]!;
    let high = low;
    for (let k = i; k < Math.min(points.length, i + size); k++) {
      const p = points[k]!;
      if (p[1] < low[1]) low = p;
      if (p[1] > high[1]) high = p;
    }
    out.push(...(low === high ? [low] : low[0] < high[0] ? [low, high] : [high, low]));
  }
  const last = points[points.length - 1]!;
  if (out[out.length - 1]! !== last) out.push(last);
  return out;
}

/** Minutes worth a tick: about one for every 90 px. */
export function minuteTicks({ fromMin, toMin }: Span, width: number): number[] {
  const wanted = Math.max(2, Math.floor(width / 90));
  const raw = (toMin - fromMin) / wanted;
  const step = [1, 2, 5, 10, 15, 30, 60, 120, 240, 480].find((s) => s >= raw) ?? 1440;
  const out: number[] = [];
  for (let m = Math.ceil(fromMin / step) * step; m <= toMin; m += step) out.push(m);
  return out;
}

/** Breaks a line where the run says it has a gap. */
export function splitAtGaps(points: readonly StripPoint[], gapsMin: readonly number[]): StripPoint[][] {
  const lines: StripPoint[][] = [[]];
  for (const p of points) {
    const line = lines[lines.length - 1]!;
    const before = line[line.length - 1];
    if (before && gapsMin.some((g) => g > before[0] && g <= p[0])) lines.push([p]);
    else line.push(p);
  }
  return lines.filter((l) => l.length > 0);
}
