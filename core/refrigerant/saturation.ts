import { readPieces } from '@/core/numeric/chebyshev';
import { fFromKelvin, paFromPsia } from '@/core/units/units';
import { EXPANSIONS } from './expansions';
import { HIGH_F, LOW_F } from './ranges';
import type { Refrigerant } from './refrigerants';
import { solveSaturation } from './saturation-solver';

/** A saturated state: both pressures at one temperature, and the densities on the two lines. SI, molar. */
export type Saturation = { bubblePa: number; dewPa: number; liquidMolM3: number; vapourMolM3: number };

/** What turning °F into kelvin and back costs. */
const EDGE_F = 1e-9;

/**
 * A saturated state, to 1e-8 of what the equation of state gives, in under a microsecond from −60 to 150 °F; beyond, up to
 * near the critical point, by solving the equation.
 */
export function saturate(refrigerant: Refrigerant, kelvin: number): Saturation {
  const { curves } = EXPANSIONS[refrigerant];
  const f = fFromKelvin(kelvin);
  if (!(f >= LOW_F - EDGE_F && f <= HIGH_F + EDGE_F)) return solveSaturation(refrigerant, kelvin);
  return {
    bubblePa: paFromPsia(readPieces(curves.bubblePsia, f)),
    dewPa: paFromPsia(readPieces(curves.dewPsia, f)),
    liquidMolM3: readPieces(curves.liquidMolM3, f),
    vapourMolM3: readPieces(curves.vapourMolM3, f),
  };
}
