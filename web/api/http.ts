import type { Gate } from '@/core/job/gates';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { openUnanswered, type Unanswered } from './unanswered';

/** What the server said was wrong, with the field, what is allowed and, for a stale write, what is stored. */
export class ApiProblem extends Error {
  readonly code: string;
  readonly field?: string;
  readonly allowed?: string;
  readonly gates?: Gate[];
  readonly stored?: unknown;
  readonly status: number;

  constructor(body: Record<string, unknown>, status: number) {
    super(String(body.message ?? body.title ?? say(tell('web.server-did-not-answer-properly'))));
    this.code = String(body.code ?? 'internal');
    this.field = body.field as string | undefined;
    this.allowed = body.allowed as string | undefined;
    this.gates = body.gates as Gate[] | undefined;
    this.stored = body.stored;
    this.status = status;
  }
}

/** A server that broke, or one between us that gave up, may have stored it all the same. */
const DOUBTFUL = 500;

export const unanswered: Unanswered = openUnanswered(
  // Workers and tests have none.
  typeof localStorage === 'undefined'
    ? { getItem: () => null, setItem: () => undefined, removeItem: () => undefined }
    : localStorage,
);

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const once = method === 'POST';
  let response: Response;
  let text: string;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? undefined : { 'Content-Type': 'application/json' },
      body: body === undefined ? undefined : once ? unanswered.bodyFor(method, path, body) : JSON.stringify(body),
    });
    text = await response.text();
  } catch {
    throw new ApiProblem({ code: 'offline', message: say(tell('web.no-connection-to-server-what-you')) }, 0);
  }
  if (once && response.status < DOUBTFUL) unanswered.answered(method, path, body);
  if (method === 'GET' && response.ok) unanswered.seen(text);
  const data = parsed(text);
  if (!response.ok) throw new ApiProblem(data, response.status);
  return data as T;
}

function parsed(text: string): Record<string, unknown> {
  try {
    return JSON.parse(text) as Record<string, unknown>;
  } catch {
    return {};
  }
}

/** A last write while the page goes away: the browser finishes it alone, nobody reads the answer. */
export function putAndLeave(path: string, body: unknown): void {
  void fetch(`/api${path}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    keepalive: true,
  }).catch(() => undefined);
}

export const get = <T>(path: string): Promise<T> => call<T>('GET', path);
export const post = <T>(path: string, body: unknown = {}): Promise<T> => call<T>('POST', path, body);
export const put = <T>(path: string, body: unknown): Promise<T> => call<T>('PUT', path, body);
