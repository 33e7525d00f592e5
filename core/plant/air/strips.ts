import { BTUH_PER_W } from '@/core/units/units';

/** Electric heat behind the indoor coil: rated at 240 V, in stages that are alike. */
export type Strips = { kw: number; stages: number };
const RATED_V = 240;

/** What so many stages draw at a voltage: a resistance, so power goes with its square. */
export function stripPower({ kw, stages }: Strips, on: number, volts: number): { watts: number; amps: number } {
  const watts = (1000 * kw * Math.min(on, stages) * (volts / RATED_V) ** 2) / stages;
  return { watts, amps: watts / volts };
}

/** How much warmer they leave the air, °F; none without air. `factor` is Btu/h a CFM and °F at the site. */
export const stripRiseF = (watts: number, cfm: number, factor: number): number =>
  cfm > 0 ? (watts * BTUH_PER_W) / (factor * cfm) : 0;
