import type { z } from 'zod';
import { figure, maybe, pick, schemaOf } from '@/core/form/field';
import { tell } from './words';

/** What the whole system takes while it runs: the old one before it is taken out, the new one at its start-up. */
export const RUNNING_POWER_FIELDS = {
  of: pick(tell('startup.power-of'), { old: tell('startup.old-system'), new: tell('startup.new-system') }),
  amps: figure(tell('startup.running-amps'), 0.1, 1000, 'A'),
  volts: figure(tell('startup.volts-while-it-runs'), 90, 620, 'V'),
  kw: maybe(figure(tell('startup.by-a-power-meter'), 0.05, 200, 'kW')),
  outdoorF: maybe(figure(tell('startup.outdoor-air'), -40, 140, '°F')),
};
export const runningPowerSchema = schemaOf(RUNNING_POWER_FIELDS);
export type RunningPower = z.infer<typeof runningPowerSchema>;

/** Two readings further apart in weather than this are not compared (house rule), °F. */
export const SAME_WEATHER_F = 10;

export type PowerChange = {
  /** Of amps, and of kW where both were read with a power meter, %; negative: the new system takes less. */
  ampsPct: number;
  kwPct?: number;
  /** Whether the weather lets them be compared; undefined where nobody read it. */
  sameWeather?: boolean;
};

/** What the new system takes against the old one. Amps alone tell nothing of the power factor; a power meter does. */
export function powerChange(before: RunningPower, after: RunningPower): PowerChange {
  const pct = (a: number, b: number): number => (100 * (b - a)) / a;
  return {
    ampsPct: pct(before.amps, after.amps),
    ...(before.kw !== null && after.kw !== null ? { kwPct: pct(before.kw, after.kw) } : {}),
    ...(before.outdoorF !== null && after.outdoorF !== null
      ? { sameWeather: Math.abs(before.outdoorF - after.outdoorF) <= SAME_WEATHER_F }
      : {}),
  };
}
