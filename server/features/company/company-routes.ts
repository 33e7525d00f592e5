import { Router } from 'express';
import { companySchema, setupSchema } from '@/contract/company';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { openSession } from '@/server/features/people/open-session';
import { signInBrakes } from '@/server/features/people/sign-in-brake';
import { workLogo } from '@/server/features/surveys/picture-work';
import { routesOf } from '@/server/route';
import { onePicture, pictureOf, signedIn } from '@/server/upload-picture';
import { tell } from '@/server/words/tell';
import { companyStore } from './company-store';
import { logoStore } from './logo-store';
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
  const route = routesOf({ database });
  route.get('/company', ({ person }) => companyStore.read(database, person.companyId));
  route.put('/company', { may: 'keep-company', takes: companySchema }, async ({ person, body }) => {
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
    return await companyStore.read(database, person.companyId);
  });
  route.get('/company/logo', async ({ person, response }) => {
    const image = await logoStore.read(database, person.companyId);
    if (!image) throw new Problem('not-found', { message: tell('server.no-logo') });
    response.setHeader('Cache-Control', 'private, no-cache');
    response.type('image/png').send(image);
  });
  route.post(
    '/company/logo',
    { may: 'keep-company', before: [signedIn, onePicture], status: 204 },
    async ({ person, request }) => {
      const logo = await workLogo(pictureOf(request));
      await database.transaction(async (db) => {
        await logoStore.put(db, person.companyId, logo);
        await audit(db, person, null, 'logo changed', { contentHash: logo.contentHash });
      });
    },
  );
  route.post('/company/logo/removal', { may: 'keep-company', status: 204 }, async ({ person }) => {
    await database.transaction(async (db) => {
      if (!(await logoStore.remove(db, person.companyId)))
        throw new Problem('not-found', { message: tell('server.no-logo') });
      await audit(db, person, null, 'logo taken off', {});
    });
  });
  return route.router;
}
