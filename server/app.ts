import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import makeStore from 'express-mysql-session';
import session from 'express-session';
import helmet from 'helmet';
import type { Deps } from './deps';
import { errorHandler, Problem, sendProblem } from './errors/problem';
import { calculationsRoutes } from './features/calculations/calculations-routes';
import { circuitRoutes } from './features/circuit/circuit-routes';
import { cylindersRoutes } from './features/cylinders/cylinders-routes';
import { fitsRoutes } from './features/fits/fits-routes';
import { instrumentsRoutes } from './features/instruments/instruments-routes';
import { jobsRoutes } from './features/jobs/jobs-routes';
import { libraryRoutes } from './features/library/library-routes';
import { measurementsRoutes } from './features/measurements/measurements-routes';
import { peopleRoutes } from './features/people/people-routes';
import { peopleStore } from './features/people/people-store';
import { phasesRoutes } from './features/phases/phases-routes';
import { reportsRoutes } from './features/reports/reports-routes';
import { scopesRoutes } from './features/scopes/scopes-routes';
import { settingsRoutes } from './features/settings/settings-routes';
import { surveysRoutes } from './features/surveys/surveys-routes';
import { serveWeb } from './serve-web';

const SESSION_DAYS = 14;

/** A write must come from a page of this server: the browser says so in Origin. */
const sameOrigin: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const origin = request.headers.origin;
  if (origin) {
    let host: string | undefined;
    try {
      host = new URL(origin).host;
    } catch {
      host = undefined;
    }
    if (host !== request.headers.host) throw new Problem('wrong-origin');
  }
  next();
};

export function createApp(deps: Deps): Express {
  const { database, options, log } = deps;
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: { directives: { upgradeInsecureRequests: null, imgSrc: ["'self'", 'data:', 'blob:'] } },
      strictTransportSecurity: false,
    }),
  );
  app.use(
    compression({
      filter: (request, response) => !request.path.endsWith('/stream') && compression.filter(request, response),
    }),
  );

  const Store = makeStore(session);
  const api = express.Router();
  api.use((_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  api.use(express.json({ limit: '512kb' }));
  api.use(sameOrigin);
  api.get('/health', (_request, response) => {
    response.json({ ok: true });
  });
  api.use(calculationsRoutes());
  api.use(
    session({
      name: 'mb.sid',
      secret: options.sessionSecret,
      store: new Store(
        { createDatabaseTable: false, clearExpired: true, checkExpirationInterval: 15 * 60_000 },
        database.pool,
      ),
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'lax', maxAge: SESSION_DAYS * 86_400_000 },
    }),
  );
  api.use(async (request, _response, next) => {
    if (request.session.personId) request.person = await peopleStore.byId(database, request.session.personId);
    next();
  });
  api.use(peopleRoutes(deps));
  api.use(jobsRoutes(deps));
  api.use(surveysRoutes(deps));
  api.use(scopesRoutes(deps));
  api.use(fitsRoutes(deps));
  api.use(libraryRoutes(deps));
  api.use(settingsRoutes(deps));
  api.use(measurementsRoutes(deps));
  api.use(phasesRoutes(deps));
  api.use(circuitRoutes(deps));
  api.use(cylindersRoutes(deps));
  api.use(instrumentsRoutes(deps));
  api.use(reportsRoutes(deps));
  api.use((_request, response) => sendProblem(response, new Problem('not-found', { message: 'No such address.' })));
  app.use('/api', api);
  if (options.webDir) serveWeb(app, options.webDir);
  app.use(errorHandler(log));
  return app;
}
