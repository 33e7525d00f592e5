import type { RequestHandler, Response } from 'express';
import { createProxyMiddleware } from 'http-proxy-middleware';
import type { Deps } from './deps';
import { Problem, sendProblem } from './errors/problem';
import { leasesStore } from './features/instruments/leases-store';

/** Says that another server sent it on: it is answered here, wherever the run is by now. */
const FORWARDED = 'x-mb-forwarded';
const OF_RUN = /^\/runs\/([0-9a-f-]{36})(?:\/|$)/;
const OF_JOB = /^\/jobs\/([0-9a-f-]{36})\//;

/**
 * Sends on what belongs to a run that another server reads: its stream and orders always, writes of its job while others are
 * there at all. A holder that has just died answers nothing: the sender is told to try again, until another has taken it up.
 */
export function forwardLive({ database, hall, watch }: Pick<Deps, 'database' | 'hall' | 'watch'>): RequestHandler {
  const proxy = createProxyMiddleware({
    router: (request) => request.headers[FORWARDED] as string,
    // Replaced for each request by the router above.
    target: 'http://127.0.0.1:9',
    pathRewrite: (_path, request) => (request as unknown as { originalUrl: string }).originalUrl,
    on: {
      error: (_error, _request, response) => {
        if ('writeHead' in response && !response.headersSent) sendProblem(response as Response, new Problem('busy'));
        else response.destroy?.();
      },
    },
  });
  return (request, response, next) => {
    if (request.headers[FORWARDED] || !watch.ready) return next();
    const runId = OF_RUN.exec(request.path)?.[1];
    // A round rests on what its run reads this second: it is looked for even before any other server was heard of.
    const written = request.method !== 'GET' && (hall.othersAlive || request.path.endsWith('/rounds'));
    const jobId = written ? OF_JOB.exec(request.path)?.[1] : undefined;
    const of = runId && !hall.get(runId) ? { runId } : jobId ? { jobId } : undefined;
    if (!of) return next();
    const silent = new Promise<never>((_done, fail) => {
      const forget = watch.onSilent(() => fail(new Problem('no-database')));
      response.on('close', forget);
    });
    Promise.race([leasesStore.elsewhere(database, of, hall.me), silent]).then((address) => {
      if (!address) return next();
      request.headers[FORWARDED] = address;
      void proxy(request, response, next);
    }, next);
  };
}
