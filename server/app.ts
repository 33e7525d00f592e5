import compression from 'compression';
import express, { type Express } from 'express';
import makeStore from 'express-mysql-session';
import session from 'express-session';
import helmet from 'helmet';
import { tell } from '@/server/words/tell';
import type { Deps } from './deps';
import { errorHandler, Problem, sendProblem } from './errors/problem';
import { bundlesRoutes } from './features/bundles/bundles-routes';
import { calculationsRoutes } from './features/calculations/calculations-routes';
import { circuitRoutes } from './features/circuit/circuit-routes';
import { companyRoutes, setupRoutes } from './features/company/company-routes';
import { customersRoutes } from './features/customers/customers-routes';
import { cylindersRoutes } from './features/cylinders/cylinders-routes';
import { fitsRoutes } from './features/fits/fits-routes';
import { instrumentsRoutes } from './features/instruments/instruments-routes';
import { jobsRoutes } from './features/jobs/jobs-routes';
import { lateRoutes } from './features/late/late-routes';
import { lateWrites } from './features/late/late-writes';
import { libraryRoutes } from './features/library/library-routes';
import { pageRoutes } from './features/library/page-routes';
import { measurementsRoutes } from './features/measurements/measurements-routes';
import { memoryRoutes } from './features/memory/memory-routes';
import { invitationRoutes, peopleAdminRoutes } from './features/people/people-admin-routes';
import { peopleRoutes } from './features/people/people-routes';
import { personKnown } from './features/people/person-known';
import { phasesRoutes } from './features/phases/phases-routes';
import { calendarFeed, planRoutes } from './features/plan/plan-routes';
import { practiceRoutes } from './features/practice/practice-routes';
import { registerRoutes } from './features/register/register-routes';
import { reportsRoutes } from './features/reports/reports-routes';
import { scopesRoutes } from './features/scopes/scopes-routes';
import { settingsRoutes } from './features/settings/settings-routes';
import { surveysRoutes } from './features/surveys/surveys-routes';
import { takenOut } from './features/trail/taken-out';
import { trailRoutes } from './features/trail/trail-routes';
import { forwardLive } from './forward';
import { knownHost, sameOrigin, strictTransport, wellFormed, withDatabase } from './guards';
import { watchRequests } from './observe/watch-requests';
import { serveWeb } from './serve-web';
import { seldomTouched } from './session-touch';
import { shed } from './shed';
import { who } from './who';
import { remembering } from './who-memory';

const SESSION_DAYS = 14;

export function createApp(deps: Deps): Express {
  const { database, options, log, watch } = deps;
  const app = express();
  if (deps.watched) app.use(watchRequests(deps.watched));
  app.disable('x-powered-by');
  // A digest of every answer would be work for nothing: what is worth asking again brings its own.
  app.disable('etag');
  app.set('trust proxy', options.trustProxy ?? false);
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
          objectSrc: ["'none'"],
          scriptSrc: ["'self'"],
          scriptSrcAttr: ["'none'"],
          workerSrc: ["'self'"],
          connectSrc: ["'self'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          styleSrc: ["'self'"],
          // The chart library writes styles of its own elements.
          styleSrcElem: ["'self'", "'unsafe-inline'"],
          styleSrcAttr: ["'unsafe-inline'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(strictTransport);
  app.use(knownHost(options.allowedHosts));
  app.use(
    compression({
      // Quick rather than small: JSON shrinks to a tenth already.
      level: 3,
      filter: (request, response) => !request.path.endsWith('/stream') && compression.filter(request, response),
    }),
  );

  const Store = makeStore(session);
  const api = express.Router();
  api.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  // Live: this process answers. Ready: its database does too.
  api.get('/health/live', (_request, response) => {
    response.json({ ok: true });
  });
  api.get(['/health', '/health/ready'], (_request, response) => {
    response.status(watch.ready ? 200 : 503).json({ ok: watch.ready, database: watch.ready ? 'answers' : 'silent' });
  });
  // Before anything is read of it: what another server has to answer is handed on as it came.
  api.use(forwardLive(deps));
  api.use(express.json({ limit: '512kb' }));
  // What came whole waits for its turn; what is still on its way from a slow phone is no load.
  api.use(shed(options.mostAtOnce));
  api.use(sameOrigin);
  api.use(wellFormed);
  api.use(calculationsRoutes());
  api.use(withDatabase(watch));
  api.use(
    session({
      name: 'mb.sid',
      secret: options.sessionSecret,
      store: remembering(
        seldomTouched(
          new Store(
            { createDatabaseTable: false, clearExpired: true, checkExpirationInterval: 15 * 60_000 },
            database.pool,
          ),
        ),
        database,
      ),
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'lax', secure: 'auto', maxAge: SESSION_DAYS * 86_400_000 },
    }),
  );
  api.use(async (request, _response, next) => {
    if (request.session.personId) request.person = await personKnown(database, request.session.personId);
    next();
  });
  api.use(setupRoutes(deps));
  api.use(invitationRoutes(deps));
  api.use(peopleRoutes(deps));
  api.use(calendarFeed(deps));
  // Whoever is not signed in is told that first, before a word on what they sent.
  api.use((request, _response, next) => {
    who(request);
    next();
  });
  api.use(takenOut(deps));
  // What is asked most comes first: every route before it is looked at on the way.
  api.use(jobsRoutes(deps));
  api.use(circuitRoutes(deps));
  api.use(trailRoutes(deps));
  api.use(companyRoutes(deps));
  api.use(peopleAdminRoutes(deps));
  api.use(customersRoutes(deps));
  api.use(bundlesRoutes(deps));
  api.use(surveysRoutes(deps));
  api.use(scopesRoutes(deps));
  api.use(fitsRoutes(deps));
  api.use(libraryRoutes(deps));
  api.use(pageRoutes(deps));
  api.use(settingsRoutes(deps));
  api.use(measurementsRoutes(deps));
  api.use(phasesRoutes(deps));
  api.use(cylindersRoutes(deps));
  api.use(instrumentsRoutes(deps));
  api.use(registerRoutes(deps));
  api.use(planRoutes(deps));
  api.use(memoryRoutes(deps));
  api.use(practiceRoutes(deps));
  api.use(reportsRoutes(deps));
  api.use(lateRoutes(deps));
  api.use(lateWrites(deps));
  api.use((_request, response) =>
    sendProblem(response, new Problem('not-found', { message: tell('server.no-such-address') })),
  );
  app.use('/api', api);
  if (options.webDir) serveWeb(app, options.webDir);
  app.use(errorHandler(log));
  return app;
}
