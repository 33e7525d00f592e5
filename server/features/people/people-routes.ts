import type { Request, Router } from 'express';
import { languageSchema, signInSchema } from '@/contract/requests';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { isLoopback } from '@/server/guards';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { openSession } from './open-session';
import { signIn } from './people-service';
import { peopleStore } from './people-store';
import { sessionStore } from './session-store';
import { signInBrakes } from './sign-in-brake';

export const DEMO_PASSWORD = 'demo-mill-bridge';

export function peopleRoutes({ database, options, streams }: Deps): Router {
  const route = routesOf({ database });
  const { router } = route;
  /** Listed demo passwords are for this machine alone: bound to loopback, and asked for by a name of loopback. */
  const demoHere = (request: Request): boolean => options.demoSignIn && isLoopback(request.headers.host);
  /** Listed only for a demo company and only while the server answers on loopback. */
  router.get('/sign-in', async (request, response) => {
    const people = demoHere(request) ? await peopleStore.demoPeople(database) : [];
    response.json({
      demo: people.map((p) => ({
        signIn: p.signIn,
        fullName: p.fullName,
        role: p.role,
        certification: p.certification,
        company: p.companyName,
      })),
      demoPassword: people.length ? DEMO_PASSWORD : null,
    });
  });

  router.post('/sign-in', ...signInBrakes(), async (request, response) => {
    const body = parseBody(signInSchema, request.body);
    const known = await signIn(database, body.signIn, body.password);
    const person = { ...known, language: body.language ?? known.language };
    if (person.demo && !demoHere(request))
      throw new Problem('not-allowed', { message: tell('server.demo-people-sign-in-on-loopback') });
    if (person.language !== known.language) await peopleStore.setLanguage(database, person.id, person.language);
    await openSession(request, person.id);
    response.json({ person });
  });

  router.post('/sign-out', async (request, response) => {
    streams.end(request.sessionID);
    await new Promise<void>((done) => request.session.destroy(() => done()));
    response.clearCookie('mb.sid').json({ signedOut: true });
  });

  /** Where this person is signed in; any of them can be ended from here. */
  route.get('/sessions', async ({ person, request }) => ({
    sessions: await sessionStore.devices(database, person.id, request.sessionID),
  }));

  route.post('/sessions/:id/revoke', { status: 200 }, async ({ person, params, request }) => {
    const ended = await sessionStore.revoke(database, person.id, params.id);
    if (!ended) throw new Problem('not-found', { message: tell('server.no-such-session-of-yours') });
    streams.end(ended);
    await audit(database, person, null, 'session revoked', { id: params.id });
    return { sessions: await sessionStore.devices(database, person.id, request.sessionID) };
  });

  route.get('/me', ({ person }) => ({ person }));

  route.put('/me/language', { takes: languageSchema }, async ({ person, body: { language } }) => {
    if (language !== person.language) {
      await peopleStore.setLanguage(database, person.id, language);
      await audit(database, person, null, 'language chosen', { language });
    }
    return { person: { ...person, language } };
  });

  route.get('/people', async ({ person }) => {
    const people = await peopleStore.ofCompany(database, person.companyId);
    return {
      people: people.map((p) => ({ id: p.id, fullName: p.fullName, role: p.role, certification: p.certification })),
    };
  });
  return router;
}
