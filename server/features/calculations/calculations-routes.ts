import { Router } from 'express';
import { findCalculation } from '@/core/catalog';
import { badInput, Problem } from '@/server/errors/problem';

export function calculationsRoutes(): Router {
  const router = Router();
  router.post('/calculations/:id', (request, response) => {
    const calculation = findCalculation(request.params.id);
    if (!calculation) throw new Problem('not-found', { message: `There is no calculation ${request.params.id}.` });
    const outcome = calculation((request.body ?? {}) as never);
    if (!outcome.ok) throw badInput(outcome.refused);
    response.json(outcome.value);
  });
  return router;
}
