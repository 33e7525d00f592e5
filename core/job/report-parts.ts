export type ReportTable = { title: string; note?: string; columns: string[]; rows: string[][] };
export type Report = {
  title: string;
  status: 'signed' | 'draft';
  statusSay: string;
  /** Set when any value came from a simulated or replayed instrument. */
  simulated: string | null;
  facts: [string, string][];
  tables: ReportTable[];
  notes: string[];
};

/** A moment as the report prints it: UTC, to the minute, and said to be so. */
export const moment = (iso: string): string => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;

export const DISCLAIMER =
  'This record states what was read and how it was judged. The maker’s instructions, local code and licensed practice come before it.';
