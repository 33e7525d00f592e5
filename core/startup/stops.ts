import type { Finding } from '@/core/finding/finding';
import { callOf } from '@/core/finding/run-mode';
import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import type { Figures } from './figure';
import type { JudgeInput } from './judge-input';
import { EQUAL_PRESSURE_PSI } from './probe-checks';
import { RUNNING_A } from './quantities';

/** Above this share of RLA the motor is being hurt. */
const RLA_STOP = 1.1;
/** Oil breaks down from here on, 6 in from the compressor (common practice), °F. */
export const DISCHARGE_STOP_F = 225;
/** Superheat below this is liquid on its way to the compressor (common practice), °F; below the second a probe is wrong. */
const FLOODING_F = 2;
const IMPOSSIBLE_F = -2;
/** Flooding counts when it lasts (common practice), min. */
export const FLOODING_HELD_MIN = 3;
/** Pressures even out at rest and part within this of a start (common practice), min. */
const EQUAL_AFTER_MIN = 3;
/** Liquid gathers in the condenser in the first minutes: before this a liquid line without liquid says nothing (design default), min. */
const LIQUID_AFTER_MIN = 10;

/**
 * What hurts people or the compressor, whatever the system, the mode, the weather or the way it was read. These come before
 * every other finding and before anything that would leave the judgement early.
 *
 * @param suspects quantities whose probe is doubted: what rests on them is not proven elsewhere, never a stop
 * @source common practice; RLA from the plate
 */
