import { Router } from 'express';
import {
  choiceUpdateSchema,
  customerSignatureSchema,
  decisionSchema,
  scopeLineSchema,
  takeOptionSchema,
} from '@/contract/before';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { must, who } from '@/server/who';
import { takeOption } from './options-service';
import { addLine, choose, customerSigns, decide, releaseRemoval } from './scopes-service';

export function scopesRoutes({ database }: Deps): Router {
  const router = Router();

  router.put('/jobs/:jobId/choice', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    const { version, choice } = parseBody(choiceUpdateSchema, request.body);
    response.json(await choose(database, person, jobAt(request), version, choice));
  });

  router.post('/jobs/:jobId/decisions', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response.status(201).json(await decide(database, person, jobAt(request), parseBody(decisionSchema, request.body)));
  });

  router.post('/jobs/:jobId/scope-lines', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response
      .status(201)
      .json(await addLine(database, person, jobAt(request), parseBody(scopeLineSchema, request.body)));
  });

  router.post('/jobs/:jobId/option', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response
      .status(201)
      .json(await takeOption(database, person, jobAt(request), parseBody(takeOptionSchema, request.body)));
  });

  router.post('/jobs/:jobId/customer-signatures', async (request, response) => {
    const person = who(request);
    must(person, 'choose-scope');
    response
      .status(201)
      .json(await customerSigns(database, person, jobAt(request), parseBody(customerSignatureSchema, request.body)));
  });

  router.post('/jobs/:jobId/removal', async (request, response) => {
    const person = who(request);
    must(person, 'release-removal');
    response.status(201).json(await releaseRemoval(database, person, jobAt(request)));
  });
  return router;
}
