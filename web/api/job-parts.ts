import type { JobSheet } from '@/core/job/sheet';

/** What of a sheet is the job's, the same whichever circuit is looked at. */
const JOB_PARTS = [
  'job',
  'customer',
  'site',
  'cancelled',
  'circuits',
  'survey',
  'scope',
  'fits',
  'removal',
  'furnace',
  'scopeSchools',
] as const satisfies readonly (keyof JobSheet)[];

/** The sheet of one circuit with what another's answer brought of the job. */
export function withJobOf(sheet: JobSheet, answer: JobSheet): JobSheet {
  const parts = Object.fromEntries(JOB_PARTS.map((part) => [part, answer[part]]));
  return { ...sheet, ...parts };
}
