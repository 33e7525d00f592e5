import { tell } from '@/core/circuit/vacuum/words';
import { q, type Said } from '@/core/words/said';
/** What a standing test shows, however many readings it has. */
export type Standing = {
  classification: 'tight' | 'moisture' | 'leak' | 'inconclusive';
  why: Said;
  endMicrons: number;
  leakMicronsPerMin?: number;
  plateauMicrons?: number;
  earlyMicronsPerMin?: number;
  lateMicronsPerMin?: number;
  scatterMicrons?: number;
  model?: string;
};

/** The minutes at which a test without a streaming gauge is read: they give an early and a late slope (trade practice). */
export const TYPED_STANDING_MIN = [0, 2, 5, 10] as const;

/** Rise that still counts as holding, µm/min; and how the late slope compares with the early one (design defaults). */
export const HOLDS_PER_MIN = 5;
export const LEAK_RATIO = 0.7;
/** Colder pipes may hide ice: the vacuum then looks tight and is not, °F. */
export const ICE_DOUBT_F = 40;

export const iceDoubt = (coldestPipeF: number): Said =>
  tell('vacuum.pipes-at-may-hide-ice-warm', { coldestPipeF: q(coldestPipeF, 'F', 'as is') });
