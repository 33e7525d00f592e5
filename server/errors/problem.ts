import type { ErrorRequestHandler, Response } from 'express';
import type { z } from 'zod';
import { spoken } from '@/contract/words/speaker';
import { type Outcome, type Refusal, refusal, refusalFromZod } from '@/core/finding/outcome';
import { speakTo } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { PROBLEMS, type ProblemCode } from './catalog';

/** An error the client may see. Anything else thrown becomes `internal`, with its detail only in the log. */
export class Problem extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail: Partial<Refusal> & Record<string, unknown> = {},
  ) {
    super((detail.message ?? PROBLEMS[code].title).id);
  }
}

export const refusedWith = (why: Refusal): Problem => new Problem('bad-input', why);

export const badInput = (...why: Parameters<typeof refusal>): Problem => refusedWith(refusal(...why));

/** What was made or worked out; or the refusal, as bad input. */
export function usable<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw refusedWith(outcome.refused);
  return outcome.value;
}

/** The same id twice in one post is a mistake of the sender: which of the two should hold? */
export function mustBeOnce(ids: readonly string[]): void {
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) throw badInput('id', tell('server.id-comes-twice', { twice }), tell('server.each-id-once'));
}

/** Checks a body once, at the route; a refusal names the field, what is wrong and what is allowed. */
export function parseBody<S extends z.ZodType>(schema: S, body: unknown): z.output<S> {
  const checked = schema.safeParse(body);
  if (!checked.success) throw refusedWith(refusalFromZod(schema, checked.error, body));
  return checked.data;
}

/** What passes by itself is worth asking again after this, s. */
const RETRY_S = 2;

export function sendProblem(response: Response, problem: Problem): void {
  const { status, title } = PROBLEMS[problem.code];
  if (status === 503) response.setHeader('Retry-After', String(RETRY_S));
  response
    .status(status)
    .type('application/problem+json')
    .json(spoken({ type: 'about:blank', code: problem.code, title, status, ...problem.detail }, speakTo(response.req)));
}

/** MariaDB's own numbers. */
const DUPLICATE = 1062;
const DEADLOCK = 1213;
const LOCK_WAIT = 1205;
const STATEMENT_TIME = 1969;
const BAD_STRING = 1366;
const BAD_DATE = 1292;
const TOO_LONG = 1406;

const CONNECTION_LOST = new Set(['ECONNREFUSED', 'ECONNRESET', 'PROTOCOL_CONNECTION_LOST', 'ETIMEDOUT', 'ENOENT']);

export function errorHandler(log: (line: string) => void): ErrorRequestHandler {
  return (error, _request, response, next) => {
    // Answered already, by the guard of a silent database: what comes late has nobody to tell.
    if (response.headersSent) return response.writableEnded ? undefined : next(error);
    if (error instanceof Problem) return sendProblem(response, error);
    const e = error as { type?: string; code?: string; status?: number; message?: string; stack?: string };
    if (e.type === 'entity.parse.failed') {
      return sendProblem(response, badInput('body', tell('server.body-is-not-json'), tell('server.json-object')));
    }
    if (e.type === 'entity.too.large') return sendProblem(response, new Problem('too-large'));
    if (e.status === 400 || e instanceof URIError) {
      return sendProblem(
        response,
        badInput('address', tell('server.address-is-malformed'), tell('server.valid-address')),
      );
    }
    const { errno } = error as { errno?: number };
    if (errno === DUPLICATE)
      return sendProblem(
        response,
        new Problem('other-body', { field: 'id', message: tell('server.this-id-is-already-taken') }),
      );
    if (errno === DEADLOCK || errno === LOCK_WAIT || errno === STATEMENT_TIME)
      return sendProblem(response, new Problem('busy'));
    if (errno === BAD_STRING || errno === BAD_DATE || errno === TOO_LONG)
      return sendProblem(
        response,
        badInput('body', tell('server.text-or-date-in-it-cannot'), tell('server.whole-characters-years-2000-to-2100')),
      );
    if (e.code && CONNECTION_LOST.has(e.code)) return sendProblem(response, new Problem('no-database'));
    log(`error ${e.stack ?? e.message ?? String(error)}`);
    return sendProblem(response, new Problem('internal'));
  };
}
