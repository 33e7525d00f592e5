import { Router } from 'express';
import { typedMeasurementsSchema, withdrawMovementSchema } from '@/contract/requests';
import { sheetGates } from '@/core/phases/standing';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { who } from '@/server/who';
import { recordTyped, withdrawMovement } from './measurements-service';

export function measurementsRoutes({ database }: Deps): Router {
  const router = Router();
  router.post('/jobs/:jobId/measurements', async (request, response) => {
    const body = parseBody(typedMeasurementsSchema, request.body);
    const sheet = await recordTyped(database, who(request), request.params.jobId, body.measurements, (s) =>
      sheetGates(s, 'charge'),
    );
    response.status(201).json(sheet);
  });
  router.post('/jobs/:jobId/movements/:measurementId/withdrawal', async (request, response) => {
    const { jobId, measurementId } = request.params;
    const body = parseBody(withdrawMovementSchema, request.body);
    response.status(201).json(await withdrawMovement(database, who(request), jobId, measurementId, body));
  });
  return router;
}
