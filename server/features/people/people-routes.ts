import { Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { signInSchema } from '@/contract/requests';
import type { Deps } from '@/server/deps';
import { Problem, parseBody, sendProblem } from '@/server/errors/problem';
import { who } from '@/server/who';
import { signIn } from './people-service';
import { peopleStore } from './people-store';

export const DEMO_PASSWORD = 'demo-mill-bridge';

export function peopleRoutes({ database, options }: Deps): Router {
  const router = Router();
  const limiter = rateLimit({
    windowMs: 10 * 60_000,
    limit: 20,
    skipSuccessfulRequests: true,
    standardHeaders: true,
    legacyHeaders: false,
    handler: (_request, response) => sendProblem(response, new Problem('too-many')),
  });

  /** Listed only for a demo company and only while the server answers on loopback. */
  router.get('/sign-in', async (_request, response) => {
    const people = options.demoSignIn ? await peopleStore.demoPeople(database) : [];
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

  router.post('/sign-in', limiter, async (request, response) => {
    const body = parseBody(signInSchema, request.body);
    const person = await signIn(database, body.signIn, body.password);
    if (person.demo && !options.demoSignIn)
      throw new Problem('not-allowed', { message: 'Demo people sign in on loopback only.' });
    await new Promise<void>((done, fail) => request.session.regenerate((e) => (e ? fail(e) : done())));
    request.session.personId = person.id;
    response.json({ person });
  });

  router.post('/sign-out', async (request, response) => {
    await new Promise<void>((done) => request.session.destroy(() => done()));
    response.clearCookie('mb.sid').json({ signedOut: true });
  });

  router.get('/me', async (request, response) => {
    response.json({ person: who(request) });
  });

  router.get('/people', async (request, response) => {
    const people = await peopleStore.ofCompany(database, who(request).companyId);
    response.json({
      people: people.map((p) => ({ id: p.id, fullName: p.fullName, role: p.role, certification: p.certification })),
    });
  });
  return router;
}
