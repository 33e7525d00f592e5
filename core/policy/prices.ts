import type { Said } from '@/core/words/said';
import { tell } from './words';

/**
 * Hours and materials of every kind of work the scope offers: placeholders (design defaults, equipment not in them), which a
 * company puts its own in the place of.
 */
const STANDARD = {
  'remove-old': { hours: 2.5, materials: 40 },
  'set-outdoor': { hours: 2, materials: 30 },
  'set-indoor': { hours: 3, materials: 60 },
  'set-coil': { hours: 2.5, materials: 40 },
  'set-furnace': { hours: 4, materials: 80 },
  'set-package': { hours: 4, materials: 90 },
  connect: { hours: 3.5, materials: 60 },
  'connect-fuel': { hours: 2, materials: 60 },
  thermostat: { hours: 1, materials: 180 },
  'heater-kit': { hours: 1, materials: 260 },
  registers: { hours: 1.5, materials: 160 },
  'filter-access': { hours: 1, materials: 90 },
  'line-cover': { hours: 1, materials: 110 },
  flex: { hours: 6, materials: 420 },
  'filter-cabinet': { hours: 2, materials: 240 },
  'duct-size': { hours: 10, materials: 650 },
  return: { hours: 4, materials: 210 },
  zoning: { hours: 3, materials: 300 },
  'stack-cap': { hours: 1, materials: 40 },
  'stack-transition': { hours: 2.5, materials: 120 },
  'stack-new': { hours: 4, materials: 120 },
  crossover: { hours: 6, materials: 340 },
  'curb-check': { hours: 1, materials: 0 },
  'curb-adapter': { hours: 5, materials: 1250 },
  'curb-new': { hours: 8, materials: 1900 },
  'pan-float': { hours: 1, materials: 95 },
  'primary-float': { hours: 0.5, materials: 30 },
  secondary: { hours: 1.5, materials: 40 },
  drain: { hours: 1.5, materials: 45 },
  'liquid-drier': { hours: 0.5, materials: 45 },
  'suction-drier-leave': { hours: 0.5, materials: 85 },
  'suction-drier-return': { hours: 1.5, materials: 85 },
  'acid-clean': { hours: 1.5, materials: 90 },
  indicator: { hours: 0.5, materials: 40 },
  'line-set': { hours: 4, materials: 380 },
  'line-set-flush': { hours: 1.5, materials: 60 },
  kink: { hours: 1, materials: 30 },
  'line-insulation': { hours: 1, materials: 70 },
  'mixed-recovery': { hours: 1, materials: 150 },
  circuits: { hours: 3, materials: 60 },
  a2l: { hours: 0.5, materials: 0 },
  coil: { hours: 5, materials: 1450 },
  'coil-kept': { hours: 1, materials: 20 },
  'coil-held': { hours: 1, materials: 15 },
  'expansion-valve': { hours: 1, materials: 180 },
  'oil-coil': { hours: 0.5, materials: 140 },
  hydronic: { hours: 2.5, materials: 220 },
  disconnect: { hours: 1, materials: 65 },
  breaker: { hours: 1, materials: 40 },
  whip: { hours: 0.5, materials: 35 },
  surge: { hours: 0.5, materials: 110 },
  'soft-start': { hours: 1, materials: 260 },
  'two-feeds': { hours: 0.25, materials: 0 },
  conductors: { hours: 2, materials: 60 },
  'controls-wire': { hours: 1, materials: 120 },
  'controls-own': { hours: 1, materials: 320 },
  mercury: { hours: 0.25, materials: 15 },
  'unknown-facts': { hours: 0.5, materials: 0 },
  'size-change': { hours: 0.5, materials: 0 },
  'gas-cap': { hours: 0.5, materials: 15 },
  'pad-new': { hours: 1.5, materials: 130 },
  'pad-level': { hours: 0.5, materials: 45 },
  moved: { hours: 6, materials: 420 },
  'oil-tank': { hours: 0, materials: 1800 },
  flue: { hours: 4, materials: 380 },
  'co-alarm': { hours: 0.25, materials: 40 },
  cause: { hours: 0.5, materials: 0 },
  permit: { hours: 1, materials: 150 },
  temporary: { hours: 1, materials: 120 },
  'breaker-spaces': { hours: 4, materials: 320 },
  'freeze-stat': { hours: 0.5, materials: 45 },
  'hail-guard': { hours: 0.5, materials: 160 },
} as const;
export type Work = keyof typeof STANDARD;
export const WORKS = Object.keys(STANDARD) as [Work, ...Work[]];

