import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { type RunSample, steadySamples } from './live';
import { type LinePoint, runLines, thinned } from './run-lines';

export type TrendOf = {
  samples: readonly RunSample[];
  refrigerant: Refrigerant;
  barometerPsia: number;
  /** Seconds of the run before which nothing was read for a while. */
  gaps: readonly number[];
};
const LINES = ['superheat', 'subcooling', 'air-split'] as const;
export type TrendLine = { id: (typeof LINES)[number]; pieces: LinePoint[][] };

/** Superheat, subcooling and air split over minutes of the run, in °F. A gap in the stream is a gap in the line. */
export function trendLines({ samples, refrigerant, barometerPsia, gaps }: TrendOf): TrendLine[] {
  const { thin, every } = thinned(samples);
  const derived = steadySamples(thin, { refrigerant, barometerPsia });
  const pieces = runLines(
    derived,
    [
      (s) => s.superheatF,
      (s) => s.subcoolingF,
      ({ returnDryBulbF: back, supplyDryBulbF: supply }) =>
        typeof back === 'number' && typeof supply === 'number' ? back - supply : null,
    ],
    { gaps, every },
  );
  return LINES.map((id, k) => ({ id, pieces: pieces[k]! }));
}
