import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { capacityAt, HIGH_RATING_F, LOW_RATING_F, lossAt, NO_LOAD_F } from '@/core/sizing/balance-point';
import { BTUH_PER_W } from '@/core/units/units';
import { tell } from './words';

const W_PER_KW = 1000;
const BTU_PER_KWH = BTUH_PER_W * W_PER_KW;
const BTU_PER_THERM = 100_000;
/** Power dips less than capacity where frost does: at 35 °F this share of its straight line (AHRI 210/240, from memory). */
const FROST_POWER_SHARE = 0.985;
const FROST_F = 35;
const FROST_END_F = 45;
/** Part load costs so much of its efficiency at no load (degradation coefficient, AHRI 210/240). */
const DEGRADATION = 0.25;
/** How far a year's bill may lie from it: load 15 %, power 10 %, hours and weather together (design default), %. */
const PUMP_RANGE_PCT = 20;
const FUEL_RANGE_PCT = 15;
const MOST_BINS = 40;
const PERCENT = 100;

/** Electric power of the pump at an outdoor temperature, kW. */
function powerAt(low: number, high: number, outdoorF: number): number {
  const slope = (high - low) / (HIGH_RATING_F - LOW_RATING_F);
  const straight = low + slope * (outdoorF - LOW_RATING_F);
  if (outdoorF <= LOW_RATING_F || outdoorF >= FROST_END_F) return straight;
  const at35 = FROST_POWER_SHARE * (low + slope * (FROST_F - LOW_RATING_F));
  return low + ((at35 - low) / (FROST_F - LOW_RATING_F)) * (outdoorF - LOW_RATING_F);
}

/**
 * A year's heat from a heat pump with strips, by hours at each outdoor temperature, beside a fuel.
 *
 * @param capacity47Btuh, capacity17Btuh, cop47, cop17 of the pump · @param heatLossBtuh at designF · @param bins hours at each
 * temperature, °F · @param perKwh · @param fuelPerTherm and @param fuelEfficiency where a fuel is compared
 * @returns heatMmbtu, pumpKwh, auxKwh, totalKwh, seasonalCop, cost with its range; fuelTherms, fuelCost with its range, breakEvenCop;
 * clearWinner: false where the ranges overlap
 * @example see the worked example: 7,158 kWh, COP 2.44
 */
