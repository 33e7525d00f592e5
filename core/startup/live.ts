import { POLICY } from '@/core/policy/figures';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { subcooling, superheat } from '@/core/refrigerant/saturation-calculations';
import {
  QUANTITIES,
  QUANTITY_NAMES,
  type Quantity,
  type Reading,
  type ReadingSource,
  type Readings,
} from './quantities';
import type { SteadySample } from './steady-state';

/** One instant of a run: seconds since the run began and a value a channel, null where the instrument gave none. */
export type RunSample = { runSeconds: number; values: Partial<Record<string, number | null>> };

/** A reading shown and judged is the mean of this long, so that noise does not move verdicts. */
export const READING_MEAN_S = POLICY.readingMeanS.value;
/** No new sample for this long: the reading is stale. */
export const STALE_S = 10;

/** A live probe always scatters: one that gives the very same value for this long is disconnected or frozen. */
export const STUCK_S = 60;
const STUCK_SAMPLES = 30;
/** Probes in or on a running system; a current of nothing may well stand still. */
const MOVING: readonly Quantity[] = [
  'suctionPsig',
  'liquidPsig',
  'suctionLineF',
  'liquidLineF',
  'outdoorDryBulbF',
  'returnDryBulbF',
  'returnWetBulbF',
  'supplyDryBulbF',
];

function stuck(samples: readonly RunSample[], name: Quantity): boolean {
  const last = samples[samples.length - 1]!;
  const value = last.values[name];
  if (typeof value !== 'number' || !MOVING.includes(name)) return false;
  for (let i = samples.length - 1; i >= 0; i--) {
    const sample = samples[i]!;
    if (sample.values[name] !== value) return false;
    if (last.runSeconds - sample.runSeconds >= STUCK_S) return samples.length - i >= STUCK_SAMPLES;
  }
  return false;
}

/**
 * The readings of a run now: mean of the last 15 s of each channel, marked lost when the instrument gives no signal.
 * `staleForS` is how long ago the last sample came by the device's own clock.
 */
export function readingsFromRun(samples: readonly RunSample[], source: ReadingSource, staleForS: number): Readings {
  const last = samples[samples.length - 1];
  if (!last) return {};
  const out: Readings = {};
  for (const name of QUANTITY_NAMES) {
    if (!(name in last.values)) continue;
    const recent: number[] = [];
    for (let i = samples.length - 1; i >= 0 && last.runSeconds - samples[i]!.runSeconds <= READING_MEAN_S; i--) {
      const v = samples[i]!.values[name];
      if (typeof v === 'number') recent.push(v);
    }
    const lost = last.values[name] === null;
    if (recent.length === 0 && !lost) continue;
    const value = recent.length ? recent.reduce((a, b) => a + b, 0) / recent.length : Number.NaN;
    const trouble = lost ? 'lost' : staleForS > STALE_S ? 'stale' : stuck(samples, name) ? 'stuck' : undefined;
    out[name] = { value, uncertainty: QUANTITIES[name].uncertainty, source, trouble };
  }
  return out;
}

/** A reading as it goes on record; thousandths are finer than any of these instruments. */
export type Recorded = { quantity: Quantity; value: number; uncertainty: number };

/**
 * What of a run's readings goes on record: those that read right, of the quantities that were asked for. Airflow is recorded only
 * where it is asked for by name: it is a measurement of its own, not a by-product of a round.
 */
export const toRecord = (readings: Readings, quantities?: readonly string[] | null): Recorded[] =>
  (Object.entries(readings) as [Quantity, Reading][])
    .filter(([q, { trouble }]) => !trouble && (quantities ? quantities.includes(q) : q !== 'airflowCfm'))
    .map(([quantity, { value, uncertainty }]) => ({ quantity, value: Math.round(value * 1000) / 1000, uncertainty }));

/** A typed value replaces the instrument's, with the same default uncertainty. */
export function withTyped(readings: Readings, typed: Partial<Record<Quantity, number>>): Readings {
  const out: Readings = { ...readings };
  for (const [name, value] of Object.entries(typed) as [Quantity, number][]) {
    const reading: Reading = { value, uncertainty: QUANTITIES[name].uncertainty, source: 'typed' };
    out[name] = reading;
  }
  return out;
}

/** Adds superheat and subcooling to each sample, for the steady-state detector and the trend. */
export function steadySamples(
  samples: readonly RunSample[],
  system: { refrigerant: Refrigerant; barometerPsia: number },
): SteadySample[] {
  const { refrigerant, barometerPsia } = system;
  const of = `${refrigerant} ${barometerPsia}`;
  return samples.map((sample) => {
    const kept = DERIVED.get(sample);
    if (kept?.of === of) return kept.made;
    const { runSeconds, values } = sample;
    const { suctionPsig, suctionLineF, liquidPsig, liquidLineF } = values;
    const both = (a: unknown, b: unknown): boolean => typeof a === 'number' && typeof b === 'number';
    const sh = both(suctionPsig, suctionLineF)
      ? superheat({ refrigerant, suctionPsig: suctionPsig!, suctionLineF: suctionLineF!, barometerPsia })
      : undefined;
    const sc = both(liquidPsig, liquidLineF)
      ? subcooling({ refrigerant, liquidPsig: liquidPsig!, liquidLineF: liquidLineF!, barometerPsia })
      : undefined;
    const made = {
      runSeconds,
      suctionPsig,
      liquidPsig,
      returnDryBulbF: values.returnDryBulbF,
      supplyDryBulbF: values.supplyDryBulbF,
      compressorA: values.compressorA,
      superheatF: sh?.ok ? sh.value.superheatF : null,
      subcoolingF: sc?.ok ? sc.value.subcoolingF : null,
    };
    DERIVED.set(sample, { of, made });
    return made;
  });
}

/** What was read does not change: each sample is worked out once, however often a live page looks at its run. */
const DERIVED = new WeakMap<RunSample, { of: string; made: SteadySample }>();
