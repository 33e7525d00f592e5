import { Router } from 'express';
import { scopeReport } from '@/core/job/before-report';
import type { Deps } from '@/server/deps';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { who } from '@/server/who';
import { reportOf } from './reports-service';

export function reportsRoutes(deps: Deps): Router {
  const { database } = deps;
  const router = Router();
  router.get('/jobs/:jobId/report', async (request, response) => {
    response.json(await reportOf(database, who(request), request.params.jobId));
  });
  router.get('/jobs/:jobId/report.pdf', async (request, response) => {
    const report = await reportOf(database, who(request), request.params.jobId);
    const pdf = await deps.pdf.make(report);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="job-${report.number}-commissioning.pdf"`);
    response.send(pdf);
  });
  router.get('/jobs/:jobId/scope.pdf', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, request.params.jobId);
    const pdf = await deps.pdf.make({ ...scopeReport(sheet, person.companyName), number: sheet.job.number });
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="job-${sheet.job.number}-scope.pdf"`);
    response.send(pdf);
  });
  return router;
}
