import type { Finding } from '@/core/finding/finding';
import type { Figures } from './figures';
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
  const { system, readings, ranMin } = input;
  const sound = (...names: (keyof typeof readings)[]): boolean =>
    names.every((n) => readings[n] !== undefined && readings[n]?.trouble === undefined && !suspects.has(n));
  const out: Finding[] = [];
  const stop = (f: Pick<Finding, 'id' | 'claim' | 'because' | 'evidence' | 'source' | 'miss'>, say: string): void => {
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
        claim: `Compressor draws ${((100 * amps) / system.compressorRlaA).toFixed(0)} % of RLA.`,
        evidence: [{ quantity: 'compressor amps', value: amps, unit: 'A', band: { low: 0, high: limitA } }],
        because: 'Above 110 % of RLA the motor overheats; running on damages the compressor.',
        source: 'company default; RLA from the plate',
        miss: amps / system.compressorRlaA,
      },
      'Stop the system. Find the high head pressure, low voltage or wrong capacitor first.',
    );

  const discharge = readings.dischargeLineF;
  if (sound('dischargeLineF') && discharge!.value >= DISCHARGE_STOP_F)
    stop(
      {
        id: 'discharge-hot',
        claim: `Discharge line ${discharge!.value.toFixed(0)} °F.`,
        evidence: [
          {
            quantity: 'discharge line',
            value: discharge!.value,
            unit: '°F',
            band: { low: 0, high: DISCHARGE_STOP_F },
          },
        ],
        because: `From ${DISCHARGE_STOP_F} °F on the oil breaks down and the valves suffer.`,
        source: 'common practice; the maker’s limit wins',
        miss: discharge!.value / DISCHARGE_STOP_F,
      },
      'Stop the system. Look for low charge, a restriction, high head or a failing compressor.',
    );

  const superheatF = figures.byId.superheat.value;
  if (
    superheatF !== undefined &&
    superheatF < FLOODING_F &&
    superheatF >= IMPOSSIBLE_F &&
    sound('suctionPsig', 'suctionLineF')
  ) {
    const base = {
      evidence: [{ quantity: 'superheat', value: superheatF, unit: '°F', band: { low: FLOODING_F, high: 25 } }],
      because: 'Liquid washes the oil out of the compressor and breaks it.',
      source: 'common practice',
      miss: FLOODING_F - superheatF,
    };
    if ((input.floodingMin ?? 0) >= FLOODING_HELD_MIN)
      stop(
        {
          id: 'flooding',
          claim: `Superheat ${superheatF.toFixed(1)} °F, below ${FLOODING_F} °F for ${FLOODING_HELD_MIN} min.`,
          ...base,
        },
        'Stop the system: liquid reaches the compressor. Look at the metering device, the airflow and the charge.',
      );
    else
      out.push({
        id: 'flooding-watch',
        step: 'power',
        verdict: 'look-again',
        claim: `Superheat ${superheatF.toFixed(1)} °F: liquid may be reaching the compressor.`,
        confidence: 'high',
        next: {
          say: `Read the suction again after ${FLOODING_HELD_MIN} min; shut it down if superheat stays below ${FLOODING_F} °F.`,
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
  if (subcoolingF !== undefined && subcoolingF < 0 && settled && !shortOnPurpose && sound('liquidPsig', 'liquidLineF'))
    stop(
      {
        id: 'no-liquid',
        claim: `Subcooling ${subcoolingF.toFixed(1)} °F: no solid liquid in the liquid line.`,
        evidence: [{ quantity: 'subcooling', value: subcoolingF, unit: '°F', band: { low: 0, high: 40 } }],
        because: 'With both probes sound there is gas before the metering device: charge is far short, or has leaked.',
        source: 'definition of subcooling; common practice',
        miss: -subcoolingF,
      },
      'Stop the system. Look for a leak or a wrong weigh-in before anything is added.',
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
        claim: 'Both pressures are equal while the compressor draws current.',
        evidence: [
          { quantity: 'suction pressure', value: suction.value, unit: 'psig' },
          { quantity: 'liquid pressure', value: liquid.value, unit: 'psig' },
          { quantity: 'compressor amps', value: amps!, unit: 'A' },
        ],
        because: 'It does not pump, it runs backwards, or both hoses are on one side.',
        source: 'common practice',
        miss: 6,
      },
      'Stop the system. Check the ports; on three-phase the rotation.',
    );
  return out;
}
