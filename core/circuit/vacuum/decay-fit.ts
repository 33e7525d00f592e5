import { leastSquares } from '@/core/numeric/least-squares';
/** One model of a rising vacuum, fitted: its parameters, scatter and information criterion. */
export type DecayFit = {
  model: 'line' | 'plateau' | 'both';
  slopePerMin: number;
  plateauMicrons: number | undefined;
  tauMin: number | undefined;
  sd: number;
  aicc: number;
};

type Point = readonly [minute: number, microns: number];

/** Corrected Akaike criterion; a perfect fit is held at the resolution of a gauge, so that it stays finite. */
function aicc(sse: number, n: number, parameters: number): number {
  const k = parameters + 1;
  return (
    n * Math.log(Math.max(sse, n) / n) +
    2 * k +
    (n > k + 1 ? (2 * k * (k + 1)) / (n - k - 1) : Number.POSITIVE_INFINITY)
  );
}

/** Time constants looked at: from faster than the hoses to slower than the test, evenly in the logarithm. */
const TAU_LOW = 0.2;
const TAU_HIGH = 60;
const TAU_STEPS = 90;

/** Fits the three models to a decay and returns them, the best by AICc first. */
export function fitDecay(points: readonly Point[]): DecayFit[] {
  const n = points.length;
  const time = Float64Array.from(points, ([t]) => t);
  const y = Float64Array.from(points, ([, v]) => v);
  const one = new Float64Array(n).fill(1);
  const fits: DecayFit[] = [];
  const sdOf = (sse: number, parameters: number): number => Math.sqrt(sse / Math.max(1, n - parameters));
  const line = leastSquares(y, [one, time]);
  if (line)
    fits.push({
      model: 'line',
      slopePerMin: line.x[1]!,
      plateauMicrons: undefined,
      tauMin: undefined,
      sd: sdOf(line.sse, 2),
      aicc: aicc(line.sse, n, 2),
    });
  for (const model of ['plateau', 'both'] as const) {
    let best: { x: number[]; sse: number; tau: number } | undefined;
    for (let i = 0; i <= TAU_STEPS; i++) {
      const tau = TAU_LOW * (TAU_HIGH / TAU_LOW) ** (i / TAU_STEPS);
      const decay = time.map((t) => Math.exp(-t / tau));
      const found = leastSquares(y, model === 'plateau' ? [one, decay] : [one, decay, time]);
      if (found && (!best || found.sse < best.sse)) best = { ...found, tau };
    }
    if (!best) continue;
    const parameters = model === 'plateau' ? 3 : 4;
    const slope = model === 'both' ? best.x[2]! : 0;
    fits.push({
      model,
      slopePerMin: slope,
      plateauMicrons: model === 'plateau' ? best.x[0]! : undefined,
      tauMin: best.tau,
      sd: sdOf(best.sse, parameters),
      aicc: aicc(best.sse, n, parameters),
    });
  }
  return fits.sort((a, b) => a.aicc - b.aicc);
}
