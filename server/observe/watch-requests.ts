import type { RequestHandler } from 'express';
import type { RequestLine } from './log';

/** A stream stays open for hours: its time says nothing of how fast the server answers. */
const STREAM = /\/stream$/;

/** Tells each answered request by the pattern of its route, never by the ids or words in its address. */
export function watchRequests(tellOf: readonly ((line: RequestLine) => void)[]): RequestHandler {
  return (request, response, next) => {
    if (STREAM.test(request.path)) return next();
    const began = performance.now();
    response.on('finish', () => {
      const line: RequestLine = {
        method: request.method,
        route: request.route ? String((request.route as { path: unknown }).path) : 'none',
        status: response.statusCode,
        ms: Number((performance.now() - began).toFixed(2)),
        personId: request.person?.id,
        companyId: request.person?.companyId,
      };
      for (const to of tellOf) to(line);
    });
    next();
  };
}
