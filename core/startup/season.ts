import type { Finding, Owed } from '@/core/finding/finding';
import type { JudgeInput } from './judge-input';
import { QUANTITIES, type Quantity, REQUIRED_QUANTITIES } from './quantities';

/** Below these a cooling charge cannot be judged (common practice; the maker's limit wins), °F. */
const LEAST_OUTDOOR_F = 65;
const LEAST_RETURN_F = 70;
/** A signature by the weighed charge rests on a run of this length at least (California Title 24 RA3.2, edition not checked), min. */
export const SEASON_RUN_MIN = 15;
/** A loaded compressor draws between these shares of its RLA whatever the weather (design default). */
const LOADED = { low: 0.3, high: 1 } as const;
/** Air this much warmer or colder than it came back is warmed or cooled, °F (probe noise of two probes). */
const AIR_MOVED_F = 2;

export type Limit = { id: 'heating' | 'inverter' | 'too-cold'; claim: string; because: string; owed: Owed };

/** Readings that a signature by the weighed charge needs: current, volts, and what the air does. */
export const SEASON_QUANTITIES: readonly Quantity[] = [
  'outdoorDryBulbF',
  'returnDryBulbF',
  'supplyDryBulbF',
  'compressorA',
  'outdoorFanA',
  'lineVolts',
];

/** Why the charge cannot be judged in cooling now, and which proof stays owed; undefined when it can. */
export function limitOf({
  mode,
  system,
  readings,
}: Pick<JudgeInput, 'mode' | 'system' | 'readings'>): Limit | undefined {
  if (mode === 'heating')
    return {
      id: 'heating',
      claim: 'Heating: the charge is not judged by cooling figures.',
      because: 'Cooling superheat and subcooling do not apply in heating. The weighed charge is the authority now.',
      owed: { proof: 'cooling-charge', season: 'warm' },
    };
  if (system.inverter)
    return {
      id: 'inverter',
      claim: 'Inverter: only the maker’s own method judges the charge.',
      because: 'An inverter is charged by weight and checked in the maker’s test mode.',
      owed: { proof: 'maker-test-mode', season: 'any' },
    };
  const outdoor = readings.outdoorDryBulbF?.value;
  const indoor = readings.returnDryBulbF?.value;
  if ((outdoor !== undefined && outdoor < LEAST_OUTDOOR_F) || (indoor !== undefined && indoor < LEAST_RETURN_F))
    return {
      id: 'too-cold',
      claim: 'Too cool to judge the charge in cooling.',
      because: `Cooling charge is judged above ${LEAST_OUTDOOR_F} °F outdoor and ${LEAST_RETURN_F} °F return. The weighed charge is the authority now.`,
      owed: { proof: 'cooling-charge', season: 'warm' },
    };
  return undefined;
}

/** Readings without which nothing is signed, by what today's weather and mode allow. */
export const requiredNow = (limit: Limit | undefined): readonly Quantity[] =>
  limit ? SEASON_QUANTITIES : REQUIRED_QUANTITIES;

/**
 * What stands in place of the charge's proof where weather, mode or the maker's method forbid it: the run is long enough,
 * the current fits a loaded compressor, the air is warmed or cooled as called. The proof itself stays owed.
 * @source common practice; current band a design default
 */
