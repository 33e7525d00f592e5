import { Router } from 'express';
import { companySchema, setupSchema } from '@/contract/company';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { openSession } from '@/server/features/people/open-session';
import { signInBrakes } from '@/server/features/people/sign-in-brake';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { companyStore } from './company-store';
import { isEmpty, setUp } from './setup';

/** Whether this installation still waits for its first company, and its beginning. */
export function setupRoutes({ database, options }: Deps): Router {
  const router = Router();
  router.get('/setup', async (_request, response) => {
    response.json({ waits: options.setupCode !== undefined && (await isEmpty(database)) });
  });
  router.post('/setup', ...signInBrakes(), async (request, response) => {
    const person = await setUp(database, options.setupCode, parseBody(setupSchema, request.body));
    await openSession(request, person.id);
    response.status(201).json({ person });
  });
  return router;
}

export function companyRoutes({ database }: Deps): Router {
  const router = Router();
  router.get('/company', async (request, response) => {
    response.json(await companyStore.read(database, who(request).companyId));
  });
  router.put('/company', async (request, response) => {
    const person = who(request);
    must(person, 'keep-company');
    const body = parseBody(companySchema, request.body);
    await database.transaction(async (db) => {
      const before = await companyStore.read(db, person.companyId);
      if (!(await companyStore.put(db, person.companyId, body))) {
        const { version: _, ...sent } = body;
        const { version: __, ...kept } = before;
        return sameOrStale(
          tell('server.someone-changed-company-after-you'),
          { yours: body, stored: before },
          { sent, kept },
        );
      }
      await audit(db, person, null, 'company changed', { from: before, to: body });
    });
    response.json(await companyStore.read(database, person.companyId));
  });
  return router;
}
