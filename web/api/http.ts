import type { Gate } from '@/core/job/gates';
import { t } from '@/web/words/tell';
import { heardTime } from './clock';
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
    super(String(body.message ?? body.title ?? t('web.server-did-not-answer-properly')));
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

/** Answers that the server only has to say still hold, newest last. */
const known = new Map<string, { etag: string; text: string }>();
const MOST_KNOWN = 24;
/** How often a reading that was turned away is tried again. */
const TURNS = 3;
/** The server says 2 s; not all at the same moment. */
const RETRY_MS = 2000;

async function fetched(
  method: string,
  path: string,
  body: string | undefined,
  also: Readonly<Record<string, string>> = {},
): Promise<Answer> {
  const before = method === 'GET' ? known.get(path) : undefined;
  const sentMs = Date.now();
  try {
    const response = await fetch(`/api${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(before ? { 'If-None-Match': before.etag } : {}),
        ...also,
      },
      body,
    });
    heardTime(response.headers.get('Date'), sentMs);
    const text = await response.text();
    answeredNow(sentMs);
    if (before && response.status === 304) return { status: 200, ok: true, text: before.text };
    const etag = response.headers.get('ETag');
    if (method === 'GET' && response.ok && etag) keepKnown(path, { etag, text });
    return { status: response.status, ok: response.ok, text };
  } catch {
    noAnswer();
    throw new ApiProblem({ code: 'offline', message: t('web.no-connection-to-server-what-you') }, 0);
  }
}

function keepKnown(path: string, answer: { etag: string; text: string }): void {
  known.delete(path);
  known.set(path, answer);
  if (known.size > MOST_KNOWN) known.delete([...known.keys()][0]!);
}

/** Reads; a server that has too much to do is asked again a moment later. */
async function asked(path: string, also?: Readonly<Record<string, string>>): Promise<Answer> {
  for (let turn = 1; ; turn++) {
    const answer = await fetched('GET', path, undefined, also);
    if (answer.status !== 503 || turn === TURNS || parsed(answer.text).code !== 'overloaded') return answer;
    await new Promise((done) => setTimeout(done, RETRY_MS * (1 + Math.random())));
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
    const answer = await asked(path);
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

/** Reads what somebody will want without a connection: kept on this device, and on the trail as no more than that. */
export async function getForLater<T>(path: string): Promise<T> {
  const answer = await asked(path, { 'X-For-Later': '1' });
  const data = read<T>(answer);
  await keepCopy(path, answer.text);
  return data;
}

/**
 * A write of the outbox: its body is the same every time it is sent. How long it waited is told as a span: the server then
 * knows what was written before a signature, whatever the clock of this device says.
 */
export async function direct(method: 'POST' | 'PUT', path: string, body: object, writtenMs: number): Promise<unknown> {
  const ago = Math.max(0, (Date.now() - writtenMs) / 1000);
  return read(await fetched(method, path, JSON.stringify(body), { 'X-Written-Ago': ago.toFixed(3) }));
}

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
