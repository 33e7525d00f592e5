import type { JobSheet } from '@/core/job/sheet';
import { ownerOf } from '@/core/phases/registry';
import type { Person } from '@/server/features/people/people-store';
import type { RecordKey } from './phases-store';

/** Where a phase of this job keeps what belongs to it: with the job, or with the circuit, by its descriptor. */
export const recordKey = (person: Person, sheet: JobSheet, phase: string): RecordKey => ({
  companyId: person.companyId,
  jobId: sheet.job.id,
  ownerId: ownerOf(sheet, phase),
  phase,
});
