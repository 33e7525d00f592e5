import sharp from 'sharp';
import { v7 as uuid } from 'uuid';
import { sheetSchema } from '@/contract/answers/sheet';
import type { LibraryFields } from '@/core/equipment/library-item';
import { type Gate, passes } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { HEALTHY } from '@/core/job/testing/sample-sheet';
import { READS } from '@/core/phases/checks/ask';
import { scopeOf } from '@/core/phases/scope/view';
import { SET_ASKS } from '@/core/phases/set/asks';
import { setList } from '@/core/phases/set/list';
import { surveyOf } from '@/core/phases/survey/view';
import { WIRE_ASKS, type WireCheckId } from '@/core/phases/wire/asks';
import { type Choice, EMPTY_CHOICE } from '@/core/scope/choice';
import type { FactValue } from '@/core/scope/survey/fact';
import type { FactKey, KnownFacts } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { SAMPLE_OUTDOOR } from '@/core/scope/testing/sample-scope';
import type { Said } from '@/core/words/said';
import { goodChecks, goodCircuits, goodControls, goodIsolation, goodSheets, type Written } from '@/demo/good-wiring';
import { WATER_TEST } from '@/demo/sample-entries';
import { speakIn } from '@/server/words/speak-to';
import { type Client, newJob, type Reply } from './harness';

/** A customer's pen. */
export const INK = 'M10 20L30 40L50 20';
const english = speakIn('en');

/** What a crew does on one circuit of a job, over the wire: the steps that a test takes again and again. */
export class JobWalk {
  constructor(
    readonly client: Client,
    readonly id: string,
    readonly circuitId?: string,
  ) {}

  /** A job without equipment: it begins with its survey. */
  static async fresh(client: Client, systemName = 'Upstairs'): Promise<JobWalk> {
    return new JobWalk(client, (await newJob(client, { plate: null, systemName })).id);
  }

  /** Another system of the same house, or another circuit of the one that is walked. */
  async another(systemName: string | null, name = 'Circuit 1'): Promise<JobWalk> {
    const { system } = await this.sheet();
    const id = uuid();
    const body = { id, name, systemId: systemName === null ? system.id : null, systemName: systemName ?? system.name };
    must(await this.client.post(`/jobs/${this.id}/circuits`, body));
    return new JobWalk(this.client, this.id, id);
  }

  path(rest = ''): string {
    return `/jobs/${this.id}${rest}${this.circuitId ? `?circuit=${this.circuitId}` : ''}`;
  }
  post = (rest: string, body?: unknown): Promise<Reply> => this.client.post(this.path(rest), body);
  put = (rest: string, body: unknown): Promise<Reply> => this.client.put(this.path(rest), body);

  async sheet(): Promise<JobSheet> {
    return sheetSchema.parse((await this.client.get(this.path())).body) as unknown as JobSheet;
  }
  async known(): Promise<KnownFacts> {
    return knownFacts((await this.sheet()).survey.observations);
  }

  async tell(facts: Partial<Record<FactKey, FactValue | null>>): Promise<void> {
    const observations = Object.entries(facts).map(([fact, value]) => ({
      id: uuid(),
      fact,
      value,
      method: 'seen',
      source: 'on site',
      confidence: 'high',
      note: null,
      photoId: null,
      occurredAt: new Date().toISOString(),
    }));
    must(await this.post('/observations', { observations }));
  }

  /** Answers every question that is open, by these facts, else as looked for and not seen; then signs. */
  async survey(facts: Partial<Record<FactKey, FactValue>>): Promise<void> {
    const { systemType, ...rest } = facts;
    if (systemType !== undefined) await this.tell({ systemType });
    for (;;) {
      const open = surveyOf(await this.sheet()).neverAsked.slice(0, 90);
      if (open.length === 0) break;
      await this.tell(Object.fromEntries(open.map((f) => [f.key, rest[f.key as keyof typeof rest] ?? null])));
    }
    must(await this.sign('survey'));
  }

  /** Puts a unit like the sample one into the library. */
  async unit(change: Partial<LibraryFields> = {}): Promise<string> {
    const id = uuid();
    const model = `M-${id.slice(-6)}`;
    must(
      await this.client.post('/library/items', { items: [{ id, fields: { ...SAMPLE_OUTDOOR, model, ...change } }] }),
    );
    return id;
  }

  async choose(change: Partial<Choice>): Promise<void> {
    const { version, choice } = (await this.sheet()).scope;
    must(await this.put('/choice', { version, choice: { ...EMPTY_CHOICE, ...choice, ...change } }));
  }

  /** Everything advised is taken in, every disclosure and the scope are signed by the customer, then by the crew. */
  async agree(): Promise<void> {
    for (const item of scopeOf(await this.sheet()).items.filter((i) => i.standing === 'open'))
      must(await this.post('/decisions', { id: uuid(), itemId: item.id, decision: 'in', reason: null }));
    for (const d of scopeOf(await this.sheet()).disclosures) must(await this.customer(`disclosure:${d.id}`, d.text));
    must(await this.customer('scope', scopeOf(await this.sheet()).text));
    must(await this.sign('scope'));
  }

  async customer(subject: string, said: Said, change: object = {}): Promise<Reply> {
    const { site, scopeSchools } = await this.sheet();
    const text = speakIn('en', { timeZone: site.timeZone, currency: scopeSchools.currency })(said);
    return this.post('/customer-signatures', {
      id: uuid(),
      subject,
      answer: 'yes',
      reason: null,
      text,
      said,
      language: 'en',
      customer: 'A. Wren',
      ink: INK,
      ...change,
    });
  }

