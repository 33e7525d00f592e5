import type { Chart } from '@/core/job/chart';
import { tell } from '@/core/job/words';
import type { Cell, Label, Said } from '@/core/words/said';
/** A picture in a report: what it shows, who took it and when. */
export type ReportPicture = { id: string; say: Said; by: string; at: string };
export type ReportTable = {
  title: Said;
  note?: Said;
  columns: Label[];
  rows: Cell[][];
  /** Pictures in the place of rows. */
  pictures?: ReportPicture[];
};
/** One of the five lines of a first page. */
export type FiveLine = { id: 'done' | 'proved' | 'not-proved' | 'owed' | 'yours'; label: Said; said: Label[] };
/** The customer's answer at the hand-over: the words of it, the pen's path, and what changed since. */
export type TakenOver = { say: Said; ink: string | null; since?: Said };
export type Report = {
  title: Said;
  status: 'signed' | 'draft';
  statusSay: Said;
  /** Set when any value came from a simulated or replayed instrument. */
  simulated: Said | null;
  facts: [Label, Cell][];
  tables: ReportTable[];
  notes: Label[];
  /** Drawings on the first page, each an SVG document in the reader's own words. */
  drawings?: { title: Said; svg: string }[];
  /** The first page of a job: five lines, and what was read over time or beside each other. */
  five?: FiveLine[];
  charts?: Chart[];
  takenOver?: TakenOver | undefined;
  /** What a maker's warranty desk asks for, by the company's own template. */
  desk?: ReportTable | undefined;
};

export const DISCLAIMER = tell('job.this-record-states-what-was-read');
