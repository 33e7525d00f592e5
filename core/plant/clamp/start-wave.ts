import type { CurrentSample } from '@/core/power/inrush-capture';

/** A motor's start as a clamp would log it; invented, for the simulated clamp and for tests. */
export type StartWave = {
  /** Root mean square while the rotor comes up, and once it runs, A. */
  lockedA: number;
  runA: number;
  /** Until it runs, s. */
  startS: number;
  /** Recorded in all, s. */
  forS: number;
  /** The direct part that the first half waves ride on, of the locked peak; it dies within two cycles. */
  offset: number;
  hertz?: number;
  samplesPerS?: number;
};

/** How fast the direct part dies, s. */
const OFFSET_DIES_S = 0.02;

/** The current of a start, momentary values: a locked rotor's sine that falls to the running one. Nothing is random. */
export function startWave(w: StartWave): CurrentSample[] {
  const { hertz = 60, samplesPerS = 3840 } = w;
  return Array.from({ length: Math.round(w.forS * samplesPerS) }, (_, i): CurrentSample => {
    const s = i / samplesPerS;
    // The rotor comes up: the current stays near its locked value and falls late.
    const up = Math.min(1, s / w.startS) ** 4;
    const rms = w.lockedA + (w.runA - w.lockedA) * up;
    const direct = w.offset * w.lockedA * Math.SQRT2 * Math.exp(-s / OFFSET_DIES_S);
    return [s, rms * Math.SQRT2 * Math.sin(2 * Math.PI * hertz * s) + direct];
  });
}
