/** Least-squares line through a window of samples, and the scatter around it and around the mean. */
export type WindowFit = { count: number; mean: number; slopePerMin: number; sd: number };

/** Fits y(t), t in seconds; the slope is per minute. Fewer than two points give a slope of 0. */
export function fitWindow(t: readonly number[], y: readonly number[]): WindowFit {
  const count = Math.min(t.length, y.length);
  if (count === 0) return { count: 0, mean: Number.NaN, slopePerMin: Number.NaN, sd: Number.NaN };
  let tm = 0;
  let ym = 0;
  for (let i = 0; i < count; i++) {
    tm += t[i]!;
    ym += y[i]!;
  }
  tm /= count;
  ym /= count;
  let stt = 0;
  let sty = 0;
  let syy = 0;
  for (let i = 0; i < count; i++) {
    const dt = t[i]! - tm;
    const dy = y[i]! - ym;
    stt += dt * dt;
    sty += dt * dy;
    syy += dy * dy;
  }
  return {
    count,
    mean: ym,
    slopePerMin: stt > 0 ? (sty / stt) * 60 : 0,
    sd: count > 1 ? Math.sqrt(syy / (count - 1)) : 0,
  };
}

/** Centred-behind moving mean over `spanS` seconds, so that probe noise cannot pass for swings. */
export function movingMean(t: readonly number[], y: readonly number[], spanS: number): number[] {
  const out: number[] = [];
  let first = 0;
  let sum = 0;
  for (let i = 0; i < y.length; i++) {
    sum += y[i]!;
    while (t[i]! - t[first]! > spanS) sum -= y[first++]!;
    out.push(sum / (i - first + 1));
  }
  return out;
}
