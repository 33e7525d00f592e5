import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/phases/start-up/words';

/** Findings of proofs beside the readings go by this and what is proven. */
export const PROOF = 'proof:';

/** What every finding of a proof has in common. */
export const proofBase = (of: string) =>
  ({
    id: `${PROOF}${of}`,
    step: 'proofs',
    because: tell('job.every-mode-is-proven-by-its-own-readings'),
    source: tell('job.equipment-says-which-proofs'),
    confidence: 'high',
    evidence: [],
    miss: 1,
  }) satisfies Partial<Finding>;
