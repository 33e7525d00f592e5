import { FIT_WORDS, type FitKind, type FitRecord } from '@/core/fit/sheets';
import type { JobSheet } from '@/core/job/sheet';
import { audit } from '@/server/audit';
import type { Database } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { mustNotBeHandedOver, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { fitsStore } from './fits-store';

export async function putFit(
  database: Database,
  person: Person,
  jobId: string,
  kind: FitKind,
  body: { version: number; record: FitRecord; measured: string[] },
): Promise<JobSheet> {
  await database.transaction(async (db) => {
    const sheet = await sheetFor(db, person, jobId);
    mustNotBeHandedOver(sheet);
    const done = await fitsStore.put(
      db,
      { companyId: person.companyId, jobId },
      { ...body, kind, measured: [...new Set(body.measured)], personId: person.id },
    );
    if (!done) {
      throw new Problem('stale-version', {
        message: `Someone changed this sheet (${FIT_WORDS[kind].toLowerCase()}) after you read it.`,
        yours: body,
        stored: sheet.fits[kind],
      });
    }
    await audit(db, person, jobId, 'fit sheet', { kind });
    await refreshSummary(db, person.companyId, jobId);
  });
  return sheetFor(database, person, jobId);
}
