import type { Router } from 'express';
import { acceptanceSchema } from '@/contract/before';
import {
  amendmentSchema,
  confirmationSchema,
  furnaceSchema,
  overrideSchema,
  signOffSchema,
  vacuumSchema,
} from '@/contract/requests';
import type { PhaseDescriptor } from '@/core/phases/phase';
import { phaseById } from '@/core/phases/registry';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { accept, acceptableNow } from './acceptances';
import { amend, confirm, gatesWithRecorded, override, recordFurnace, recordVacuum, signPhase } from './phases-service';

function phaseOf(name: string): PhaseDescriptor {
  const phase = phaseById(name);
  if (!phase) throw new Problem('not-found', { message: tell('server.no-such-phase') });
  return phase;
}

export function phasesRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.put('/jobs/:jobId/vacuum', { takes: vacuumSchema }, (asks) => recordVacuum(asks, asks.body));

  route.put('/jobs/:jobId/furnace', { takes: furnaceSchema }, (asks) => recordFurnace(asks, asks.body));

  route.post('/jobs/:jobId/confirmations', { takes: confirmationSchema, status: 200 }, (asks) =>
    confirm(asks, asks.body.confirmation, asks.body.confirmed),
  );

  route.post('/jobs/:jobId/acceptances', { may: 'accept-finding', takes: acceptanceSchema }, (asks) =>
    accept(asks, asks.body),
  );

  route.get('/jobs/:jobId/phases/:phase/gates', async ({ database, person, at, params }) => {
    const sheet = await sheetFor(database, person, at);
    const phase = phaseOf(params.phase);
    const gates = await gatesWithRecorded(database, person, sheet, phase);
    return { gates, acceptable: await acceptableNow(database, person, sheet, phase.id) };
  });

  route.post('/jobs/:jobId/phases/:phase/overrides', { may: 'override', takes: overrideSchema }, (asks) =>
    override(asks, phaseOf(asks.params.phase), asks.body),
  );

  route.post(
    '/jobs/:jobId/phases/:phase/sign-offs',
    // An estimator signs what is found and agreed; what is done and proven is signed by a lead.
    { may: ({ params }) => phaseOf(String(params.phase)).signedBy, takes: signOffSchema },
    (asks) => signPhase(asks, phaseOf(asks.params.phase), asks.body, writtenAgoS(asks.request)),
  );

  route.post(
    '/sign-offs/:signOffId/amendments',
    { may: 'amend', takes: amendmentSchema },
    async ({ database, person, body, params }) => {
      await amend(database, person, params.signOffId, body);
      return { amended: true };
    },
  );
  return route.router;
}
