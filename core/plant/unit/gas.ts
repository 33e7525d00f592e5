import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/**
 * Compression of each refrigerant along its isentrope from 35–45 °F dew to 110–120 °F, by this project's equations:
 * p·vⁿ, the rise of absolute temperature with pressure ratio, and the heat of the hot gas, Btu/lb·°F.
 */
export const COMPRESSION: Record<Refrigerant, { n: number; rise: number; gasCp: number }> = {
  'R-410A': { n: 1.073, rise: 0.168, gasCp: 0.3 },
  'R-32': { n: 1.181, rise: 0.204, gasCp: 0.305 },
  'R-454B': { n: 1.118, rise: 0.178, gasCp: 0.308 },
  'R-22': { n: 1.102, rise: 0.167, gasCp: 0.21 },
  'R-407C': { n: 1.043, rise: 0.14, gasCp: 0.28 },
  'R-134a': { n: 1.024, rise: 0.117, gasCp: 0.26 },
};

const FT_LB_PER_BTU = 778.169;
const IN2_PER_FT2 = 144;

/** Isentropic work of vapor from suction to discharge, Btu/lb. */
export function idealWork(r: Refrigerant, suctionPsia: number, lbFt3: number, ratio: number): number {
  const k = (COMPRESSION[r].n - 1) / COMPRESSION[r].n;
  return (((suctionPsia * IN2_PER_FT2) / lbFt3 / k) * (ratio ** k - 1)) / FT_LB_PER_BTU;
}
