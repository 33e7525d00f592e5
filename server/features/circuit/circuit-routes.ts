import type { Router } from 'express';
import { circuitEntrySchema } from '@/contract/circuit';
import type { Deps } from '@/server/deps';
import { routesOf } from '@/server/route';
import { writeEntry } from './circuit-service';

export function circuitRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.post('/jobs/:jobId/circuit-entries', { takes: circuitEntrySchema }, ({ person, at, body }) =>
    writeEntry(deps, person, at, body),
  );
  return route.router;
}
