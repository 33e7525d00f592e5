import { tell } from '@/core/circuit/recovery/words';
import { fitWindow } from '@/core/numeric/window';
import { OZ_PER_LB } from '@/core/units/units';
import type { Said } from '@/core/words/said';

/** The rate is the slope of this long, min. */
const WINDOW_MIN = 3;
/** Slower than this while the suction is still above that, the recovery stands (common practice). */
const STALL_LB_MIN = 0.05;
const STALL_SUCTION_PSIG = 5;
/** From here on a cylinder is warm enough to slow the machine (common practice), °F. */
const HOT_CYLINDER_F = 110;
const SECONDS = 60;
const LEAST_SAMPLES = 20;

export type RecoveryProgress = {
  lbPerMin: number;
  /** Minutes to what is still expected, at this rate. */
  minutesLeft?: number;
  stalled: boolean;
  /** What to look at when it stands, in this order. */
  causes: Said[];
  /** The cylinder is hot: chilling helps. */
  chill: boolean;
};

/**
 * How a recovery goes, from the cylinder's weight: rate over the last three minutes, time left, and what to look at when
 * it stands while there is still pressure.
 * @param points minute and ounces on the scale
 */
export function recoveryProgress(
  points: readonly (readonly [minute: number, oz: number])[],
  now: {
    suctionPsig: number;
    cylinderF: number | undefined;
    leftOz: number | undefined;
    fillShare: number | undefined;
  },
): RecoveryProgress | undefined {
  const last = points[points.length - 1];
  if (!last) return undefined;
  const recent = points.filter(([t]) => last[0] - t <= WINDOW_MIN);
  if (recent.length < LEAST_SAMPLES) return undefined;
  const fit = fitWindow(
    recent.map(([t]) => t * SECONDS),
    recent.map(([, oz]) => oz),
  );
  const lbPerMin = fit.slopePerMin / OZ_PER_LB;
  const whole = last[0] - (points[0]?.[0] ?? last[0]) >= WINDOW_MIN;
  const stalled = whole && lbPerMin < STALL_LB_MIN && now.suctionPsig > STALL_SUCTION_PSIG;
  const chill = now.cylinderF !== undefined && now.cylinderF > HOT_CYLINDER_F;
  const causes = [
    ...(chill || (now.fillShare ?? 0) > 0.9 ? [tell('recovery.cylinder-is-hot-or-nearly-full')] : []),
    tell('recovery.machines-filter-or-valve-is-shut'),
    tell('recovery.valve-core-is-still-in'),
    tell('recovery.liquid-stands-behind-closed-expansion-valve'),
    tell('recovery.frost-on-hose-or-coil-let'),
  ];
  return {
    lbPerMin,
    ...(now.leftOz !== undefined && lbPerMin > STALL_LB_MIN ? { minutesLeft: now.leftOz / OZ_PER_LB / lbPerMin } : {}),
    stalled,
    causes: stalled ? causes : [],
    chill,
  };
}
