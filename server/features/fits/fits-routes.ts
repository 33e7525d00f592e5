import type { Router } from 'express';
import { fitKindSchema, fitUpdateSchema } from '@/contract/before';
import { FIT_SCHEMAS } from '@/core/fit/sheets';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { putFit } from './fits-service';

export function fitsRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.put('/jobs/:jobId/fits/:kind', { takes: fitUpdateSchema }, (asks) => {
    const kind = fitKindSchema.safeParse(asks.params.kind);
    if (!kind.success) throw new Problem('not-found', { message: tell('server.no-such-fit-sheet') });
    const record = parseBody(FIT_SCHEMAS[kind.data], asks.body.record);
    return putFit(asks, kind.data, { ...asks.body, record });
  });
  return route.router;
}
