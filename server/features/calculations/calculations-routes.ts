import { Router } from 'express';
import { spoken } from '@/contract/words/speaker';
import { findCalculation } from '@/core/catalog';
import { Problem, refusedWith } from '@/server/errors/problem';
import { speakTo } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';

export function calculationsRoutes(): Router {
  const router = Router();
  router.post('/calculations/:id', (request, response) => {
    const calculation = findCalculation(request.params.id);
    if (!calculation)
      throw new Problem('not-found', { message: tell('server.there-is-no-calculation', { id: request.params.id }) });
    const outcome = calculation((request.body ?? {}) as never);
    if (!outcome.ok) throw refusedWith(outcome.refused);
    response.json(spoken(outcome.value, speakTo(request)));
  });
  return router;
}
