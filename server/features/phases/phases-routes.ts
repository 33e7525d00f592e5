import { Router } from 'express';
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
import { Problem, parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { writtenAgoS } from '@/server/features/late/late-writes';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { accept, acceptableNow } from './acceptances';
import { amend, confirm, gatesWithRecorded, override, recordFurnace, recordVacuum, signPhase } from './phases-service';

function phaseOf(name: string): PhaseDescriptor {
  const phase = phaseById(name);
  if (!phase) throw new Problem('not-found', { message: tell('server.no-such-phase') });
  return phase;
}

export function phasesRoutes({ database }: Deps): Router {
  const router = Router();

  router.put('/jobs/:jobId/vacuum', async (request, response) => {
    response.json(await recordVacuum(database, who(request), jobAt(request), parseBody(vacuumSchema, request.body)));
  });

  router.put('/jobs/:jobId/furnace', async (request, response) => {
    response.json(await recordFurnace(database, who(request), jobAt(request), parseBody(furnaceSchema, request.body)));
  });

  router.post('/jobs/:jobId/confirmations', async (request, response) => {
    const body = parseBody(confirmationSchema, request.body);
    response.json(await confirm(database, who(request), jobAt(request), body.confirmation, body.confirmed));
  });

  router.post('/jobs/:jobId/acceptances', async (request, response) => {
    const person = who(request);
    must(person, 'accept-finding');
    response
      .status(201)
      .json(await accept(database, person, jobAt(request), parseBody(acceptanceSchema, request.body)));
  });

  router.get('/jobs/:jobId/phases/:phase/gates', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, jobAt(request));
    const phase = phaseOf(request.params.phase);
    const gates = await gatesWithRecorded(database, person, sheet, phase);
    response.json({
      gates,
      acceptable: await acceptableNow(database, person, sheet, phase.id),
    });
  });

  router.post('/jobs/:jobId/phases/:phase/overrides', async (request, response) => {
    const person = who(request);
    must(person, 'override');
    response
      .status(201)
      .json(
        await override(
          database,
          person,
          jobAt(request),
          phaseOf(request.params.phase),
          parseBody(overrideSchema, request.body),
        ),
      );
  });

  router.post('/jobs/:jobId/phases/:phase/sign-offs', async (request, response) => {
    const person = who(request);
    // An estimator signs what is found and agreed; what is done and proven is signed by a lead.
    const phase = phaseOf(request.params.phase);
    must(person, phase.signedBy);
    const body = parseBody(signOffSchema, request.body);
    response.status(201).json(await signPhase(database, person, jobAt(request), phase, body, writtenAgoS(request)));
  });

  router.post('/sign-offs/:signOffId/amendments', async (request, response) => {
    const person = who(request);
    must(person, 'amend');
    await amend(database, person, request.params.signOffId, parseBody(amendmentSchema, request.body));
    response.status(201).json({ amended: true });
  });
  return router;
}
