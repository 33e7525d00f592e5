import type { Owed } from '@/core/finding/finding';
import { callOf, isLowStage, type RunMode } from '@/core/finding/run-mode';
import { chartLimit } from '@/core/startup/chart/chart-limit';
import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import type { JudgeInput } from './judge-input';
import { type Quantity, REQUIRED_QUANTITIES } from './quantities';

/** Below these a cooling charge cannot be judged (common practice; the maker's limit wins), °F. */
const LEAST_OUTDOOR_F = 65;
const LEAST_RETURN_F = 70;
/** Above this outdoors a heat pump is not proven in heating: head climbs, the maker's tables end (common practice), °F. */
const MOST_OUTDOOR_F = 65;

export type Limit = {
  id: 'heating' | 'inverter' | 'maker-chart' | 'too-cold' | 'too-warm' | 'low-stage';
  claim: Said;
  because: Said;
  /** What stays unproven by it; a run that is judged by figures of its own owes nothing. */
  owed?: Owed;
  /** Readings that are wanted besides those of every season. */
  needs?: readonly Quantity[];
};

/** Readings of a run that is not judged by cooling superheat and subcooling: current, volts, and what the air does. */
export const SEASON_QUANTITIES: readonly Quantity[] = [
  'outdoorDryBulbF',
  'returnDryBulbF',
  'supplyDryBulbF',
  'compressorA',
  'outdoorFanA',
  'lineVolts',
];

/** The season that the proof of a mode waits for, by what the outdoors reads; undefined where it can be made today. */
export function seasonFor(mode: RunMode, outdoorF: number | undefined): 'warm' | 'cold' | undefined {
  if (outdoorF === undefined) return undefined;
  if (callOf(mode) === 'cooling') return outdoorF < LEAST_OUTDOOR_F ? 'warm' : undefined;
  return outdoorF > MOST_OUTDOOR_F ? 'cold' : undefined;
}

/** Why the charge cannot be judged by cooling figures now, and which proof stays owed; undefined when it can. */
export function limitOf({
  mode,
  system,
  readings,
}: Pick<JudgeInput, 'mode' | 'system' | 'readings'>): Limit | undefined {
  const outdoor = readings.outdoorDryBulbF?.value;
  const indoor = readings.returnDryBulbF?.value;
  const heats = callOf(mode) === 'heating';
  if (heats && seasonFor(mode, outdoor))
    return {
      id: 'too-warm',
      claim: tell('startup.too-warm-to-judge-heating'),
      because: tell('startup.heating-is-judged-up-to-outdoor', { mostOutdoorF: q(MOST_OUTDOOR_F, 'F', 'as is') }),
      owed: { proof: mode, season: 'cold' },
    };
  const chart = system.inverter ? chartLimit({ mode, system, readings }) : undefined;
  if (chart) return chart;
  if (system.inverter)
    return {
      id: 'inverter',
      claim: tell('startup.inverter-only-makers-own-method-judges'),
      because: tell('startup.inverter-is-charged-by-weight-and'),
      owed: { proof: 'maker-test-mode', season: 'any' },
    };
  if (heats)
    return {
      id: 'heating',
      claim: tell('startup.heating-charge-is-not-judged-by'),
      because: tell('startup.cooling-superheat-and-subcooling-do-not'),
    };
  if (seasonFor(mode, outdoor) || (indoor !== undefined && indoor < LEAST_RETURN_F))
    return {
      id: 'too-cold',
      claim: tell('startup.too-cool-to-judge-charge-in'),
      because: tell('startup.cooling-charge-is-judged-above-outdoor', {
        leastOutdoorF: q(LEAST_OUTDOOR_F, 'F', 'as is'),
        leastReturnF: q(LEAST_RETURN_F, 'F', 'as is'),
      }),
      owed: { proof: mode === 'cooling' ? 'cooling-charge' : mode, season: 'warm' },
    };
  if (isLowStage(mode))
    return {
      id: 'low-stage',
      claim: tell('startup.charge-is-judged-at-full-stage'),
      because: tell('startup.plate-target-is-of-full-stage'),
    };
  return undefined;
}

/** Readings without which nothing is signed, by what today's weather and mode allow. */
export function requiredNow(limit: Limit | undefined): readonly Quantity[] {
  if (!limit) return REQUIRED_QUANTITIES;
  return limit.needs ? [...new Set([...SEASON_QUANTITIES, ...limit.needs])] : SEASON_QUANTITIES;
}
