import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, yesNo } from '@/core/finding/quantity-field';
import { bisect } from '@/core/numeric/bisect';
import { tell } from '@/core/sizing/words';
import { BTUH_PER_W } from '@/core/units/units';
import { q } from '@/core/words/said';

/** Rating points of a heat pump, °F (AHRI 210/240, from memory). */
export const LOW_RATING_F = 17;
export const HIGH_RATING_F = 47;
const FROST_RATING_F = 35;
/** The frost dent reaches to here; at 35 °F a pump without published data gives this share of the straight line. */
const FROST_END_F = 45;
const FROST_SHARE = 0.9;
/** A house needs no heat above this (common practice 55 to 65), °F. */
export const NO_LOAD_F = 60;
const W_PER_KW = 1000;

export type HeatPumpLines = {
  capacity47Btuh: number;
  capacity17Btuh: number;
  heatLossBtuh: number;
  designF: number;
  noLoadF: number;
  frostDent: boolean;
};

/** Heat the pump gives at an outdoor temperature, Btu/h. */
export function capacityAt(
  i: Pick<HeatPumpLines, 'capacity47Btuh' | 'capacity17Btuh' | 'frostDent'>,
  outdoorF: number,
): number {
  const slope = (i.capacity47Btuh - i.capacity17Btuh) / (HIGH_RATING_F - LOW_RATING_F);
  const straight = i.capacity17Btuh + slope * (outdoorF - LOW_RATING_F);
  if (!i.frostDent || outdoorF <= LOW_RATING_F || outdoorF >= FROST_END_F) return Math.max(0, straight);
  const at35 = FROST_SHARE * (i.capacity17Btuh + slope * (FROST_RATING_F - LOW_RATING_F));
  const dented = (at35 - i.capacity17Btuh) / (FROST_RATING_F - LOW_RATING_F);
  return Math.max(0, i.capacity17Btuh + dented * (outdoorF - LOW_RATING_F));
}

/** Heat the house loses at an outdoor temperature, Btu/h. */
export const lossAt = (i: HeatPumpLines, outdoorF: number): number =>
  Math.max(0, (i.heatLossBtuh / (i.noLoadF - i.designF)) * (i.noLoadF - outdoorF));

/** Where the two lines meet: the warmest temperature at which the house wants all the pump gives. */
function meet(i: HeatPumpLines): number {
  return bisect((f) => lossAt(i, f) > capacityAt(i, f), i.noLoadF - 200, i.noLoadF, 80).above;
}

/**
 * Balance point of a heat pump and the auxiliary heat at design.
 *
 * @param capacity47Btuh, capacity17Btuh rated · @param heatLossBtuh at designF · @param noLoadF default 60
 * @param frostDent takes the AHRI frost dent instead of the straight line
 * @returns balanceF, auxKw at design, auxLockoutF (strips off above it), extrapolated: below 17 °F, so not proven
 * @example balancePoint({ capacity47Btuh: 34000, capacity17Btuh: 21000, heatLossBtuh: 36000, designF: 17, noLoadF: 65 }) // 29.7 °F, 4.4 kW
 */
export const balancePoint = calculation({
  id: 'balance-point',
  title: 'Balance point',
  what: 'The outdoor temperature below which a heat pump alone no longer heats the house, and the auxiliary heat at design.',
  formula:
    'UA = loss/(no-load − design); capacity straight through 17 and 47 °F; where the lines meet; aux = deficit/3412',
  source: 'heat balance; rating points and frost dent AHRI 210/240, edition not checked',
  notCovered: 'Below 17 °F it extrapolates: not proven unless the maker gives a point. Defrost heat.',
  input: z.strictObject({
    capacity47Btuh: num(3000, 500000, 'Btu/h'),
    capacity17Btuh: num(1000, 500000, 'Btu/h'),
    heatLossBtuh: num(1000, 1000000, 'Btu/h'),
    designF: num(-40, 60, '°F'),
    noLoadF: num(45, 75, '°F').default(NO_LOAD_F),
    frostDent: yesNo.default(false),
  }),
  compute: (i) => {
    if (i.capacity17Btuh >= i.capacity47Btuh) {
      return refuse(
        'capacity17Btuh',
        tell('sizing.heat-pump-gives-less-at-17'),
        tell('sizing.1000-to-btu-h', { capacity47Btuh: q(i.capacity47Btuh - 1, 'number', 'as is') }),
      );
    }
    if (i.noLoadF <= i.designF) {
      return refuse(
        'noLoadF',
        tell('sizing.no-load-temperature-must-be-above'),
        tell('sizing.above', { designF: q(i.designF, 'F', 'as is') }),
      );
    }
    const balanceF = meet(i);
    const auxKw = Math.max(0, i.heatLossBtuh - capacityAt(i, i.designF)) / BTUH_PER_W / W_PER_KW;
    return ok({
      balanceF,
      auxKw,
      emergencyKw: i.heatLossBtuh / BTUH_PER_W / W_PER_KW,
      auxLockoutF: Math.ceil(balanceF) + 3,
      extrapolated: Math.min(balanceF, i.designF) < LOW_RATING_F,
    });
  },
  example: {
    input: { capacity47Btuh: 34000, capacity17Btuh: 21000, heatLossBtuh: 36000, designF: 17, noLoadF: 65 },
    expected: { balanceF: 29.68, auxKw: 4.396, extrapolated: false },
    tolerance: 0.01,
  },
});
