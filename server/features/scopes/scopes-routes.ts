import type { Router } from 'express';
import {
  choiceUpdateSchema,
  customerSignatureSchema,
  decisionSchema,
  scopeLineSchema,
  takeOptionSchema,
} from '@/contract/before';
import type { Deps } from '@/server/deps';
import { routesOf } from '@/server/route';
import { takeOption } from './options-service';
import { addLine, choose, customerSigns, decide, releaseRemoval } from './scopes-service';

export function scopesRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.put('/jobs/:jobId/choice', { may: 'choose-scope', takes: choiceUpdateSchema }, (asks) =>
    choose(asks, asks.body),
  );

  route.post('/jobs/:jobId/decisions', { may: 'choose-scope', takes: decisionSchema }, (asks) =>
    decide(asks, asks.body),
  );

  route.post('/jobs/:jobId/scope-lines', { may: 'choose-scope', takes: scopeLineSchema }, (asks) =>
    addLine(asks, asks.body),
  );

  route.post('/jobs/:jobId/option', { may: 'choose-scope', takes: takeOptionSchema }, (asks) =>
    takeOption(asks, asks.body),
  );

  route.post('/jobs/:jobId/customer-signatures', { may: 'choose-scope', takes: customerSignatureSchema }, (asks) =>
    customerSigns(asks, asks.body),
  );

  route.post('/jobs/:jobId/removal', { may: 'release-removal' }, (asks) => releaseRemoval(asks));
  return route.router;
}
