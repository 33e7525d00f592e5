import { Router } from 'express';
import { circuitEntrySchema } from '@/contract/circuit';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { who } from '@/server/who';
import { writeEntry } from './circuit-service';

export function circuitRoutes(deps: Deps): Router {
  const router = Router();
  router.post('/jobs/:jobId/circuit-entries', async (request, response) => {
    const person = who(request);
    response
      .status(201)
      .json(await writeEntry(deps, person, jobAt(request), parseBody(circuitEntrySchema, request.body)));
  });
  return router;
}
