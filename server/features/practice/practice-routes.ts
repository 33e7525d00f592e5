import type { Router } from 'express';
import { practiceSchema } from '@/contract/practice';
import type { Deps } from '@/server/deps';
import { routesOf } from '@/server/route';
import { historyFor, keepRound } from './practice-service';

/** The practice yard: everybody plays and sees the own rounds; who leads sees everybody's. */
export function practiceRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.get('/practice', ({ person }) => historyFor(deps.database, person));

  route.post('/practice/rounds', { takes: practiceSchema }, async ({ person, body }) => {
    await keepRound(deps, person, body);
    return await historyFor(deps.database, person);
  });
  return route.router;
}
