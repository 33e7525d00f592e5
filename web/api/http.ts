import type { Gate } from '@/core/job/gates';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { answeredNow, noAnswer } from './connection';
import { copyOf, keepCopy } from './copies';
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

type Answer = { status: number; ok: boolean; text: string };

async function fetched(method: string, path: string, body: string | undefined): Promise<Answer> {
  try {
    const response = await fetch(`/api${path}`, {
      method,
      headers: body === undefined ? undefined : { 'Content-Type': 'application/json' },
      body,
    });
    const text = await response.text();
    answeredNow();
    return { status: response.status, ok: response.ok, text };
  } catch {
    noAnswer();
    throw new ApiProblem({ code: 'offline', message: say(tell('web.no-connection-to-server-what-you')) }, 0);
  }
}

function read<T>({ status, ok, text }: Answer): T {
  const data = parsed(text);
  if (!ok) throw new ApiProblem(data, status);
  return data as T;
}

/** Reads; without a connection what this device kept of the last answer stands in, and the screens say so. */
export async function get<T>(path: string): Promise<T> {
  try {
    const answer = await fetched('GET', path, undefined);
    const data = read<T>(answer);
    unanswered.seen(answer.text);
    void keepCopy(path, answer.text);
    return data;
  } catch (error) {
    const copy = error instanceof ApiProblem && error.code === 'offline' ? await copyOf(path) : undefined;
    if (!copy) throw error;
    noAnswer(copy.at);
    return parsed(copy.text) as T;
  }
}

/** A write of the outbox: its body is the same every time it is sent. */
export const direct = async (method: 'POST' | 'PUT', path: string, body: object): Promise<unknown> =>
  read(await fetched(method, path, JSON.stringify(body)));

/** A command that makes no sense later: to instruments that run, to the session. It is not kept for a connection. */
export async function post<T>(path: string, body: unknown = {}): Promise<T> {
  const answer = await fetched('POST', path, unanswered.bodyFor('POST', path, body));
  if (answer.status < DOUBTFUL) unanswered.answered('POST', path, body);
  return read<T>(answer);
}

export const put = async <T>(path: string, body: unknown): Promise<T> =>
  read<T>(await fetched('PUT', path, JSON.stringify(body)));

function parsed(text: string): Record<string, unknown> {
  try {
    return JSON.parse(text) as Record<string, unknown>;
  } catch {
    return {};
  }
}