export function seasonFindings(input: JudgeInput, limit: Limit): Finding[] {
  const { readings, system, mode, ranMin } = input;
  const out: Finding[] = [
    {
      id: 'conditions',
      step: 'compare',
      verdict: 'not-proven',
      claim: limit.claim,
      evidence: [],
      because: limit.because,
      source: 'common practice; the maker’s limit wins',
      confidence: 'high',
      miss: 4,
      owed: limit.owed,
    },
  ];
  const amps = readings.compressorA;
  if (amps && !amps.trouble) {
    const band = { low: LOADED.low * system.compressorRlaA, high: LOADED.high * system.compressorRlaA };
    const inside = amps.value >= band.low && amps.value <= band.high;
    out.push({
      id: 'compressor-amps',
      step: 'compare',
      verdict: inside ? 'good' : 'look-again',
      claim: inside
        ? `Compressor ${amps.value.toFixed(1)} A, as a loaded one draws.`
        : `Compressor ${amps.value.toFixed(1)} A is outside ${band.low.toFixed(1)} to ${band.high.toFixed(1)} A.`,
      evidence: [{ quantity: 'compressor amps', value: amps.value, unit: 'A', band }],
      because: `Between ${LOADED.low * 100} % and ${LOADED.high * 100} % of RLA; the maker’s table wins.`,
      source: 'design default; RLA from the plate',
      confidence: 'medium',
      miss: inside ? 0 : Math.max(band.low - amps.value, amps.value - band.high) / band.low,
      ...(inside
        ? {}
        : {
            next: {
              say:
                amps.value < band.low
                  ? 'See whether the compressor is loaded: suction cold, discharge hot.'
                  : 'Check voltage under load and the run capacitor.',
              because: 'Current outside its band is the first sign of a wrong charge or supply.',
              action: { kind: 'check', what: 'compressorA' } as const,
            },
          }),
    });
  }
  const supply = readings.supplyDryBulbF;
  const back = readings.returnDryBulbF;
  // A heat pump that warms the air while cooling is chosen is asked about its mode, not told that it is wired wrong.
  const asked =
    mode === 'cooling' &&
    system.heatPump === true &&
    supply !== undefined &&
    back !== undefined &&
    supply.value >= back.value;
  if (supply && back && !supply.trouble && !back.trouble && !asked) {
    const riseF = supply.value - back.value;
    const right = mode === 'heating' ? riseF >= AIR_MOVED_F : -riseF >= AIR_MOVED_F;
    const wrongWay = mode === 'heating' ? riseF <= -AIR_MOVED_F : riseF >= AIR_MOVED_F;
    const word = mode === 'heating' ? 'warmed' : 'cooled';
    out.push({
      id: 'air-direction',
      step: 'compare',
      verdict: right ? 'good' : wrongWay ? 'stop' : 'look-again',
      claim: right
        ? `The air is ${word} by ${Math.abs(riseF).toFixed(1)} °F.`
        : wrongWay
          ? `${mode === 'heating' ? 'Heating' : 'Cooling'} is called and the air comes out ${Math.abs(riseF).toFixed(1)} °F ${riseF > 0 ? 'warmer' : 'colder'}.`
          : `The air is hardly ${word}: ${Math.abs(riseF).toFixed(1)} °F.`,
      evidence: [
        { quantity: QUANTITIES.supplyDryBulbF.label, value: supply.value, unit: '°F' },
        { quantity: QUANTITIES.returnDryBulbF.label, value: back.value, unit: '°F' },
      ],
      because: wrongWay
        ? 'The reversing valve stands the other way, the two air probes are swapped, or the mode is set wrong here.'
        : 'What is called must be what the house gets.',
      source: 'definition of the mode',
      // Two probes in each other's place look the same.
      confidence: wrongWay ? 'medium' : 'high',
      miss: right ? 0 : 2,
      ...(right
        ? {}
        : {
            next: wrongWay
              ? {
                  say: 'Stop the call. Check O/B at the thermostat, the mode set here, and which air probe is which.',
                  because: 'A system that does the opposite of its call is wired or set wrong.',
                  action: { kind: 'stop' } as const,
                }
              : {
                  say: 'Let it run on and read the supply air again, upstream of the registers.',
                  because: 'A few minutes of run bring the supply air to its place.',
                  action: { kind: 'wait' } as const,
                  waitMin: 5,
                },
          }),
    });
  }
  if (ranMin === undefined || ranMin < SEASON_RUN_MIN) {
    const left = ranMin === undefined ? undefined : Math.ceil(SEASON_RUN_MIN - ranMin);
    out.push({
      id: 'run-time',
      step: 'steady',
      verdict: 'not-proven',
      claim:
        left === undefined
          ? 'Nobody said how long the compressor has run.'
          : `${left} min left of ${SEASON_RUN_MIN} min of run.`,
      evidence: [],
      because: `A signature by the weighed charge rests on at least ${SEASON_RUN_MIN} min of run.`,
      source: 'California Title 24 RA3.2 (15 min), edition not checked',
      confidence: 'high',
      miss: 1,
      next:
        left === undefined
          ? {
              say: 'Type how long the compressor has run.',
              because: `It must be ${SEASON_RUN_MIN} min or more.`,
              action: { kind: 'enter-reading', quantity: 'runMinutes' },
            }
          : {
              say: `Let it run ${left} min more.`,
              because: `At least ${SEASON_RUN_MIN} min of run count.`,
              action: { kind: 'wait' },
              waitMin: left,
            },
    });
  } else
    out.push({
      id: 'run-time',
      step: 'steady',
      verdict: 'good',
      claim: `The compressor has run ${Math.floor(ranMin)} min.`,
      evidence: [],
      because: `At least ${SEASON_RUN_MIN} min are asked for.`,
      source: 'California Title 24 RA3.2 (15 min), edition not checked',
      confidence: 'high',
      miss: 0,
    });
  return out;
}