export const binCost = calculation({
  id: 'bin-cost',
  title: 'Running cost by bins',
  what: 'What a winter costs with a heat pump and its strips, hour by hour of outdoor temperature, with an honest range.',
  formula:
    'r = min(1, load/capacity); kWh = kW r h/(1 − 0.25(1 − r)); strips the rest; capacity and power straight from 17 to 47 °F with the frost dent',
  source: 'bin method; dent and degradation AHRI 210/240, edition not checked; ranges are design defaults',
  notCovered: 'Hours of the place must be given; defrost heat, setback, fan and standby power, demand charges.',
  input: z.strictObject({
    capacity47Btuh: num(3000, 500_000, 'Btu/h'),
    capacity17Btuh: num(1000, 500_000, 'Btu/h'),
    cop47: num(1, 8, ''),
    cop17: num(1, 8, ''),
    heatLossBtuh: num(1000, 1_000_000, 'Btu/h'),
    designF: num(-40, 59, '°F'),
    bins: z
      .array(z.strictObject({ outdoorF: num(-60, 80, '°F'), hours: num(0, 8784, 'h') }))
      .min(1)
      .max(MOST_BINS)
      .meta(upTo(MOST_BINS, 'bins')),
    perKwh: num(0, 10, ''),
    fuelPerTherm: num(0.01, 100, '').optional(),
    fuelEfficiency: num(0.5, 1, '').optional(),
  }),
  compute: (i) => {
    if (i.capacity17Btuh >= i.capacity47Btuh)
      return refuse('capacity17Btuh', tell('money.less-at-17'), tell('money.below-that-at-47'));
    if ((i.fuelPerTherm === undefined) !== (i.fuelEfficiency === undefined))
      return refuse('fuelEfficiency', tell('money.fuel-needs-both'), tell('money.price-and-efficiency'));
    const lines = { ...i, noLoadF: NO_LOAD_F, frostDent: true };
    const low = i.capacity17Btuh / i.cop17 / BTU_PER_KWH;
    const high = i.capacity47Btuh / i.cop47 / BTU_PER_KWH;
    let heat = 0;
    let pumpKwh = 0;
    let auxKwh = 0;
    for (const { outdoorF, hours } of i.bins) {
      const load = lossAt(lines, outdoorF);
      const capacity = capacityAt(lines, outdoorF);
      const share = capacity > 0 ? Math.min(1, load / capacity) : 0;
      heat += load * hours;
      pumpKwh += (powerAt(low, high, outdoorF) * share * hours) / (1 - DEGRADATION * (1 - share));
      auxKwh += (Math.max(0, load - capacity) / BTU_PER_KWH) * hours;
    }
    const totalKwh = pumpKwh + auxKwh;
    const cost = totalKwh * i.perKwh;
    const pump = rangeOf(cost, PUMP_RANGE_PCT);
    const answer = {
      heatMmbtu: heat / 1e6,
      pumpKwh,
      auxKwh,
      totalKwh,
      seasonalCop: totalKwh > 0 ? heat / BTU_PER_KWH / totalKwh : 0,
      cost,
      costLow: pump[0],
      costHigh: pump[1],
    };
    return ok({ ...answer, ...fuelOf(heat, pump, i) });
  },
  example: {
    input: {
      capacity47Btuh: 35000,
      capacity17Btuh: 21000,
      cop47: 3.6,
      cop17: 2.3,
      heatLossBtuh: 38000,
      designF: 12,
      bins: [
        { outdoorF: 57, hours: 700 },
        { outdoorF: 52, hours: 680 },
        { outdoorF: 47, hours: 650 },
        { outdoorF: 42, hours: 620 },
        { outdoorF: 37, hours: 580 },
        { outdoorF: 32, hours: 500 },
        { outdoorF: 27, hours: 300 },
        { outdoorF: 22, hours: 160 },
        { outdoorF: 17, hours: 80 },
        { outdoorF: 12, hours: 30 },
      ],
      perKwh: 0.16,
      fuelPerTherm: 1.4,
      fuelEfficiency: 0.95,
    },
    expected: { heatMmbtu: 59.65, totalKwh: 7158.2, seasonalCop: 2.44, fuelTherms: 627.9, breakEvenCop: 3.18 },
    tolerance: 0.05,
  },
});

type Fuel = {
  fuelTherms?: number;
  fuelCost?: number;
  fuelLow?: number;
  fuelHigh?: number;
  breakEvenCop?: number;
  clearWinner?: boolean;
};

/** The same heat from a fuel, where one is compared: its bill, and the COP at which both cost the same. */
function fuelOf(
  heatBtu: number,
  pump: readonly [number, number],
  { fuelPerTherm, fuelEfficiency, perKwh }: { fuelPerTherm?: number; fuelEfficiency?: number; perKwh: number },
): Fuel {
  if (fuelPerTherm === undefined || fuelEfficiency === undefined) return {};
  const fuelTherms = heatBtu / fuelEfficiency / BTU_PER_THERM;
  const fuelCost = fuelTherms * fuelPerTherm;
  const [fuelLow, fuelHigh] = rangeOf(fuelCost, FUEL_RANGE_PCT);
  return {
    fuelTherms,
    fuelCost,
    fuelLow,
    fuelHigh,
    breakEvenCop: heatBtu > 0 ? ((heatBtu / BTU_PER_KWH) * perKwh) / fuelCost : 0,
    clearWinner: pump[1] < fuelLow || fuelHigh < pump[0],
  };
}

const rangeOf = (cost: number, pct: number): [number, number] => [
  cost * (1 - pct / PERCENT),
  cost * (1 + pct / PERCENT),
];
