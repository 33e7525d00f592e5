import { Router } from 'express';
import { acceptSchema, blockSchema, newPersonSchema, personUpdateSchema } from '@/contract/company';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { must, who } from '@/server/who';
import { openSession } from './open-session';
import { accept, addPerson, block, changePerson, invite, invitedAs } from './people-admin-service';
import { peopleAdminStore } from './people-admin-store';
import { peopleStore } from './people-store';
import { signInBrakes } from './sign-in-brake';

/** The people of a company, kept by its owner and its office. */
export function peopleAdminRoutes({ database, streams }: Deps): Router {
  const router = Router();
  const everyone = async (companyId: string) => ({ people: await peopleAdminStore.all(database, companyId) });

  router.get('/company/people', async (request, response) => {
    const person = who(request);
    must(person, 'keep-people');
    response.json(await everyone(person.companyId));
  });
  router.post('/company/people', async (request, response) => {
    const person = who(request);
    must(person, 'keep-people');
    await addPerson(database, person, parseBody(newPersonSchema, request.body));
    response.status(201).json(await everyone(person.companyId));
  });
  router.put('/company/people/:id', async (request, response) => {
    const person = who(request);
    must(person, 'keep-people');
    await changePerson(database, person, request.params.id, parseBody(personUpdateSchema, request.body));
    response.json(await everyone(person.companyId));
  });
  router.put('/company/people/:id/blocked', async (request, response) => {
    const person = who(request);
    must(person, 'keep-people');
    await block(database, streams, person, request.params.id, parseBody(blockSchema, request.body));
    response.json(await everyone(person.companyId));
  });
  router.post('/company/people/:id/invitation', async (request, response) => {
    const person = who(request);
    must(person, 'keep-people');
    response.status(201).json(await invite(database, person, request.params.id));
  });
  return router;
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
