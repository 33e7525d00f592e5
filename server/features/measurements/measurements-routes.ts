import type { Router } from 'express';
import { roundSchema, typedMeasurementsSchema, withdrawMovementSchema } from '@/contract/requests';
import type { Deps } from '@/server/deps';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { routesOf } from '@/server/route';
import { recordTyped, withdrawMovement } from './measurements-service';
import { recordRound } from './rounds-service';

export function measurementsRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.post('/jobs/:jobId/measurements', { takes: typedMeasurementsSchema }, (asks) =>
    recordTyped(asks, asks.body.measurements),
  );
  route.post('/jobs/:jobId/rounds', { takes: roundSchema }, ({ person, at, body, request }) =>
    recordRound(deps, person, at, body, writtenAgoS(request)),
  );
  route.post('/jobs/:jobId/movements/:measurementId/withdrawal', { takes: withdrawMovementSchema }, (asks) =>
    withdrawMovement(asks, asks.params.measurementId, asks.body),
  );
  return route.router;
}
