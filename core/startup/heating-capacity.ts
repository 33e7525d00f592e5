import { capacityAt } from '@/core/sizing/balance-point';
import { tell } from '@/core/startup/words';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import type { Said } from '@/core/words/said';
import { SENSIBLE_AT_SEA_LEVEL } from './airflow';
import type { JudgeInput } from './judge-input';
import type { StartUpSystem } from './system';

/** Heat a ton gives at 47 °F, and the share of it at 17 °F, where the maker's two points are not on file (design default). */
const BTUH_PER_TON = 12_000;
const SHARE_AT_17 = 0.6;
/** A heat pump stands between these shares of what is expected: by its maker's points, and by the default (design default). */
const BAND = { rated: { low: 0.85, high: 1.15 }, byDefault: { low: 0.7, high: 1.25 } } as const;
/** Airflow read at start-up is good to about this share (common practice). */
const CFM_SHARE = 0.07;
export type HeatingFigures = {
  riseF: number;
  btuh: number;
  /** ± of the capacity by both its readings. */
  btuhOff: number;
  expected: { low: number; high: number; at: number; source: Said; rated: boolean };
};

/**
 * Heating capacity on the air side against what this unit gives outdoors.
 *
 * What: 1.08 · station/14.696 · CFM · rise, held against the maker's points at 17 and 47 °F: the straight line above, the
 * frost dent below, each widened by 15 % (by a design default from the tonnage, 70 to 125 %). Units °F, CFM, Btu/h.
 * Source: heat balance on the air stream; AHRI 210/240 rating points, edition not checked. Not covered: auxiliary heat at
 * the same time, the minutes around a defrost, below 17 °F (extrapolated), inverters off their full speed.
 */
export function heatingFigures({
  system,
  readings,
  airflow,
}: Pick<JudgeInput, 'system' | 'readings' | 'airflow'>): HeatingFigures | undefined {
  const { supplyDryBulbF: supply, returnDryBulbF: back, outdoorDryBulbF: outdoor } = readings;
  // An inverter gives what its speed allows: only the maker's table judges that.
  if (system.inverter || !airflow || !supply || !back || !outdoor || supply.trouble || back.trouble || outdoor.trouble)
    return undefined;
  const riseF = supply.value - back.value;
  if (riseF <= 0) return undefined;
  const btuh = (SENSIBLE_AT_SEA_LEVEL * system.barometerPsia * airflow.cfm * riseF) / DEFAULT_BAROMETER_PSIA;
  const riseOff = Math.hypot(supply.uncertainty, back.uncertainty);
  return {
    riseF,
    btuh,
    btuhOff: btuh * Math.hypot(CFM_SHARE, riseOff / riseF),
    expected: expectedHeat(system, outdoor.value),
  };
}

function expectedHeat(system: StartUpSystem, outdoorF: number): HeatingFigures['expected'] {
  const rated = system.ratedHeat;
  const capacity47Btuh = rated?.capacity47Btuh ?? BTUH_PER_TON * system.nominalTons;
  const capacity17Btuh = rated?.capacity17Btuh ?? SHARE_AT_17 * capacity47Btuh;
  const clear = capacityAt({ capacity47Btuh, capacity17Btuh, frostDent: false }, outdoorF);
  const frosted = capacityAt({ capacity47Btuh, capacity17Btuh, frostDent: true }, outdoorF);
  const band = rated ? BAND.rated : BAND.byDefault;
  return {
    low: band.low * Math.min(clear, frosted),
    high: band.high * clear,
    at: clear,
    source: rated ? tell('startup.makers-points-at-17-and-47') : tell('startup.design-default-from-tonnage'),
    rated: rated !== undefined,
  };
}
