import { fFromKelvin, OZ_PER_LB, PA_PER_PSI } from '@/core/units/units';

/** Standard atmosphere over the millimeters of mercury it holds: a torr, a thousandth of which is a micron of mercury (definition). */
const PA_PER_TORR = 101_325 / 760;
const PA_PER_MICRON = PA_PER_TORR / 1000;
/** Conventional inch of mercury at 32 °F (definition). */
const PA_PER_INHG = 3386.389;
const PSI_PER_BAR = 100_000 / PA_PER_PSI;
const PSI_PER_KPA = 1000 / PA_PER_PSI;
/** Avoirdupois ounce (definition). */
const G_PER_OZ = 28.349523125;
const M_PER_FT = 0.3048;
const CFM_PER_M3_H = 1 / (M_PER_FT ** 3 * 60);
/** Liters in a cubic meter, seconds in an hour. */
const CFM_PER_L_S = CFM_PER_M3_H * 3.6;

/** From a unit to the channel's own: times, then plus; `absolute` is over vacuum, so that the air of the place comes off. */
type Unit = { times: number; plus?: number; absolute?: true };
const GAUGE = {
  psig: { times: 1 },
  psia: { times: 1, absolute: true },
  'kPa gauge': { times: PSI_PER_KPA },
  'kPa abs': { times: PSI_PER_KPA, absolute: true },
  'bar gauge': { times: PSI_PER_BAR },
  'bar abs': { times: PSI_PER_BAR, absolute: true },
  'MPa gauge': { times: 1000 * PSI_PER_KPA },
  'MPa abs': { times: 1000 * PSI_PER_KPA, absolute: true },
} satisfies Record<string, Unit>;
const TEMPERATURE = {
  '°F': { times: 1 },
  '°C': { times: 9 / 5, plus: 32 },
  K: { times: 9 / 5, plus: fFromKelvin(0) },
} satisfies Record<string, Unit>;
const VACUUM = {
  µm: { times: 1 },
  mTorr: { times: 1 },
  Torr: { times: 1000 },
  Pa: { times: 1 / PA_PER_MICRON },
  mbar: { times: 100 / PA_PER_MICRON },
  'inHg abs': { times: PA_PER_INHG / PA_PER_MICRON },
} satisfies Record<string, Unit>;
const AMPS = { A: { times: 1 }, mA: { times: 0.001 } } satisfies Record<string, Unit>;
const FLOW = { CFM: { times: 1 }, 'm³/h': { times: CFM_PER_M3_H }, 'L/s': { times: CFM_PER_L_S } } satisfies Record<
  string,
  Unit
>;
const WEIGHT = {
  oz: { times: 1 },
  lb: { times: OZ_PER_LB },
  g: { times: 1 / G_PER_OZ },
  kg: { times: 1000 / G_PER_OZ },
} satisfies Record<string, Unit>;
const VOLTS = { V: { times: 1 } } satisfies Record<string, Unit>;
const PLAIN = { '': { times: 1 } } satisfies Record<string, Unit>;

const BY_ENDING: readonly (readonly [RegExp, Readonly<Record<string, Unit>>])[] = [
  [/Psig$/, GAUGE],
  [/F$/, TEMPERATURE],
  [/^microns$/, VACUUM],
  [/A$/, AMPS],
  [/Cfm$/, FLOW],
  [/Oz$/, WEIGHT],
  [/Volts$/, VOLTS],
];

const unitsFor = (channel: string): Readonly<Record<string, Unit>> =>
  BY_ENDING.find(([ending]) => ending.test(channel))?.[1] ?? PLAIN;

/** The units that a channel can be logged in, the trade's own first. */
export const unitsOf = (channel: string): string[] => Object.keys(unitsFor(channel));

/**
 * A logged figure in the channel's own unit (psig, °F, µm of mercury, A, CFM, oz).
 *
 * @param barometerPsia the air at the place, which comes off what is told over vacuum
 * @source definitions of the units: torr 101,325/760 Pa, inch of mercury 3,386.389 Pa, ounce 28.349523125 g, foot 0.3048 m
 */
export function toChannel(channel: string, unit: string, logged: number, barometerPsia: number): number | undefined {
  const known = unitsFor(channel)[unit];
  if (!known) return undefined;
  return logged * known.times + (known.plus ?? 0) - (known.absolute ? barometerPsia : 0);
}
