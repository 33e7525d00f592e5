import type { FurnaceProof } from '../furnace-proof';

/** A made-up gas furnace that burns well, for tests. */
export const SAMPLE_PROOF: FurnaceProof = {
  fuel: 'natural gas',
  inletInWc: 7,
  manifoldInWc: 3.5,
  plateManifoldInWc: 3.5,
  riseF: 55,
  plateRiseLowF: 40,
  plateRiseHighF: 70,
  coAirFreePpm: 28,
  roomCoPpm: 0,
  ranMin: 15,
};
