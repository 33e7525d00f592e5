import { psiaFromPa } from '@/core/units/units';
import type { Refrigerant } from './refrigerants';
import { saturatedStates } from './state';

/** Saturated properties on a 1 °F grid, cubic between the nodes: what every screen and the plant read. */
export const TABLE_LOW_F = -60;
export const TABLE_HIGH_F = 150;
const NODES = TABLE_HIGH_F - TABLE_LOW_F + 1;

const COLUMNS = [
  'lnBubble',
  'lnDew',
  'liquidLbFt3',
  'vapourLbFt3',
  'liquidBtuLb',
  'vapourBtuLb',
  'vapourBtuLbR',
] as const;
export type Column = (typeof COLUMNS)[number];
export type SaturationTable = Record<Column, Float64Array>;

function build(refrigerant: Refrigerant): SaturationTable {
  const table = Object.fromEntries(COLUMNS.map((c) => [c, new Float64Array(NODES)])) as SaturationTable;
  for (let i = 0; i < NODES; i++) {
    const state = saturatedStates(refrigerant, TABLE_LOW_F + i);
    table.lnBubble[i] = Math.log(psiaFromPa(state.bubblePa));
    table.lnDew[i] = Math.log(psiaFromPa(state.dewPa));
    table.liquidLbFt3[i] = state.liquid.lbFt3;
    table.vapourLbFt3[i] = state.vapour.lbFt3;
    table.liquidBtuLb[i] = state.liquid.btuLb;
    table.vapourBtuLb[i] = state.vapour.btuLb;
    table.vapourBtuLbR[i] = state.vapour.btuLbR;
  }
  return table;
}

const tables = new Map<Refrigerant, SaturationTable>();

export function saturationTable(refrigerant: Refrigerant): SaturationTable {
  let table = tables.get(refrigerant);
  if (!table) {
    table = build(refrigerant);
    tables.set(refrigerant, table);
  }
  return table;
}

/** Slope at a node: central difference inside, one-sided second order at the two ends. Per °F. */
function slope(column: Float64Array, i: number): number {
  if (i === 0) return -1.5 * column[0]! + 2 * column[1]! - 0.5 * column[2]!;
  if (i === NODES - 1) return 1.5 * column[i]! - 2 * column[i - 1]! + 0.5 * column[i - 2]!;
  return (column[i + 1]! - column[i - 1]!) / 2;
}

/** Cubic Hermite between nodes. The caller has checked that temperatureF lies within the table. */
export function read(column: Float64Array, temperatureF: number): number {
  const x = temperatureF - TABLE_LOW_F;
  const i = Math.min(Math.max(Math.floor(x), 0), NODES - 2);
  const t = x - i;
  const a = column[i]!;
  const b = column[i + 1]!;
  const sa = slope(column, i);
  const sb = slope(column, i + 1);
  const d = b - a;
  return a + t * (sa + t * (3 * d - 2 * sa - sb + t * (sa + sb - 2 * d)));
}

/** The temperature at which a rising column has a value: bisection to the cell, then Newton on its cubic. */
export function invert(column: Float64Array, value: number): number {
  let low = 0;
  let high = NODES - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (column[middle]! <= value) low = middle;
    else high = middle;
  }
  const a = column[low]!;
  const b = column[high]!;
  let t = (value - a) / (b - a);
  for (let i = 0; i < 4; i++) {
    const f = TABLE_LOW_F + low + t;
    t -= (read(column, f) - value) / (b - a);
  }
  return TABLE_LOW_F + low + t;
}
