import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { type RunSample, steadySamples } from '@/core/startup/live';
import type { StripPoint } from '../strip/span';

/** At most this many points a line: a phone draws them without a stutter. */
const MOST_POINTS = 360;
/** The server thins old samples to every tenth: only a wider hole than that, or a gap the run names, breaks the line. */
const THINNED_S = 15;

export type TrendOf = {
  samples: readonly RunSample[];
  refrigerant: Refrigerant;
  barometerPsia: number;
  /** Seconds of the run before which nothing was read for a while. */
  gaps: readonly number[];
};
const LINES = ['superheat', 'subcooling', 'air-split'] as const;
export type TrendLine = { id: (typeof LINES)[number]; pieces: StripPoint[][] };

/** Superheat, subcooling and air split over minutes of the run, in °F. A gap in the stream is a gap in the line. */
export function trendLines({ samples, refrigerant, barometerPsia, gaps }: TrendOf): TrendLine[] {
  const every = Math.max(1, Math.ceil(samples.length / MOST_POINTS));
  const thin = samples.filter((_, i) => i % every === 0 || i === samples.length - 1);
  const derived = steadySamples(thin, { refrigerant, barometerPsia });
  const pieces: StripPoint[][][] = LINES.map(() => [[]]);
  derived.forEach((s, i) => {
    const before = derived[i - 1]?.runSeconds;
    const broken =
      before !== undefined &&
      (s.runSeconds - before > THINNED_S * every || gaps.some((g) => g > before && g <= s.runSeconds));
    if (broken) for (const p of pieces) p.push([]);
    const { superheatF, subcoolingF, returnDryBulbF, supplyDryBulbF } = s;
    const both = typeof returnDryBulbF === 'number' && typeof supplyDryBulbF === 'number';
    const split = both ? returnDryBulbF - supplyDryBulbF : null;
    for (const [k, y] of [superheatF, subcoolingF, split].entries())
      if (typeof y === 'number') pieces[k]!.at(-1)!.push([s.runSeconds / 60, Math.round(y * 10) / 10]);
  });
  return LINES.map((id, k) => ({ id, pieces: pieces[k]!.filter((p) => p.length > 0) }));
}
