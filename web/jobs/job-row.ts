import type { Verdict } from '@/core/finding/finding';
import type { Phase } from '@/core/job/phases';
import type { Said } from '@/core/words/said';

export type JobRow = {
  jobId: string;
  /** The circuit that its next step is on; null where it is the first. */
  circuitId: string | null;
  number: number;
  customer: string;
  address: string;
  system: Said;
  leadName: string;
  scheduledFor: string;
  phase: Phase;
  state: 'open' | 'done' | 'cancelled';
  mark: Verdict;
  waitsFor: Said;
  /** When the next call of one who works alone is due. */
  checkInDue: string | null;
};
