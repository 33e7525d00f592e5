import { v7 as uuid } from 'uuid';
import type { Found, Sent } from './tally';

/** A reply that takes longer than this is given up and sent again, as a phone would, ms. */
const GIVES_UP_MS = 4000;
/** Between two tries of one write, ms. */
const PAUSE_MS = 60;
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/** One signed-in person over HTTP, as a device speaks. */
export class Device {
  cookie = '';
  constructor(private readonly origin: string) {}

  async call(method: string, path: string, body?: object): Promise<{ status: number; body: Record<string, unknown> }> {
    const reply = await fetch(`${this.origin}/api${path}`, {
      method,
      headers: { 'content-type': 'application/json', ...(this.cookie ? { cookie: this.cookie } : {}) },
      ...(body ? { body: JSON.stringify(body) } : {}),
      signal: AbortSignal.timeout(GIVES_UP_MS),
    });
    this.cookie = reply.headers.get('set-cookie')?.split(';')[0] ?? this.cookie;
    return { status: reply.status, body: (await reply.json()) as Record<string, unknown> };
  }

  /** Until the server answers for good; what it refuses is a fault of the soak. */
  async surely(method: string, path: string, body?: object): Promise<Record<string, unknown>> {
    for (;;) {
      const reply = await this.call(method, path, body).catch(() => undefined);
      if (reply && reply.status < 300) return reply.body;
      if (reply && reply.status < 500 && reply.status !== 429)
        throw new Error(`${method} ${path}: ${reply.status} ${JSON.stringify(reply.body)}`);
      await pause(PAUSE_MS);
    }
  }
}

const KINDS = {
  /** Written down of the job, and where it stands on its sheet. */
  'open-item': {
    path: (jobId: string) => `/jobs/${jobId}/circuit-entries`,
    body: (id: string, words: string) => ({
      id,
      kind: 'open-item',
      body: { what: words, owner: 'our crew', name: '', due: '2099-01-31', next: 'a next step' },
      supersedesId: null,
      occurredAt: new Date().toISOString(),
    }),
  },
  observation: {
    path: (jobId: string) => `/jobs/${jobId}/observations`,
    body: (id: string, words: string) => ({
      observations: [
        {
          id,
          fact: 'systemType',
          value: 'split-hp',
          method: 'seen',
          source: 'on site',
          confidence: 'high',
          note: words,
          photoId: null,
          occurredAt: new Date().toISOString(),
        },
      ],
    }),
  },
} as const;

type Sheet = {
  jobLog: { id: string; kind: string; body: { what?: string } }[];
  survey: { observations: { id: string; note: string | null }[] };
};

/** What of the writers' words stands on a sheet. */
export function foundOn(sheet: Sheet): Found[] {
  return [
    ...sheet.jobLog.filter((e) => e.kind === 'open-item').map((e) => ({ id: e.id, words: e.body.what ?? '' })),
    ...sheet.survey.observations.map((o) => ({ id: o.id, words: o.note ?? '' })),
  ];
}

/** Writes on one job until told to stop: each until it is acknowledged, some twice at once, some given up half way. */
export async function writeUntil(
  device: Device,
  jobId: string,
  name: string,
  stopped: () => boolean,
  onAcknowledged: () => void,
): Promise<Sent[]> {
  const sent: Sent[] = [];
  for (let n = 0; !stopped(); n++) {
    const kind = KINDS[n % 2 ? 'observation' : 'open-item'];
    const one: Sent = { id: uuid(), words: `${name} wrote ${n}`, acknowledged: false };
    sent.push(one);
    const body = kind.body(one.id, one.words);
    const send = () => device.surely('POST', kind.path(jobId), body);
    if (n % 17 === 16) {
      // Never asked again: it may be there once, or not at all.
      await device.call('POST', kind.path(jobId), body).catch(() => undefined);
      continue;
    }
    await (n % 5 === 4 ? Promise.all([send(), send()]) : send());
    one.acknowledged = true;
    onAcknowledged();
  }
  return sent;
}
