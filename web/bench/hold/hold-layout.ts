import { holdVerdict } from '@/core/circuit/pressure/nitrogen-hold';
import type { RunSample } from '@/core/startup/live';

export type HoldPoint = { minute: number; psig: number; pipeF: number; expectedPsig?: number; uncertaintyPsi?: number };

type Start = { psig: number; pipeF: number; runSeconds: number } | undefined;
type Gear = { volumeFt3: number; gaugePsi: number; thermometerF: number; barometerPsia: number };

const S_PER_MIN = 60;
const MOST_POINTS = 240;

/** Measured pressure with what the temperature alone explains since the hold began, thinned for drawing. */
export function holdPoints(samples: readonly RunSample[], start: Start, gear: Gear): HoldPoint[] {
  const read = samples.filter((s) => typeof s.values.testPsig === 'number' && typeof s.values.pipeF === 'number');
  const every = Math.max(1, Math.ceil(read.length / MOST_POINTS));
  return read
    .filter((_, i) => i % every === 0 || i === read.length - 1)
    .map((s) => {
      const point: HoldPoint = {
        minute: s.runSeconds / S_PER_MIN,
        psig: s.values.testPsig as number,
        pipeF: s.values.pipeF as number,
      };
      if (!start || s.runSeconds < start.runSeconds) return point;
      const judged = holdVerdict({
        startPsig: start.psig,
        startF: start.pipeF,
        endPsig: point.psig,
        endF: point.pipeF,
        minutes: Math.max(1, (s.runSeconds - start.runSeconds) / S_PER_MIN),
        volumeFt3: gear.volumeFt3,
        gaugePsi: gear.gaugePsi,
        thermometerF: gear.thermometerF,
        barometerPsia: gear.barometerPsia,
      });
      return judged.ok
        ? { ...point, expectedPsig: judged.value.expectedPsig, uncertaintyPsi: judged.value.uncertaintyPsi }
        : point;
    });
}

/** Pressures shown: around the hold when one runs, so that a pound shows; else from nothing up. */
export function pressureRange(points: readonly HoldPoint[], target: number | undefined): [number, number] {
  const held = points.filter((p) => p.expectedPsig !== undefined);
  if (held.length > 1) {
    const all = held.flatMap((p) => [p.psig, p.expectedPsig! - p.uncertaintyPsi!, p.expectedPsig! + p.uncertaintyPsi!]);
    const low = Math.min(...all);
    const high = Math.max(...all);
    const room = Math.max(2, (high - low) * 0.25);
    return [low - room, high + room];
  }
  const high = Math.max(target ?? 0, ...points.map((p) => p.psig), 50);
  return [0, high * 1.1];
}
