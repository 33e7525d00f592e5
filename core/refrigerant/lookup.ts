import { readPieces } from '@/core/numeric/chebyshev';
import { KG_M3_PER_LB_FT3 } from '@/core/units/units';
import { type Curve, piecesOf } from './expansions';
import { workingFluid } from './fluids';
import { HIGH_F, LOW_F } from './ranges';
import type { Refrigerant } from './refrigerants';

/**
 * Saturation in trade units, absolute pressure, from the expansions (tens of nanoseconds).
 * Valid -60 to 150 °F; outside they return NaN, which callers turn into "saturation undefined here".
 * They agree with the equations to 1e-8 everywhere (expansions.test.ts).
 */
const readerOf = (curve: Curve) => {
  const pieces = piecesOf(curve);
  return (r: Refrigerant, temperatureF: number): number =>
    temperatureF >= LOW_F && temperatureF <= HIGH_F ? readPieces(pieces[r], temperatureF) : Number.NaN;
};

/** A pressure that was read off an edge of the range is still within it. */
const EDGE = 1e-9;

const inverseOf = (curve: 'bubbleF' | 'dewF') => {
  const pieces = piecesOf(curve);
  return (r: Refrigerant, psia: number): number => {
    const all = pieces[r];
    const low = all[0]!.low * (1 - EDGE);
    const high = all[all.length - 1]!.high * (1 + EDGE);
    return psia >= low && psia <= high ? readPieces(all, psia) : Number.NaN;
  };
};

const liquidMolM3 = readerOf('liquidMolM3');
const vapourMolM3 = readerOf('vapourMolM3');
const lbFt3 = (r: Refrigerant, molM3: number): number => (molM3 * workingFluid(r).molarMassKg) / KG_M3_PER_LB_FT3;

export const bubblePsia = readerOf('bubblePsia');
export const dewPsia = readerOf('dewPsia');
export const bubbleF = inverseOf('bubbleF');
export const dewF = inverseOf('dewF');
export const liquidLbFt3 = (r: Refrigerant, temperatureF: number): number => lbFt3(r, liquidMolM3(r, temperatureF));
export const vapourLbFt3 = (r: Refrigerant, temperatureF: number): number => lbFt3(r, vapourMolM3(r, temperatureF));
export const liquidBtuLb = readerOf('liquidBtuLb');
export const vapourBtuLb = readerOf('vapourBtuLb');

/** Gauge limits within which saturation is defined for a refrigerant at a station pressure, rounded inward to 0.1 psi. */
export function gaugeRangePsig(r: Refrigerant, line: 'bubble' | 'dew', barometerPsia: number) {
  const psia = line === 'bubble' ? bubblePsia : dewPsia;
  return {
    low: Math.ceil((psia(r, LOW_F) - barometerPsia) * 10) / 10,
    high: Math.floor((psia(r, HIGH_F) - barometerPsia) * 10) / 10,
  };
}
