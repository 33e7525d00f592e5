import { tell } from '@/core/circuit/recovery/words';
import type { CircuitSchools } from '@/core/circuit/schools';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { PSI_PER_INHG } from '@/core/units/units';
import type { Said } from '@/core/words/said';

/** The vapour valve begins to close from here (common practice), psig. */
export const CLOSE_FROM_PSIG = 10;
/** By here it is nearly closed and the hand goes to the power (common practice), psig. */
export const CLOSED_BY_PSIG = 5;
/** A pump-down to positive pressure is stopped from here down (common practice), psig. */
const POSITIVE_STOP_PSIG = 2;
/** A deep pump-down never goes below this (common practice), psig: −10 inHg. */
const DEEP_PSIG = -10 * PSI_PER_INHG;
/** Closing the valve and pulling the power takes a moment: the deep stop is called this early, psi. */
const DEEP_LEAD_PSI = 1;

type CompressorKind = 'scroll' | 'reciprocating' | 'rotary' | 'unknown';

export type PumpDownEnd = {
  /** Stop from here down. */
  stopPsig: number;
  /** Never below this. */
  floorPsig: number;
  /** Why a deep pump-down is not allowed here, when the company's school asks for one. */
  barred?: Said;
};

/**
 * Where a pump-down ends: between 0 and 2 psig, or, by the company's school, down to −10 inHg. Deep only with an A1
 * refrigerant and a reciprocating or rotary compressor: air drawn in with A2L and oil vapour under compression can
 * explode, and a scroll arcs or overheats in vacuum. The maker's own limit comes first. Source: common practice.
 * @example pumpDownEnd({ refrigerant: 'R-22', compressorKind: 'reciprocating', school: 'deep' }).floorPsig // −4.9
 */
export function pumpDownEnd(on: {
  refrigerant: Refrigerant;
  compressorKind: CompressorKind | undefined;
  school: CircuitSchools['pumpDownEnd'];
}): PumpDownEnd {
  const positive = { stopPsig: POSITIVE_STOP_PSIG, floorPsig: 0 };
  if (on.school !== 'deep') return positive;
  if (REFRIGERANT_FACTS[on.refrigerant].safetyGroup === 'A2L')
    return { ...positive, barred: tell('recovery.never-below-0-psig-with-a2l') };
  if (on.compressorKind !== 'reciprocating' && on.compressorKind !== 'rotary')
    return {
      ...positive,
      barred:
        on.compressorKind === 'scroll' ? tell('recovery.scroll-suffers-in-vacuum') : tell('recovery.it-may-be-scroll'),
    };
  return { stopPsig: DEEP_PSIG + DEEP_LEAD_PSI, floorPsig: DEEP_PSIG };
}