  async release(): Promise<void> {
    for (const m of surveyOf(await this.sheet()).beforeMissing)
      must(await this.post('/waivers', { id: uuid(), item: m.id, reason: 'Taken on paper for this test' }));
    must(await this.post('/removal'));
  }

  /** Sets the new equipment as its sheet asks: every check, with its picture where it wants one, water, the ducts; then signs. */
  async set(): Promise<void> {
    const write = (kind: string, body: object): Promise<string> => {
      const id = uuid();
      return this.post('/circuit-entries', { id, kind, body, supersedesId: null, occurredAt: new Date().toISOString() })
        .then(must)
        .then(() => id);
    };
    for (const { id: check, low, high } of setList(await this.sheet())) {
      const { by } = SET_ASKS[check];
      const reading = by in READS ? { reading: low ?? high ?? 1 } : {};
      const seal = by === 'seal' ? { seal: 'mastic' } : {};
      const entry = await write('set-check', { check, answer: 'yes', ...reading, ...seal });
      if (by === 'picture') await this.photo(`entry:${entry}`);
    }
    const held = (await this.held('set')).map((g) => g.id);
    if (held.includes('water-proven')) await write('water-test', WATER_TEST);
    if (held.includes('leakage-answered')) {
      const reason = 'No fan on the truck today';
      await write('duct-leakage', {
        when: 'after',
        means: 'not measured',
        cfm: null,
        pa: null,
        conditionedFt2: null,
        cured: false,
        reason,
      });
    }
    must(await this.sign('set'));
  }

  /** Wires it as the sheet asks: circuits, made safe, the controls proven, the sheets, every check with its picture; signed. */
  /** The gas pipe as it was proven: only its connection was opened, and soaped. */
  async gasPipe(change: object = {}): Promise<void> {
    const none = { isolated: null, workingInWc: null, startPsig: null, startF: null, heldMin: null, endPsig: null };
    const body = { work: 'connection', ...none, endF: null, bubbles: false, purge: 'outdoors', trap: 'fitted last' };
    const entry = { id: uuid(), kind: 'gas-test', body: { ...body, ...change }, supersedesId: null };
    must(await this.post('/circuit-entries', { ...entry, occurredAt: new Date().toISOString() }));
  }

  async wire(): Promise<void> {
    const write = (e: Written): Promise<string> => {
      const id = uuid();
      return this.post('/circuit-entries', { id, ...e, supersedesId: null, occurredAt: new Date().toISOString() })
        .then(must)
        .then(() => id);
    };
    for (const part of [goodCircuits, goodIsolation, goodControls, goodSheets, goodChecks])
      for (const e of part(await this.sheet())) {
        const id = await write(e);
        if (e.kind === 'wire-check' && WIRE_ASKS[e.body.check as WireCheckId].by === 'picture')
          await this.photo(`entry:${id}`);
      }
    must(await this.sign('wire'));
  }

  sign = (phase: string): Promise<Reply> => this.post(`/phases/${phase}/sign-offs`, { id: uuid() });

  async held(phase: string): Promise<Gate[]> {
    const { gates } = (await this.client.get(this.path(`/phases/${phase}/gates`))).body as unknown as { gates: Gate[] };
    return gates.filter((g) => !passes(g));
  }

  /** Overrides whatever holds a phase, then signs it. */
  async signAnyway(phase: string): Promise<void> {
    for (const gate of await this.held(phase))
      if (gate.overridable) {
        const body = { id: uuid(), gate: gate.id, reason: 'proven on the paper sheet of this test' };
        must(await this.post(`/phases/${phase}/overrides`, body));
      }
    must(await this.sign(phase));
  }

  /** A healthy system, but for what is off, read twice and typed. */
  async readTwice(off: Record<string, number> = {}): Promise<void> {
    for (const minutesAgo of [30, 10]) {
      const setId = uuid();
      const occurredAt = new Date(Date.now() - minutesAgo * 60_000).toISOString();
      const measurements = Object.entries({ ...HEALTHY, ...off }).map(([quantity, value]) => ({
        id: uuid(),
        setId,
        phase: 'start-up',
        stage: 'reading',
        quantity,
        value,
        occurredAt,
      }));
      must(await this.post('/measurements', { measurements }));
    }
  }

  async report(): Promise<{ status: string; titles: string[]; tables: { title: Said; rows: unknown[][] }[] }> {
    const body = (await this.client.get(this.path('/report'))).body as unknown as {
      status: string;
      tables: { title: Said; rows: unknown[][] }[];
    };
    return { ...body, titles: body.tables.map((t) => english(t.title)) };
  }

  async photo(subject: string): Promise<void> {
    const file = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#887766' } })
      .jpeg()
      .toBuffer();
    const form = new FormData();
    for (const [name, value] of Object.entries({ id: uuid(), subject, takenAt: new Date().toISOString() }))
      form.set(name, value);
    form.set('photo', new Blob([new Uint8Array(file)]), 'p.jpg');
    const response = await fetch(`${this.client.origin}/api${this.path('/photos')}`, {
      method: 'POST',
      headers: { cookie: this.client.cookie },
      body: form,
    });
    if (response.status !== 201) throw new Error(await response.text());
  }
}

/** The answer of a step that has to go well. */
export function must(reply: Reply): Reply {
  if (reply.status >= 300) throw new Error(`${reply.status}: ${JSON.stringify(reply.body).slice(0, 500)}`);
  return reply;
}
