import type { Request, Router } from 'express';
import type { Speak } from '@/contract/words/speaker';
import { takeOffOf } from '@/core/phases/take-off';
import { TAKE_COLUMNS, takeReport, takeRow } from '@/core/phases/take-report';
import { toBuy } from '@/core/plan/take-off/buy';
import { csv, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { jobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { partStore } from '@/server/features/library/part-store';
import { who } from '@/server/who';
import { picturesFor } from './paper-pictures';

/** What to take for the work on one system: as a paper for the truck, and as a file for the counter. */
export function addTakeRoutes(
  router: Router,
  { database, pictures, pdf: maker }: Deps,
  paperOf: (request: Request) => Promise<Speak>,
): void {
  router.get('/jobs/:jobId/take.pdf', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, jobAt(request));
    const parts = await partStore.list(database, person.companyId);
    const pdf = await maker.make(
      { ...takeReport(sheet, person.companyName, parts), number: sheet.job.number },
      await paperOf(request),
      await picturesFor({ database, pictures }, person),
    );
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="job-${sheet.job.number}-take.pdf"`);
    response.send(pdf);
  });
  router.get('/jobs/:jobId/take.csv', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, jobAt(request));
    const speak = await paperOf(request);
    const rows = toBuy(takeOffOf(sheet).lines, await partStore.list(database, person.companyId));
    sendCsv(
      response,
      `job-${sheet.job.number}-take`,
      csv(
        TAKE_COLUMNS,
        rows.map((r) => takeRow(r, speak(r.say))),
      ),
    );
  });
}
