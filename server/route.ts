import { type Request, type RequestHandler, type Response, Router } from 'express';
import type { z } from 'zod';
import type { Act } from '@/core/job/permissions';
import type { AsksJob } from './asks';
import type { Deps } from './deps';
import { parseBody } from './errors/problem';
import { jobAt } from './features/jobs/job-at';
import { must, who } from './who';

/** Who may ask, what the body is checked against, what runs before it, and the status of the answer where it is not the usual one. */
type Rule<S extends z.ZodType> = {
  may?: Act | ((request: Request) => Act);
  takes?: S;
  before?: RequestHandler[];
  status?: number;
};

/** The names in an address: of `/jobs/:jobId/fits/:kind` jobId and kind. */
type NamesIn<Path extends string> = Path extends `${infer Part}/${infer Rest}`
  ? NameOf<Part> | NamesIn<Rest>
  : NameOf<Path>;
type NameOf<Part> = Part extends `:${infer Name}.${string}` ? Name : Part extends `:${infer Name}` ? Name : never;

/** One request of a signed-in person. */
type Asked<S extends z.ZodType, Path extends string> = AsksJob & {
  body: z.output<S>;
  params: Record<NamesIn<Path>, string>;
  request: Request;
  response: Response;
};

type Route = {
  <Path extends string>(path: Path, answer: (asked: Asked<z.ZodUndefined, Path>) => unknown): void;
  <Path extends string, S extends z.ZodType = z.ZodUndefined>(
    path: Path,
    rule: Rule<S>,
    answer: (asked: Asked<S, Path>) => unknown,
  ): void;
};
/**
 * The routes of one feature, for people who are signed in: who asks and what they may, the body checked once, the answer as JSON.
 * What answers by itself (a file, a stream) gives nothing back. `post` answers 201, the others 200.
 */
export function routesOf({ database }: Pick<Deps, 'database'>) {
  const router = Router();
  const route =
    (method: 'get' | 'post' | 'put', usual: number): Route =>
    (path: string, first: unknown, last?: unknown): void => {
      const { may, takes, before = [], status = usual } = (last ? first : {}) as Rule<z.ZodType>;
      const answer = (last ?? first) as (asked: Asked<z.ZodType, string>) => unknown;
      router[method](path, ...before, async (request, response) => {
        const person = who(request);
        if (may) must(person, typeof may === 'string' ? may : may(request));
        const body = takes && parseBody(takes, request.body);
        const { params } = request;
        const answered = await answer({ database, person, at: jobAt(request), body, params, request, response });
        if (answered !== undefined) response.status(status).json(answered);
        else if (!response.headersSent) response.status(status).end();
      });
    };
  return { router, get: route('get', 200), post: route('post', 201), put: route('put', 200) };
}
