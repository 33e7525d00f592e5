import { Router } from 'express';
import { choiceUpdateSchema, customerSignatureSchema, decisionSchema } from '@/contract/before';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { must, who } from '@/server/who';
import { choose, customerSigns, decide, releaseRemoval } from './scopes-service';

export function scopesRoutes({ database }: Deps): Router {
  const router = Router();

  router.put('/jobs/:jobId/choice', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    const { version, choice } = parseBody(choiceUpdateSchema, request.body);
    response.json(await choose(database, person, request.params.jobId, version, choice));
  });

  router.post('/jobs/:jobId/decisions', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response
      .status(201)
      .json(await decide(database, person, request.params.jobId, parseBody(decisionSchema, request.body)));
  });

  router.post('/jobs/:jobId/customer-signatures', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response
      .status(201)
      .json(
        await customerSigns(database, person, request.params.jobId, parseBody(customerSignatureSchema, request.body)),
      );
  });

  router.post('/jobs/:jobId/removal', async (request, response) => {
    const person = who(request);
    must(person, 'release-removal');
    response.status(201).json(await releaseRemoval(database, person, request.params.jobId));
  });
  return router;
}
