import { tell } from '@/core/job/words';
import type { Cell, Label, Said } from '@/core/words/said';
export type ReportTable = { title: Said; note?: Said; columns: Label[]; rows: Cell[][] };
export type Report = {
  title: Said;
  status: 'signed' | 'draft';
  statusSay: Said;
  /** Set when any value came from a simulated or replayed instrument. */
  simulated: Said | null;
  facts: [Label, Cell][];
  tables: ReportTable[];
  notes: Label[];
};

export const DISCLAIMER = tell('job.this-record-states-what-was-read');
