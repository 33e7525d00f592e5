import { barometerPsia } from '@/core/air/moist-air';
import type { Reasoning } from '@/core/diagnosis/reason';
import type { Figures } from '@/core/startup/figure';
import { deriveFigures } from '@/core/startup/figures';
import { figuresOf as ofMode } from '@/core/startup/heating-figures';
import { readingsFromRun } from '@/core/startup/live';
import { QUANTITIES, type Quantity, type Readings } from '@/core/startup/quantities';
import { reasoningOf } from '@/core/startup/reasoning';
import { type Airflow, DEFAULT_SCHOOLS, type StartUpSystem } from '@/core/startup/system';
import type { SystemPlay } from './system-play';
import type { SystemRound } from './system-round';

/** What its plate and its job sheet would say of the system of a round. */
export type Plated = Pick<
  SystemRound,
  'refrigerant' | 'metering' | 'tons' | 'targetSubcoolingF' | 'ratedLoadA' | 'nominalChargeOz' | 'elevationFt'
>;
export const systemOf = (round: Plated): StartUpSystem => ({
  refrigerant: round.refrigerant,
  metering: round.metering,
  nominalTons: round.tons,
  ...(round.metering === 'txv' ? { targetSubcoolingF: round.targetSubcoolingF } : {}),
  targetSource: 'plate',
  compressorRlaA: round.ratedLoadA,
  outdoorFanFlaA: 0.5 * round.tons,
  plateVolts: '208/230',
  inverter: false,
  barometerPsia: barometerPsia(round.elevationFt),
  chargeTargetOz: round.nominalChargeOz,
  chargeInOz: round.nominalChargeOz,
  heldBackOz: 0,
  trimOz: 0,
  learned: [],
});

/** What the instruments that are on show now, with what follow-ups gave; a system that stands shows no cycle. */
export function readingsOf(p: SystemPlay): Readings {
  const live = readingsFromRun(p.samples, 'simulated', 0);
  const followed = Object.fromEntries(
    Object.entries(p.followed).map(([name, value]) => [
      name,
      { value, uncertainty: QUANTITIES[name as Quantity].uncertainty, source: 'simulated' as const },
    ]),
  );
  return { ...live, ...followed };
}

export const airflowOf = (p: SystemPlay): Airflow | undefined =>
  p.cfm === undefined ? undefined : { cfm: p.cfm, method: 'static with blower table', source: 'simulated' };

export const figuresOf = (round: Plated, readings: Readings, airflow: Airflow | undefined): Figures =>
  ofMode(deriveFigures(systemOf(round), readings, airflow, DEFAULT_SCHOOLS), 'cooling');

/** What the reasoning makes of what is read and of what was looked at; undefined while a reading that it needs is missing. */
export const reasonedOf = (p: SystemPlay): Reasoning | undefined =>
  reasoningOf(systemOf(p.round), readingsOf(p), airflowOf(p), p.found);