export const WORK_WORDS: Record<Work, Said> = {
  'remove-old': tell('price.remove-old'),
  'set-outdoor': tell('price.set-outdoor'),
  'set-indoor': tell('price.set-indoor'),
  'set-coil': tell('price.set-coil'),
  'set-furnace': tell('price.set-furnace'),
  'set-package': tell('price.set-package'),
  connect: tell('price.connect'),
  'connect-fuel': tell('price.connect-fuel'),
  thermostat: tell('price.thermostat'),
  'heater-kit': tell('price.heater-kit'),
  registers: tell('price.registers'),
  'filter-access': tell('price.filter-access'),
  'line-cover': tell('price.line-cover'),
  flex: tell('price.flex'),
  'filter-cabinet': tell('price.filter-cabinet'),
  'duct-size': tell('price.duct-size'),
  return: tell('price.return'),
  zoning: tell('price.zoning'),
  'stack-cap': tell('price.stack-cap'),
  'stack-transition': tell('price.stack-transition'),
  'stack-new': tell('price.stack-new'),
  crossover: tell('price.crossover'),
  'curb-check': tell('price.curb-check'),
  'curb-adapter': tell('price.curb-adapter'),
  'curb-new': tell('price.curb-new'),
  'pan-float': tell('price.pan-float'),
  'primary-float': tell('price.primary-float'),
  secondary: tell('price.secondary'),
  drain: tell('price.drain'),
  'liquid-drier': tell('price.liquid-drier'),
  'suction-drier-leave': tell('price.suction-drier-leave'),
  'suction-drier-return': tell('price.suction-drier-return'),
  'acid-clean': tell('price.acid-clean'),
  indicator: tell('price.indicator'),
  'line-set': tell('price.line-set'),
  'line-set-flush': tell('price.line-set-flush'),
  kink: tell('price.kink'),
  'line-insulation': tell('price.line-insulation'),
  'mixed-recovery': tell('price.mixed-recovery'),
  circuits: tell('price.circuits'),
  a2l: tell('price.a2l'),
  coil: tell('price.coil'),
  'coil-kept': tell('price.coil-kept'),
  'coil-held': tell('price.coil-held'),
  'expansion-valve': tell('price.expansion-valve'),
  'oil-coil': tell('price.oil-coil'),
  hydronic: tell('price.hydronic'),
  disconnect: tell('price.disconnect'),
  breaker: tell('price.breaker'),
  whip: tell('price.whip'),
  surge: tell('price.surge'),
  'soft-start': tell('price.soft-start'),
  'two-feeds': tell('price.two-feeds'),
  conductors: tell('price.conductors'),
  'controls-wire': tell('price.controls-wire'),
  'controls-own': tell('price.controls-own'),
  mercury: tell('price.mercury'),
  'unknown-facts': tell('price.unknown-facts'),
  'size-change': tell('price.size-change'),
  'gas-cap': tell('price.gas-cap'),
  'pad-new': tell('price.pad-new'),
  'pad-level': tell('price.pad-level'),
  moved: tell('price.moved'),
  'oil-tank': tell('price.oil-tank'),
  flue: tell('price.flue'),
  'co-alarm': tell('price.co-alarm'),
  cause: tell('price.cause'),
  permit: tell('price.permit'),
  temporary: tell('price.temporary'),
  'breaker-spaces': tell('price.breaker-spaces'),
  'freeze-stat': tell('price.freeze-stat'),
  'hail-guard': tell('price.hail-guard'),
};

export type PriceKey = `hours-${Work}` | `materials-${Work}`;
export type Prices = Record<PriceKey, number>;

/** What a company may put: hours of one piece of work, materials in its own money. */
export const PRICE_RANGE = {
  hours: { low: 0, high: 200, unit: 'h' },
  materials: { low: 0, high: 100_000, unit: '' },
} as const;
export type PricePart = keyof typeof PRICE_RANGE;
export const PRICE_PARTS = Object.keys(PRICE_RANGE) as PricePart[];

export const STANDARD_PRICES = Object.fromEntries(
  WORKS.flatMap((work) => PRICE_PARTS.map((part) => [`${part}-${work}`, STANDARD[work][part]])),
) as Prices;

/** The part and the work of a setting's name; undefined when it is no price. */
export function priceSetting(id: string): { part: PricePart; work: Work } | undefined {
  const part = PRICE_PARTS.find((p) => id.startsWith(`${p}-`));
  const work = part && WORKS.find((w) => `${part}-${w}` === id);
  return part && work ? { part, work } : undefined;
}

/** Hours and materials of a kind of work, by the company's own list. */
export const costOf = (prices: Prices, work: Work): { hours: number; materials: number } => ({
  hours: prices[`hours-${work}`],
  materials: prices[`materials-${work}`],
});
