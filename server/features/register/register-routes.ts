import type { Router } from 'express';
import { keeperSchema } from '@/contract/requests';
import { registerSchema } from '@/core/instrument/register';
import type { Deps } from '@/server/deps';
import { badInput } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { putInstrument, takeInstrument } from './register-service';
import { registerStore } from './register-store';

/** The register of the company's own instruments: everybody reads it and says what he has in hand. */
export function registerRoutes({ database }: Deps): Router {
  const route = routesOf({ database });
  const list = async (companyId: string) => ({ instruments: await registerStore.list(database, companyId) });

  route.get('/register', ({ person }) => list(person.companyId));

  route.put(
    '/register/:instrumentId',
    { may: 'keep-instruments', takes: registerSchema },
    async ({ database, person, body, params }) => {
      if (body.id !== params.instrumentId)
        throw badInput('id', tell('server.id-differs-from-address'), params.instrumentId);
      await putInstrument(database, person, body);
      return await list(person.companyId);
    },
  );

  route.put('/register/:instrumentId/keeper', { takes: keeperSchema }, async ({ database, person, body, params }) => {
    await takeInstrument(database, person, params.instrumentId, body);
    return await list(person.companyId);
  });
  return route.router;
}
