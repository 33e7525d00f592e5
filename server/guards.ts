import type { RequestHandler } from 'express';
import { tell } from '@/server/words/tell';
import type { DatabaseWatch } from './db/watch';
import { badInput, Problem, sendProblem } from './errors/problem';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** The host name of a Host header, without its port. */
export const hostName = (header: string | undefined): string => (header ?? '').toLowerCase().replace(/:\d+$/, '');

export const isLoopback = (header: string | undefined): boolean => LOOPBACK.has(hostName(header));

/** Answers only to the names this server goes by: a foreign name that points here is no name of ours. */
export function knownHost(allowed: readonly string[] | undefined): RequestHandler {
  const names = allowed && new Set(allowed.map((h) => h.toLowerCase()));
  return (request, _response, next) => {
    if (names && !names.has(hostName(request.headers.host)) && !isLoopback(request.headers.host))
      throw new Problem('wrong-host');
    next();
  };
}

/** A write must come from a page of this server: the browser says so in Origin. */
export const sameOrigin: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const { origin } = request.headers;
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

/** Behind TLS the browser is told to stay there. */
export const strictTransport: RequestHandler = (request, response, next) => {
  if (request.secure) response.setHeader('Strict-Transport-Security', 'max-age=31536000');
  next();
};

/** Nothing in a body is stored that is no text: half a character has no place in any character set. */
export const wellFormed: RequestHandler = (request, _response, next) => {
  const trouble = malformedAt(request.body, 'body') ?? malformedAt(request.query, 'query');
  if (trouble)
    throw badInput(trouble, tell('server.character-in-it-is-broken'), tell('server.text-of-whole-characters'));
  next();
};

const MOST_DEPTH = 40;
/** Half of a surrogate pair. */
const HALF = /[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

function malformedAt(value: unknown, field: string, depth = 0): string | undefined {
  if (typeof value === 'string') return HALF.test(value) ? field : undefined;
  if (typeof value !== 'object' || value === null) return undefined;
  if (depth > MOST_DEPTH)
    throw badInput(field, tell('server.nested-too-deep'), tell('server.up-to-levels', { mostDepth: MOST_DEPTH }));
  for (const [key, inner] of Object.entries(value)) {
    if (HALF.test(key)) return field;
    const found = malformedAt(inner, Array.isArray(value) ? field : key, depth + 1);
    if (found) return found;
  }
  return undefined;
}

/** Without a database nothing is answered late: at once while it is silent, and in the middle when it falls silent. */
export function withDatabase(watch: DatabaseWatch): RequestHandler {
  return (_request, response, next) => {
    const silent = (): void => sendProblem(response, new Problem('no-database'));
    if (!watch.ready) return silent();
    const forget = watch.onSilent(() => {
      if (!response.headersSent) silent();
    });
    response.on('close', forget);
    next();
  };
}
