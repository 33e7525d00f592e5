import { FIT_WORDS, type FitKind, type FitRecord } from '@/core/fit/sheets';
import type { JobSheet } from '@/core/job/sheet';
import { lower } from '@/core/words/said';
import type { AsksJob } from '@/server/asks';
import { sameOrStale } from '@/server/errors/stale';
import { changeOpenJob, mustNotBeHandedOver } from '@/server/features/jobs/jobs-service';
import { tell } from '@/server/words/tell';
import { fitsStore } from './fits-store';

export async function putFit(
  asks: AsksJob,
  kind: FitKind,
  body: { version: number; record: FitRecord; measured: string[] },
): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, trail }) => {
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
    await trail('fit sheet', { kind });
  });
}
