import { fitDecay } from '@/core/circuit/vacuum/decay-fit';
import { effectiveCfm, PUMP_ULTIMATE_MICRONS } from '@/core/circuit/vacuum/pull-down';
import { type PumpProgress, type PumpSetup, pumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { type Standing, standingTest } from '@/core/circuit/vacuum/standing-test';

export type Point = [minute: number, microns: number];
export type VacuumQuestion = {
  id: number;
  points: Point[];
  setup: PumpSetup | null;
  /** Minute at which the pump was valved off, when a test runs. */
  isolatedMin: number | null;
  limitMicrons: number;
  /** Minute at which pump, valve or oil was last touched: the fall is read from there on. */
  touchedMin?: number | undefined;
};
export type VacuumAnswer = {
  id: number;
  progress: PumpProgress | undefined;
  /** The predicted fall from now on. */
  predicted: Point[];
  standing: { result: Standing; fit: Point[] } | undefined;
};

const PREDICTED_POINTS = 40;
const MOST_FIT_POINTS = 300;

/** Everything that is fitted on the vacuum strip; runs in a worker so that the strip stays fluid. */
export function analyseVacuum(q: VacuumQuestion): VacuumAnswer {
  const pumping = q.isolatedMin === null;
  const progress = q.setup && pumping ? pumpProgress(sinceTouched(q), q.setup) : undefined;
  return {
    id: q.id,
    progress,
    predicted: q.setup && progress ? predictedFall(q.points.at(-1)![0], progress, q.setup) : [],
    standing:
      q.isolatedMin === null ? undefined : standingNow(q.points, q.isolatedMin, q.limitMicrons, q.setup?.coldestPipeF),
  };
}

const sinceTouched = ({ points, touchedMin = 0 }: VacuumQuestion): Point[] => points.filter(([t]) => t >= touchedMin);

/** The curve that the time left was counted on, for the picture. */
function predictedFall(nowMin: number, p: PumpProgress, setup: PumpSetup): Point[] {
  if (p.minutesToTarget === undefined || p.minutesToTarget <= 0) return [];
  const speed = (v: number): number =>
    (effectiveCfm(setup.pumpCfm, setup.hoses, v) * Math.max(0, v - PUMP_ULTIMATE_MICRONS)) / setup.volumeFt3;
  // The shape of the dry fall, stretched to the minutes that were predicted.
  const shape: Point[] = [[0, p.nowMicrons]];
  const ratio = (setup.targetMicrons / p.nowMicrons) ** (1 / PREDICTED_POINTS);
  for (let i = 0; i < PREDICTED_POINTS; i++) {
    const [t, v] = shape[i]!;
    const next = v * ratio;
    shape.push([t + (v - next) / Math.max(1e-9, speed((v + next) / 2)), next]);
  }
  const stretch = p.minutesToTarget / shape[PREDICTED_POINTS]![0];
  return shape.map(([t, v]) => [nowMin + t * stretch, v]);
}

/** The standing test so far, and the fitted rise over it. */
function standingNow(
  points: readonly Point[],
  isolatedMin: number,
  limitMicrons: number,
  coldestPipeF: number | undefined,
) {
  const samples = points.filter(([t]) => t >= isolatedMin).map(([t, v]): Point => [t - isolatedMin, v]);
  if (samples.length < 2) return undefined;
  const judged = standingTest({ samples, limitMicrons, ...(coldestPipeF === undefined ? {} : { coldestPipeF }) });
  if (!judged.ok) return undefined;
  const settled = samples.filter(([t]) => t >= 1);
  if (settled.length < 8) return { result: judged.value, fit: [] };
  const step = Math.max(1, Math.ceil(settled.length / MOST_FIT_POINTS));
  const thin = settled.filter((_, i) => i % step === 0);
  const [best] = fitDecay(thin);
  return { result: judged.value, fit: best ? fitted(thin, best).map(([t, v]): Point => [t + isolatedMin, v]) : [] };
}

/** The fitted model at the times of its points: its level is set so that its mean is that of the points. */
function fitted(points: readonly Point[], fit: ReturnType<typeof fitDecay>[number]): Point[] {
  const shape = points.map(([t]) =>
    fit.tauMin === undefined
      ? fit.slopePerMin * t
      : fit.slopePerMin * t - Math.exp(-t / fit.tauMin) * riseOf(points, fit.tauMin, fit.slopePerMin),
  );
  const mean = (v: readonly number[]): number => v.reduce((s, x) => s + x, 0) / v.length;
  const lift = mean(points.map(([, v]) => v)) - mean(shape);
  return points.map(([t], i) => [t, shape[i]! + lift]);
}

/** Size of the exponential part, by least squares on what the slope leaves. */
function riseOf(points: readonly Point[], tau: number, slope: number): number {
  const e = points.map(([t]) => -Math.exp(-t / tau));
  const y = points.map(([t, v]) => v - slope * t);
  const me = e.reduce((s, x) => s + x, 0) / e.length;
  const my = y.reduce((s, x) => s + x, 0) / y.length;
  let top = 0;
  let bottom = 0;
  for (let i = 0; i < e.length; i++) {
    top += (e[i]! - me) * (y[i]! - my);
    bottom += (e[i]! - me) ** 2;
  }
  return bottom > 0 ? top / bottom : 0;
}
