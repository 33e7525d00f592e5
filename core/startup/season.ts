import type { Finding } from '@/core/finding/finding';
import { callOf } from '@/core/finding/run-mode';
import { tell } from '@/core/startup/words';
import { q, value } from '@/core/words/said';
import type { JudgeInput } from './judge-input';
import type { Limit } from './limit';
import { QUANTITIES, supplySettled } from './quantities';

/** A signature by the weighed charge rests on a run of this length at least (California Title 24 RA3.2, edition not checked), min. */
export const SEASON_RUN_MIN = 15;
/** A loaded compressor draws between these shares of its RLA whatever the weather (design default). */
const LOADED = { low: 0.3, high: 1 } as const;
/** Air this much warmer or colder than it came back is warmed or cooled, °F (probe noise of two probes). */
const AIR_MOVED_F = 2;

/**
 * What stands in place of the charge's proof where weather, mode or the maker's method forbid it: the run is long enough,
 * the current fits a loaded compressor, the air is warmed or cooled as called. The proof itself stays owed.
 * @source common practice; current band a design default
 */
export function seasonFindings(input: JudgeInput, limit: Limit): Finding[] {
  const { readings, system, mode, ranMin } = input;
  const heats = callOf(mode) === 'heating';
  const out: Finding[] = limit.owed
    ? [
        {
          id: 'conditions',
          step: 'compare',
          verdict: 'not-proven',
          claim: limit.claim,
          evidence: [],
          because: limit.because,
          source: tell('startup.common-practice-makers-limit-wins'),
          confidence: 'high',
          miss: 4,
          owed: limit.owed,
        },
      ]
    : [];
  const amps = readings.compressorA;
  if (amps && !amps.trouble) {
    const band = { low: LOADED.low * system.compressorRlaA, high: LOADED.high * system.compressorRlaA };
    const inside = amps.value >= band.low && amps.value <= band.high;
    out.push({
      id: 'compressor-amps',
      step: 'compare',
      verdict: inside ? 'good' : 'look-again',
      claim: inside
        ? tell('startup.compressor-as-loaded-one-draws', { value: q(amps.value, 'A') })
        : tell('startup.compressor-is-outside-to', {
            value: q(amps.value, 'A'),
            low: q(band.low, 'number', 1),
            high: q(band.high, 'A'),
          }),
      evidence: [{ quantity: tell('startup.read-compressor-amps'), value: amps.value, unit: 'A', band }],
      because: tell('startup.between-and-of-rla-makers-table', { low: LOADED.low * 100, high: LOADED.high * 100 }),
      source: tell('startup.design-default-rla-from-plate'),
      confidence: 'medium',
      miss: inside ? 0 : Math.max(band.low - amps.value, amps.value - band.high) / band.low,
      ...(inside
        ? {}
        : {
            next: {
              say:
                amps.value < band.low
                  ? tell('startup.see-whether-compressor-is-loaded-suction')
                  : tell('startup.check-voltage-under-load-and-run'),
              because: tell('startup.current-outside-its-band-is-first'),
              action: { kind: 'check', what: 'compressorA' } as const,
            },
          }),
    });
  }
  const supply = readings.supplyDryBulbF;
  const back = readings.returnDryBulbF;
  // A heat pump that warms the air while cooling is chosen is asked about its mode, not told that it is wired wrong.
  const asked =
    !heats && system.heatPump === true && supply !== undefined && back !== undefined && supply.value >= back.value;
  const riseF = supply && back ? supply.value - back.value : 0;
  const right = heats ? riseF >= AIR_MOVED_F : -riseF >= AIR_MOVED_F;
  if (supply && back && !supply.trouble && !back.trouble && !asked && (right || supplySettled(ranMin))) {
    const wrongWay = heats ? riseF <= -AIR_MOVED_F : riseF >= AIR_MOVED_F;
    const word = value(heats ? 'warmed' : 'cooled');
    out.push({
      id: 'air-direction',
      step: 'compare',
      verdict: right ? 'good' : wrongWay ? 'stop' : 'look-again',
      claim: right
        ? tell('startup.air-is-by', { word, riseF: q(Math.abs(riseF), 'F') })
        : wrongWay
          ? tell('startup.is-called-and-air-comes-out', {
              mode: heats ? tell('startup.heating') : tell('startup.cooling'),
              riseF: q(Math.abs(riseF), 'F'),
              riseF2: value(riseF > 0 ? 'warmer' : 'colder'),
            })
          : tell('startup.air-is-hardly', { word, riseF: q(Math.abs(riseF), 'F') }),
      evidence: [
        { quantity: QUANTITIES.supplyDryBulbF.label, value: supply.value, unit: '°F' },
        { quantity: QUANTITIES.returnDryBulbF.label, value: back.value, unit: '°F' },
      ],
      because: wrongWay
        ? tell('startup.reversing-valve-stands-other-way-two')
        : tell('startup.what-is-called-must-be-what'),
      source: tell('startup.definition-of-mode'),
      // Two probes in each other's place look the same.
      confidence: wrongWay ? 'medium' : 'high',
      miss: right ? 0 : 2,
      ...(right
        ? {}
        : {
            next: wrongWay
              ? {
                  say: tell('startup.stop-call-check-o-b-at'),
                  because: tell('startup.system-that-does-opposite-of-its'),
                  action: { kind: 'stop' } as const,
                }
              : {
                  say: tell('startup.let-it-run-on-and-read'),
                  because: tell('startup.few-minutes-of-run-bring-supply'),
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
          ? tell('startup.nobody-said-how-long-compressor-has')
          : tell('startup.left-of-of-run', {
              left: q(left, 'min', 'as is'),
              seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is'),
            }),
      evidence: [],
      because: tell('startup.signature-by-weighed-charge-rests-on', {
        seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is'),
      }),
      source: tell('startup.california-title-24-ra3-2-15'),
      confidence: 'high',
      miss: 1,
      next:
        left === undefined
          ? {
              say: tell('startup.type-how-long-compressor-has-run'),
              because: tell('startup.it-must-be-or-more', { seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is') }),
              action: { kind: 'enter-reading', quantity: 'runMinutes' },
            }
          : {
              say: tell('startup.let-it-run-more', { left: q(left, 'min', 'as is') }),
              because: tell('startup.at-least-of-run-count', { seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is') }),
              action: { kind: 'wait' },
              waitMin: left,
            },
    });
  } else
    out.push({
      id: 'run-time',
      step: 'steady',
      verdict: 'good',
      claim: tell('startup.compressor-has-run-min', { ranMin: Math.floor(ranMin) }),
      evidence: [],
      because: tell('startup.at-least-are-asked-for', { seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is') }),
      source: tell('startup.california-title-24-ra3-2-15'),
      confidence: 'high',
      miss: 0,
    });
  return out;
}