export function stopFindings(input: JudgeInput, figures: Figures, suspects: ReadonlySet<string>): Finding[] {
  const { system, readings, ranMin, mode } = input;
  const sound = (...names: (keyof typeof readings)[]): boolean =>
    names.every((n) => readings[n] !== undefined && readings[n]?.trouble === undefined && !suspects.has(n));
  const out: Finding[] = [];
  const stop = (f: Pick<Finding, 'id' | 'claim' | 'because' | 'evidence' | 'source' | 'miss'>, say: Said): void => {
    out.push({
      ...f,
      step: 'power',
      verdict: 'stop',
      confidence: 'high',
      next: { say, because: f.because, action: { kind: 'stop' } },
    });
  };

  const amps = readings.compressorA?.trouble ? undefined : readings.compressorA?.value;
  const limitA = RLA_STOP * system.compressorRlaA;
  if (amps !== undefined && amps > limitA)
    stop(
      {
        id: 'over-rla',
        claim: tell('startup.compressor-draws-of-rla', { amps: q((100 * amps) / system.compressorRlaA, 'pct') }),
        evidence: [
          { quantity: tell('startup.read-compressor-amps'), value: amps, unit: 'A', band: { low: 0, high: limitA } },
        ],
        because: tell('startup.above-110-of-rla-motor-overheats'),
        source: tell('startup.company-default-rla-from-plate'),
        miss: amps / system.compressorRlaA,
      },
      tell('startup.stop-system-find-high-head-pressure'),
    );

  const outdoor = readings.outdoorDryBulbF;
  const lowest = system.lowestOutdoorF;
  if (callOf(mode) === 'cooling' && typeof lowest === 'number' && sound('outdoorDryBulbF') && outdoor!.value < lowest)
    stop(
      {
        id: 'below-lowest',
        claim: tell('startup.cools-below-what-maker-allows', { outdoor: q(outdoor!.value, 'F', 0) }),
        evidence: [
          {
            quantity: tell('startup.read-outdoor-dry-bulb'),
            value: outdoor!.value,
            unit: '°F',
            band: { low: lowest, high: 130 },
          },
        ],
        because: tell('startup.plate-lets-it-cool-down-to', { lowest: q(lowest, 'F', 'as is') }),
        source: tell('startup.units-plate-makers-low-ambient-kit'),
        miss: (lowest - outdoor!.value) / 10,
      },
      tell('startup.stop-cooling-wait-or-fit-low-ambient'),
    );

  const discharge = readings.dischargeLineF;
  if (sound('dischargeLineF') && discharge!.value >= DISCHARGE_STOP_F)
    stop(
      {
        id: 'discharge-hot',
        claim: tell('startup.discharge-line-2', { value: q(discharge!.value, 'F', 0) }),
        evidence: [
          {
            quantity: tell('startup.read-discharge-line'),
            value: discharge!.value,
            unit: '°F',
            band: { low: 0, high: DISCHARGE_STOP_F },
          },
        ],
        because: tell('startup.from-on-oil-breaks-down-and', { dischargeStopF: q(DISCHARGE_STOP_F, 'F', 'as is') }),
        source: tell('startup.common-practice-makers-limit-wins'),
        miss: discharge!.value / DISCHARGE_STOP_F,
      },
      tell('startup.stop-system-look-for-low-charge'),
    );

  // At rest both pressures stand at the air's own saturation: neither line says anything then.
  const stands = amps !== undefined && amps <= RUNNING_A;
  const superheatF = figures.byId.superheat.value;
  if (
    !stands &&
    superheatF !== undefined &&
    superheatF < FLOODING_F &&
    superheatF >= IMPOSSIBLE_F &&
    sound('suctionPsig', 'suctionLineF')
  ) {
    const base = {
      evidence: [
        {
          quantity: tell('startup.read-superheat'),
          value: superheatF,
          unit: '°F',
          band: { low: FLOODING_F, high: 25 },
        },
      ],
      because: tell('startup.liquid-washes-oil-out-of-compressor'),
      source: tell('startup.common-practice'),
      miss: FLOODING_F - superheatF,
    };
    if ((input.floodingMin ?? 0) >= FLOODING_HELD_MIN)
      stop(
        {
          id: 'flooding',
          claim: tell('startup.superheat-below-for', {
            superheatF: q(superheatF, 'F'),
            floodingF: q(FLOODING_F, 'F', 'as is'),
            floodingHeldMin: q(FLOODING_HELD_MIN, 'min', 'as is'),
          }),
          ...base,
        },
        tell('startup.stop-system-liquid-reaches-compressor-look'),
      );
    else
      out.push({
        id: 'flooding-watch',
        step: 'power',
        verdict: 'look-again',
        claim: tell('startup.superheat-liquid-may-be-reaching-compressor', { superheatF: q(superheatF, 'F') }),
        confidence: 'high',
        next: {
          say: tell('startup.read-suction-again-after-shut-it', {
            floodingHeldMin: q(FLOODING_HELD_MIN, 'min', 'as is'),
            floodingF: q(FLOODING_F, 'F', 'as is'),
          }),
          because: base.because,
          action: { kind: 'wait' },
          waitMin: FLOODING_HELD_MIN,
        },
        ...base,
      });
  }

  const subcoolingF = figures.byId.subcooling.value;
  const settled = ranMin === undefined || ranMin >= LIQUID_AFTER_MIN;
  // A charge that is still being found, or partly held back, is short on purpose: the next ounce is the answer there.
  const shortOnPurpose = system.unknownLine !== undefined || system.heldBackOz > 0;
  if (
    !stands &&
    subcoolingF !== undefined &&
    subcoolingF < 0 &&
    settled &&
    !shortOnPurpose &&
    sound('liquidPsig', 'liquidLineF')
  )
    stop(
      {
        id: 'no-liquid',
        claim: tell('startup.subcooling-no-solid-liquid-in-liquid', { subcoolingF: q(subcoolingF, 'F') }),
        evidence: [
          { quantity: tell('startup.read-subcooling'), value: subcoolingF, unit: '°F', band: { low: 0, high: 40 } },
        ],
        because: tell('startup.with-both-probes-sound-there-is'),
        source: tell('startup.definition-of-subcooling-common-practice'),
        miss: -subcoolingF,
      },
      tell('startup.stop-system-look-for-leak-or'),
    );

  const suction = readings.suctionPsig;
  const liquid = readings.liquidPsig;
  if (
    (amps ?? 0) > RUNNING_A &&
    suction !== undefined &&
    liquid !== undefined &&
    !suction.trouble &&
    !liquid.trouble &&
    Math.abs(liquid.value - suction.value) <= EQUAL_PRESSURE_PSI &&
    (ranMin === undefined || ranMin >= EQUAL_AFTER_MIN)
  )
    stop(
      {
        id: 'not-pumping',
        claim: tell('startup.both-pressures-are-equal-while-compressor'),
        evidence: [
          { quantity: tell('startup.read-suction-pressure'), value: suction.value, unit: 'psig' },
          { quantity: tell('startup.read-liquid-pressure'), value: liquid.value, unit: 'psig' },
          { quantity: tell('startup.read-compressor-amps'), value: amps!, unit: 'A' },
        ],
        because: tell('startup.it-does-not-pump-it-runs'),
        source: tell('startup.common-practice'),
        miss: 6,
      },
      tell('startup.stop-system-check-ports-on-three'),
    );
  return out;
}
