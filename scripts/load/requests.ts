import { Agent, request } from 'node:http';
import { v7 as uuid } from 'uuid';
import { uniform } from '../../core/numeric/random';

/** 60 % job sheets, 20 % lists, 15 % writes, 5 % pictures. */
const SHARES = [
  ['sheet', 0.6],
  ['list', 0.8],
  ['write', 0.95],
  ['picture', 1],
] as const;
export type Kind = (typeof SHARES)[number][0];
/** A reply that takes longer counts as this, ms. */
const GIVES_UP_MS = 10_000;

export type Target = {
  origin: string;
  cookie: string;
  /** Tags of what was read, by its path: a browser asks with them again, and is told where nothing changed. */
  tags: Map<string, string>;
  jobs: readonly string[];
  pictures: readonly string[];
  searches: readonly string[];
};
export type Answered = { kind: Kind; ms: number; status: number };

/** Asks at a steady rate whatever the server does, as many phones would: a slow answer does not slow the next question. */
export async function ask(
  target: Target,
  perSecond: number,
  seconds: number,
  seed: number,
  only?: readonly Kind[],
): Promise<Answered[]> {
  const state = { seed };
  const pick = <T>(from: readonly T[]): T => from[Math.floor(uniform(state) * from.length)]!;
  const answered: Promise<Answered>[] = [];
  const began = performance.now();
  for (let n = 0; n < perSecond * seconds; n++) {
    const due = began + (n * 1000) / perSecond;
    const early = due - performance.now();
    if (early > 1) await new Promise((done) => setTimeout(done, early));
    const share = uniform(state);
    const kind = only ? pick(only) : SHARES.find(([, upTo]) => share <= upTo)![0];
    answered.push(one(target, kind, due, pick));
  }
  return Promise.all(answered);
}

/** Connections that stay open, as a proxy in front holds them; Node's own client costs a third of fetch here. */
const agent = new Agent({ keepAlive: true, maxSockets: 256 });

function one(target: Target, kind: Kind, due: number, pick: <T>(from: readonly T[]) => T): Promise<Answered> {
  const [path, body] = wordsOf(target, kind, pick);
  const text = body && JSON.stringify(body);
  const tag = text ? undefined : target.tags.get(path);
  return new Promise((done) => {
    const end = (status: number): void =>
      done({ kind, ms: status === 0 ? GIVES_UP_MS : performance.now() - due, status });
    const sent = request(
      `${target.origin}/api${path}`,
      {
        agent,
        method: text ? 'POST' : 'GET',
        timeout: GIVES_UP_MS,
        headers: {
          cookie: target.cookie,
          'accept-encoding': 'gzip',
          ...(tag ? { 'if-none-match': tag } : {}),
          ...(text ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) } : {}),
        },
      },
      (reply) => {
        if (!text && reply.headers.etag) target.tags.set(path, reply.headers.etag);
        reply.resume();
        reply.once('end', () => end(reply.statusCode!));
      },
    );
    sent.once('timeout', () => sent.destroy());
    sent.once('error', () => end(0));
    sent.end(text);
  });
}

function wordsOf(
  { jobs, pictures, searches }: Target,
  kind: Kind,
  pick: <T>(from: readonly T[]) => T,
): [string, object?] {
  if (kind === 'sheet') return [`/jobs/${pick(jobs)}`];
  if (kind === 'list') return [pick(searches)];
  if (kind === 'picture') return [`/photos/${pick(pictures)}/thumbnail`];
  return writeTo(pick(jobs));
}

/** Something that is still to be done, written down on a job. */
export const writeTo = (jobId: string): [string, object] => [
  `/jobs/${jobId}/circuit-entries`,
  {
    id: uuid(),
    kind: 'open-item',
    body: { what: 'Written under load', owner: 'our crew', name: '', due: '2099-01-31', next: 'a next step' },
    supersedesId: null,
    occurredAt: new Date().toISOString(),
  },
];
