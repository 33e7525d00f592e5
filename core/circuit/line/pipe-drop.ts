import { ACR_INSIDE_IN, boreFt2 } from '@/core/circuit/acr-tube';
import { IN2_PER_FT2 } from '@/core/units/units';
import { LB_FT_S_PER_PA_S } from './transport';

/** Drawn copper tube, ft (handbooks, from memory). */
const ROUGHNESS_FT = 5e-6;
export const GRAVITY_FT_S2 = 32.174;
const LAMINAR_REYNOLDS = 2300;
export const SECONDS_PER_H = 3600;
const MINUTES_PER_H = 60;
export const INCHES_PER_FT = 12;

/** Darcy's friction factor: laminar below 2300, Haaland's explicit form above. */
export function darcyFactor(reynolds: number, relativeRoughness: number): number {
  if (reynolds < LAMINAR_REYNOLDS) return 64 / reynolds;
  return (-1.8 * Math.log10((relativeRoughness / 3.7) ** 1.11 + 6.9 / reynolds)) ** -2;
}

/**
 * Friction of one phase in a copper tube by Darcy–Weisbach: lb/h of a fluid of lb/ft³ and Pa·s over so many feet. Undefined for an
 * OD that is not in the tube table.
 */
export function pipeDrop(p: { odIn: number; ft: number; lbPerH: number; lbFt3: number; viscosityPaS: number }) {
  const insideIn = ACR_INSIDE_IN.get(p.odIn);
  const areaFt2 = boreFt2(p.odIn);
  if (insideIn === undefined || areaFt2 === undefined) return undefined;
  const diameterFt = insideIn / INCHES_PER_FT;
  const fps = p.lbPerH / SECONDS_PER_H / p.lbFt3 / areaFt2;
  const reynolds = (p.lbFt3 * fps * diameterFt) / (p.viscosityPaS * LB_FT_S_PER_PA_S);
  const f = darcyFactor(reynolds, ROUGHNESS_FT / diameterFt);
  return {
    psi: (f * (p.ft / diameterFt) * p.lbFt3 * fps ** 2) / (2 * GRAVITY_FT_S2 * IN2_PER_FT2),
    velocityFpm: fps * MINUTES_PER_H,
  };
}

/** Jacobs' entrainment coefficient and the density of oil (ASHRAE Handbook Refrigeration, from memory). */
const JACOBS = 0.7225;
const OIL_LB_FT3 = 60;

/** Least flow of a vapour of lb/ft³ that still carries oil up a tube, lb/h; undefined for an OD that is not in the tube table. */
export function oilCarryingLbPerH(odIn: number, lbFt3: number): number | undefined {
  const insideIn = ACR_INSIDE_IN.get(odIn);
  const areaFt2 = boreFt2(odIn);
  if (insideIn === undefined || areaFt2 === undefined) return undefined;
  const flux = JACOBS * Math.sqrt(lbFt3 * GRAVITY_FT_S2 * (insideIn / INCHES_PER_FT) * (OIL_LB_FT3 - lbFt3));
  return flux * areaFt2 * SECONDS_PER_H;
}
