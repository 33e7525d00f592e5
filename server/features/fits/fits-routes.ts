import { Router } from 'express';
import { fitKindSchema, fitUpdateSchema } from '@/contract/before';
import { FIT_SCHEMAS } from '@/core/fit/sheets';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { putFit } from './fits-service';

export function fitsRoutes({ database }: Deps): Router {
  const router = Router();

  router.put('/jobs/:jobId/fits/:kind', async (request, response) => {
    const person = who(request);
    const kind = fitKindSchema.safeParse(request.params.kind);
    if (!kind.success) throw new Problem('not-found', { message: tell('server.no-such-fit-sheet') });
    const body = parseBody(fitUpdateSchema, request.body);
    const record = parseBody(FIT_SCHEMAS[kind.data], body.record);
    response.json(await putFit(database, person, jobAt(request), kind.data, { ...body, record }));
  });
  return router;
}
