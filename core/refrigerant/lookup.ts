import type { Refrigerant } from './refrigerants';
import { type Column, invert, read, saturationTable, TABLE_HIGH_F, TABLE_LOW_F } from './table';

/**
 * Saturation in trade units, absolute pressure, from the fast tables (tens of nanoseconds).
 * Valid -60 to 150 °F; outside they return NaN, which callers turn into "saturation undefined here".
 * They agree with the full solve within 0.05 °F and 0.1 % density everywhere (table.test.ts).
 */
function at(refrigerant: Refrigerant, column: Column, temperatureF: number): number {
  if (!(temperatureF >= TABLE_LOW_F && temperatureF <= TABLE_HIGH_F)) return Number.NaN;
  return read(saturationTable(refrigerant)[column], temperatureF);
}

function inverse(refrigerant: Refrigerant, column: 'lnBubble' | 'lnDew', psia: number): number {
  const table = saturationTable(refrigerant)[column];
  const ln = Math.log(psia);
  if (!(ln >= table[0]! && ln <= table[table.length - 1]!)) return Number.NaN;
  return invert(table, ln);
}

export const bubblePsia = (r: Refrigerant, temperatureF: number): number => Math.exp(at(r, 'lnBubble', temperatureF));
export const dewPsia = (r: Refrigerant, temperatureF: number): number => Math.exp(at(r, 'lnDew', temperatureF));
export const bubbleF = (r: Refrigerant, psia: number): number => inverse(r, 'lnBubble', psia);
export const dewF = (r: Refrigerant, psia: number): number => inverse(r, 'lnDew', psia);
export const liquidLbFt3 = (r: Refrigerant, temperatureF: number): number => at(r, 'liquidLbFt3', temperatureF);
export const vapourLbFt3 = (r: Refrigerant, temperatureF: number): number => at(r, 'vapourLbFt3', temperatureF);
export const liquidBtuLb = (r: Refrigerant, temperatureF: number): number => at(r, 'liquidBtuLb', temperatureF);
export const vapourBtuLb = (r: Refrigerant, temperatureF: number): number => at(r, 'vapourBtuLb', temperatureF);

/** Gauge limits within which saturation is defined for a refrigerant at a station pressure, rounded inward to 0.1 psi. */
export function gaugeRangePsig(r: Refrigerant, line: 'bubble' | 'dew', barometerPsia: number) {
  const psia = line === 'bubble' ? bubblePsia : dewPsia;
  return {
    low: Math.ceil((psia(r, TABLE_LOW_F) - barometerPsia) * 10) / 10,
    high: Math.floor((psia(r, TABLE_HIGH_F) - barometerPsia) * 10) / 10,
  };
}
