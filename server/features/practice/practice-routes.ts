import { Router } from 'express';
import { practiceSchema } from '@/contract/practice';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { who } from '@/server/who';
import { historyFor, keepRound } from './practice-service';

/** The practice yard: everybody plays and sees the own rounds; who leads sees everybody's. */
export function practiceRoutes(deps: Deps): Router {
  const router = Router();
  router.get('/practice', async (request, response) => {
    response.json(await historyFor(deps.database, who(request)));
  });

  router.post('/practice/rounds', async (request, response) => {
    const person = who(request);
    await keepRound(deps, person, parseBody(practiceSchema, request.body));
    response.status(201).json(await historyFor(deps.database, person));
  });
  return router;
}
