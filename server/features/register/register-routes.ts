import { Router } from 'express';
import { keeperSchema } from '@/contract/requests';
import { registerSchema } from '@/core/instrument/register';
import type { Deps } from '@/server/deps';
import { badInput, parseBody } from '@/server/errors/problem';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { putInstrument, takeInstrument } from './register-service';
import { registerStore } from './register-store';

/** The register of the company's own instruments: everybody reads it and says what he has in hand. */
export function registerRoutes({ database }: Deps): Router {
  const router = Router();
  const list = async (companyId: string) => ({ instruments: await registerStore.list(database, companyId) });

  router.get('/register', async (request, response) => {
    response.json(await list(who(request).companyId));
  });

  router.put('/register/:instrumentId', async (request, response) => {
    const person = who(request);
    must(person, 'keep-instruments');
    const body = parseBody(registerSchema, request.body);
    if (body.id !== request.params.instrumentId)
      throw badInput('id', tell('server.id-differs-from-address'), request.params.instrumentId);
    await putInstrument(database, person, body);
    response.json(await list(person.companyId));
  });

  router.put('/register/:instrumentId/keeper', async (request, response) => {
    const person = who(request);
    await takeInstrument(database, person, request.params.instrumentId, parseBody(keeperSchema, request.body));
    response.json(await list(person.companyId));
  });
  return router;
}
