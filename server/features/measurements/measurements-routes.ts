import { Router } from 'express';
import { roundSchema, typedMeasurementsSchema, withdrawMovementSchema } from '@/contract/requests';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { who } from '@/server/who';
import { recordTyped, withdrawMovement } from './measurements-service';
import { recordRound } from './rounds-service';

export function measurementsRoutes(deps: Deps): Router {
  const { database } = deps;
  const router = Router();
  router.post('/jobs/:jobId/measurements', async (request, response) => {
    const body = parseBody(typedMeasurementsSchema, request.body);
    response.status(201).json(await recordTyped(database, who(request), jobAt(request), body.measurements));
  });
  router.post('/jobs/:jobId/rounds', async (request, response) => {
    const body = parseBody(roundSchema, request.body);
    response.status(201).json(await recordRound(deps, who(request), jobAt(request), body, writtenAgoS(request)));
  });
  router.post('/jobs/:jobId/movements/:measurementId/withdrawal', async (request, response) => {
    const { measurementId } = request.params;
    const body = parseBody(withdrawMovementSchema, request.body);
    response.status(201).json(await withdrawMovement(database, who(request), jobAt(request), measurementId, body));
  });
  return router;
}
