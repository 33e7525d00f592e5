import type { FaultName, Metering } from '@/core/plant/unit/faults';
import { FEATURES } from './features';
import data from './signatures.json' with { type: 'json' };

/**
 * What each fault makes of the differences from expected, over thousands of drawn systems: middle and spread by severity
 * (of probe-doubt, by probe). Made by `npm run signatures`.
 */
type Component = { mean: number[]; cov: number[][] };

/**
 * How far real designs stray beyond the drawn ones, one standard deviation in each difference’s unit: added to every
 * spread, so that no fault is ever sharper than that.
 */
const BEYOND: Record<(typeof FEATURES)[number], number> = {
  subcoolingF: 1,
  superheatF: 1.5,
  condensingOverF: 1.5,
  evaporatingF: 1.2,
  splitF: 0.8,
  loadPct: 4,
  pumpedPct: 4,
  wetBulbDepressionF: 0.4,
  dischargeF: 4,
  airflowPct: 8,
};

function componentOf({ mean, cov }: { mean: number[]; cov: number[] }): Component {
  const full = FEATURES.map(() => FEATURES.map(() => 0));
  let at = 0;
  FEATURES.forEach((feature, a) => {
    for (let b = 0; b <= a; b++) {
      const v = cov[at++]!;
      full[a]![b] = v;
      full[b]![a] = v;
    }
    full[a]![a]! += BEYOND[feature] ** 2;
  });
  return { mean, cov: full };
}

const all = Object.fromEntries(
  Object.entries(data as Record<string, Record<string, { mean: number[]; cov: number[] }[]>>).map(([m, faults]) => [
    m,
    Object.fromEntries(Object.entries(faults).map(([f, c]) => [f, c.map(componentOf)])),
  ]),
) as Record<Metering, Partial<Record<FaultName, Component[]>>>;

export const signaturesOf = (metering: Metering): Partial<Record<FaultName, Component[]>> => all[metering];
export type { Component };
