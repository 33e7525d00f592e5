import { Router } from 'express';
import { acceptSchema, blockSchema, newPersonSchema, personUpdateSchema } from '@/contract/company';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { openSession } from './open-session';
import { accept, addPerson, block, changePerson, invite, invitedAs } from './people-admin-service';
import { peopleAdminStore } from './people-admin-store';
import { peopleStore } from './people-store';
import { signInBrakes } from './sign-in-brake';

/** The people of a company, kept by its owner and its office. */
export function peopleAdminRoutes({ database, streams }: Deps): Router {
  const route = routesOf({ database });
  const everyone = async (companyId: string) => ({ people: await peopleAdminStore.all(database, companyId) });

  route.get('/company/people', { may: 'keep-people' }, ({ person }) => everyone(person.companyId));
  route.post('/company/people', { may: 'keep-people', takes: newPersonSchema }, async ({ person, body }) => {
    await addPerson(database, person, body);
    return await everyone(person.companyId);
  });
  route.put(
    '/company/people/:id',
    { may: 'keep-people', takes: personUpdateSchema },
    async ({ person, body, params }) => {
      await changePerson(database, person, params.id, body);
      return await everyone(person.companyId);
    },
  );
  route.put(
    '/company/people/:id/blocked',
    { may: 'keep-people', takes: blockSchema },
    async ({ person, body, params }) => {
      await block(database, streams, person, params.id, body);
      return await everyone(person.companyId);
    },
  );
  route.post('/company/people/:id/invitation', { may: 'keep-people' }, ({ person, params }) =>
    invite(database, person, params.id),
  );
  return route.router;
}

/** An invitation is opened and taken by somebody who is not signed in yet. */
export function invitationRoutes({ database, streams }: Deps): Router {
  const router = Router();
  router.get('/invitations/:token', ...signInBrakes(), async (request, response) => {
    const { fullName, company, signIn } = await invitedAs(database, String(request.params.token));
    response.json({ fullName, company, signIn });
  });
  router.post('/invitations/:token', ...signInBrakes(), async (request, response) => {
    const body = parseBody(acceptSchema, request.body);
    const id = await accept(database, streams, String(request.params.token), body.password);
    if (body.language) await peopleStore.setLanguage(database, id, body.language);
    const person = (await peopleStore.byId(database, id))!;
    await openSession(request, person.id);
    response.json({ person });
  });
  return router;
}
