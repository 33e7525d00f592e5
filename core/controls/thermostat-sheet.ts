import { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { oneNumber } from '@/core/power/fields';
import { q } from '@/core/words/said';
import { tell } from './words';

/** How a thermostat is set up: what is set, and what is read back from the wall. */
export const thermostatSchema = z.strictObject({
  systemType: oneOf(['conventional', 'heat pump', 'dual fuel']),
  /** Null where there is no valve. */
  valve: oneOf(['O', 'B']).nullable(),
  compressorStages: oneNumber(1, 2),
  auxStages: oneNumber(0, 1, 2),
  fanInHeat: oneOf(['equipment', 'thermostat']),
  compressorCyclesPerHour: num(1, 6, ''),
  compressorMinOffMin: num(0, 10, 'min'),
  changeover: oneOf(['manual', 'auto']),
  deadbandF: num(1, 15, '°F'),
  heatMaxF: num(50, 95, '°F'),
  coolMinF: num(50, 95, '°F'),
  auxLockoutAboveF: num(-20, 70, '°F').nullable(),
  compressorLockoutBelowF: num(-30, 60, '°F').nullable(),
  outdoorSensor: oneOf(['wired', 'from the network', 'none']),
  /** The sensor stands in the sun or beside discharge air. */
  sensorMisplaced: yesNo,
});
export type ThermostatSheet = z.infer<typeof thermostatSchema>;

/** What the sheet is held against. */
export type StatFacts = {
  heatPump: boolean;
  fossil: boolean;
  /** The valve that the outdoor unit has. */
  valve: 'O' | 'B' | undefined;
  stages: 1 | 2;
  strips: boolean;
  /** Outdoor temperature where the heat pump's capacity meets the house's loss, °F. */
  balanceF: number | undefined;
};

/** Least band between heating and cooling in auto (common practice), °F. */
const DEADBAND_F = 3;
/** A compressor's rest between two runs (common practice; the board's own delay may stand in), min. */
const REST_MIN = 5;
/** Supplementary heat this far above the balance point only wastes (house rule), °F. */
const ABOVE_BALANCE_F = 10;
/** Where nobody computed the balance point, strips stay off above this (house rule), °F. */
const UNKNOWN_BALANCE_F = 40;

/**
 * A thermostat's set-up against what it hangs on: kind, valve, stages, rest, band, lockouts from the balance point, sensor.
 * Does not cover: schedules, humidity, makers' own menus.
 */
export function judgeThermostat(t: ThermostatSheet, f: StatFacts): Finding[] {
  const kind = !f.heatPump ? 'conventional' : f.fossil ? 'dual fuel' : 'heat pump';
  return orderFindings([
    told('stat-type', t.systemType === kind, 'stop', {
      good: tell('controls.stat-is-set-for', { kind: KINDS[kind] }),
      bad: tell('controls.stat-is-set-for-another', { kind: KINDS[kind], set: KINDS[t.systemType] }),
      because: tell('controls.wrong-kind-runs-the-wrong-heat'),
      next: tell('controls.set-the-kind'),
    }),
    ...(f.heatPump && f.valve
      ? [
          told('stat-valve', t.valve === f.valve, 'stop', {
            good: tell('controls.valve-is', { valve: f.valve }),
            bad: tell('controls.valve-is-set-wrong', { valve: f.valve, set: t.valve ?? '–' }),
            because: tell('controls.wrong-valve-cools-in-winter'),
            next: tell('controls.set-the-valve'),
          }),
        ]
      : []),
    told('stat-stages', t.compressorStages === f.stages, 'look-again', {
      good: tell('controls.stages-set', { stages: f.stages }),
      bad: tell('controls.stages-set-wrong', { stages: f.stages, set: t.compressorStages }),
      because: tell('controls.second-stage-never-comes-or-nothing-is-there'),
      next: tell('controls.set-the-stages'),
    }),
    told('stat-rest', t.compressorMinOffMin >= REST_MIN, t.compressorMinOffMin === 0 ? 'stop' : 'look-again', {
      good: tell('controls.rest-set', { min: q(t.compressorMinOffMin, 'min', 'as is') }),
      bad: tell('controls.rest-too-short', { min: q(t.compressorMinOffMin, 'min', 'as is') }),
      because: tell('controls.pressures-need-time-to-meet'),
      next: tell('controls.set-rest-to', { min: q(REST_MIN, 'min', 'as is') }),
    }),
    ...(t.changeover === 'auto'
      ? [
          told('stat-band', t.deadbandF >= DEADBAND_F, 'look-again', {
            good: tell('controls.band-set', { band: q(t.deadbandF, 'F', 'as is') }),
            bad: tell('controls.band-too-narrow', { band: q(t.deadbandF, 'F', 'as is') }),
            because: tell('controls.heats-and-cools-in-turn'),
            next: tell('controls.set-band-to', { band: q(DEADBAND_F, 'F', 'as is') }),
          }),
        ]
      : []),
    ...lockouts(t, f),
    ...(t.outdoorSensor !== 'none'
      ? [
          told('stat-sensor', !t.sensorMisplaced, 'look-again', {
            good: tell('controls.sensor-in-the-shade'),
            bad: tell('controls.sensor-in-sun-or-discharge'),
            because: tell('controls.lockouts-go-by-it'),
            next: tell('controls.move-the-sensor'),
          }),
        ]
      : []),
  ]);
}

const KINDS = {
  conventional: tell('controls.kind-conventional'),
  'heat pump': tell('controls.kind-heat-pump'),
  'dual fuel': tell('controls.kind-dual-fuel'),
} as const;

function lockouts(t: ThermostatSheet, f: StatFacts): Finding[] {
  const out: Finding[] = [];
  const asks = t.auxLockoutAboveF !== null || t.compressorLockoutBelowF !== null;
  if (asks)
    out.push(
      told('stat-lockout-sensor', t.outdoorSensor !== 'none', 'look-again', {
        good: tell('controls.lockouts-have-a-sensor'),
        bad: tell('controls.lockouts-without-a-sensor'),
        because: tell('controls.lockouts-go-by-it'),
        next: tell('controls.wire-a-sensor'),
      }),
    );
  if (f.heatPump && f.fossil)
    out.push(
      told('stat-changeover', t.compressorLockoutBelowF !== null, 'look-again', {
        good: tell('controls.changeover-at', { f: q(t.compressorLockoutBelowF ?? 0, 'F', 'as is') }),
        bad: tell('controls.no-changeover-set'),
        because: tell('controls.dual-fuel-needs-one-temperature'),
        next: tell('controls.set-changeover-near-balance'),
      }),
    );
  if (f.heatPump && f.strips) {
    const most = f.balanceF === undefined ? UNKNOWN_BALANCE_F : f.balanceF + ABOVE_BALANCE_F;
    const set = t.auxLockoutAboveF;
    out.push(
      told('stat-aux', set !== null && set <= most, 'look-again', {
        good: tell('controls.strips-locked-out-above', { f: q(set ?? 0, 'F', 'as is') }),
        bad: tell('controls.strips-help-while-the-pump-could', { most: q(most, 'F', 0) }),
        because: tell(
          f.balanceF === undefined
            ? 'controls.balance-point-is-not-known'
            : 'controls.strips-only-where-the-pump-cannot',
        ),
        next: tell('controls.lock-strips-out-above', { most: q(most, 'F', 0) }),
      }),
    );
  }
  return out;
}

const SOURCE = tell('controls.common-practice-iecc-r403-edition-not-checked');
type Told = Record<'good' | 'bad' | 'because' | 'next', ReturnType<typeof tell>>;
const told = (id: string, good: boolean, bad: 'look-again' | 'stop', say: Told): Finding => ({
  id,
  verdict: good ? 'good' : bad,
  claim: good ? say.good : say.bad,
  because: say.because,
  source: SOURCE,
  ...(good ? {} : { next: advise(say.next), miss: 1 }),
});
