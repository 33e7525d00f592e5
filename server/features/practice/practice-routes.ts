import { Router } from 'express';
import { practiceSchema } from '@/contract/practice';
import { may } from '@/core/job/permissions';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { who } from '@/server/who';
import { keepRound } from './practice-service';
import { practiceStore } from './practice-store';

/** The practice yard: everybody plays and sees the own rounds; who leads sees everybody's. */
export function practiceRoutes(deps: Deps): Router {
  const router = Router();
  const list = async ({ companyId, id, role }: Person) => ({
    rounds: await practiceStore.list(deps.database, companyId, may(role, 'see-practice') ? undefined : id),
  });

  router.get('/practice', async (request, response) => {
    response.json(await list(who(request)));
  });

  router.post('/practice/rounds', async (request, response) => {
    const person = who(request);
    await keepRound(deps, person, parseBody(practiceSchema, request.body));
    response.status(201).json(await list(person));
  });
  return router;
}
