import { FIT_WORDS, type FitKind, type FitRecord } from '@/core/fit/sheets';
import type { JobSheet } from '@/core/job/sheet';
import { lower } from '@/core/words/said';
import { audit } from '@/server/audit';
import type { Database } from '@/server/db/pool';
import { sameOrStale } from '@/server/errors/stale';
import type { JobAt } from '@/server/features/jobs/job-at';
import { changeOpenJob, mustNotBeHandedOver } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { fitsStore } from './fits-store';

export async function putFit(
  database: Database,
  person: Person,
  at: JobAt,
  kind: FitKind,
  body: { version: number; record: FitRecord; measured: string[] },
): Promise<JobSheet> {
  const { jobId } = at;
  return changeOpenJob(database, person, at, async (db, sheet) => {
    mustNotBeHandedOver(sheet);
    const done = await fitsStore.put(
      db,
      { companyId: person.companyId, jobId, systemId: sheet.system.id },
      { ...body, kind, measured: [...new Set(body.measured)], personId: person.id },
    );
    if (!done)
      return sameOrStale(
        tell('server.someone-changed-this-sheet-after-you', { fitWords: lower(FIT_WORDS[kind]) }),
        { yours: body, stored: sheet.fits[kind] },
        {
          sent: { record: body.record, measured: [...new Set(body.measured)].sort() },
          kept: { record: sheet.fits[kind]?.record, measured: [...(sheet.fits[kind]?.measured ?? [])].sort() },
        },
      );
    await audit(db, person, jobId, 'fit sheet', { kind });
  });
}
