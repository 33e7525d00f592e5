import { randomBytes } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { pathToFileURL } from 'node:url';
import mysql from 'mysql2/promise';
import { v7 as uuid } from 'uuid';
import { inject } from 'vitest';
import { sheetSchema } from '@/contract/answers/sheet';
import type { NewJob, Round } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import { DEMO_JOBS } from '@/demo/jobs';
import { createApp } from '../app';
import { type Database, openDatabase } from '../db/pool';
import { DatabaseWatch } from '../db/watch';
import type { Deps } from '../deps';
import { InstrumentHall } from '../features/instruments/instrument-hall';
import { hashPassword } from '../features/people/people-service';
import { Umpire } from '../features/practice/umpire';
import { PdfMaker } from '../features/reports/pdf-maker';
import { Pictures } from '../pictures/pictures';
import { Streams } from '../streams';

const NAME = /^mb_test_[0-9a-f]{12}$/;

type Schema = { uri: string; drop: () => Promise<void> };

/** A fresh schema as the migrations leave it. */
export async function migratedSchema(): Promise<Schema> {
  const schema = await freshSchema();
  const connection = await mysql.createConnection({ uri: schema.uri, multipleStatements: true });
  await connection.query(inject('schemaImage'));
  await connection.end();
  return schema;
}

/** A fresh, empty schema for one test file; any other name is refused. */
export async function freshSchema(): Promise<Schema> {
  const name = `mb_test_${randomBytes(6).toString('hex')}`;
  if (!NAME.test(name)) throw new Error('tests use schemas named mb_test_<random> only');
  const base = inject('databaseUri').replace('/SCHEMA', '/');
  const connection = await mysql.createConnection({ uri: base });
  await connection.query(`create database \`${name}\` character set utf8mb4 collate utf8mb4_unicode_ci`);
  await connection.end();
  return {
    uri: base + name,
    drop: async () => {
      const again = await mysql.createConnection({ uri: base });
      await dropped(again, name);
      await again.end();
    },
  };
}

/**
 * Its tables are gone then, whatever MariaDB says of its folder: now and then it finds a file of its own left there and ends with
 * "directory not empty", which another try does not mend. The folder goes with the whole of the data when the tests are over.
 */
async function dropped(connection: mysql.Connection, name: string): Promise<void> {
  await connection.query(`drop database \`${name}\``).catch((error: { code?: string }) => {
    if (error.code !== 'ER_DB_DROP_RMDIR') throw error;
  });
}

export type Reply = { status: number; body: Record<string, unknown>; type: string };

/** One signed-in person talking to the server over HTTP. */
export class Client {
  cookie = '';
  constructor(readonly origin: string) {}

  async call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Reply> {
    const response = await fetch(`${this.origin}/api${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...headers,
      },
      body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
    });
    const set = response.headers.get('set-cookie');
    if (set) this.cookie = set.split(';')[0]!;
    const text = await response.text();
    let parsed: Reply['body'] = {};
    try {
      parsed = JSON.parse(text) as Reply['body'];
    } catch {
      parsed = { text } as Reply['body'];
    }
    return { status: response.status, body: parsed, type: response.headers.get('content-type') ?? '' };
  }
  get = (path: string): Promise<Reply> => this.call('GET', path);
  post = (path: string, body: unknown = {}): Promise<Reply> => this.call('POST', path, body);
  put = (path: string, body: unknown): Promise<Reply> => this.call('PUT', path, body);
  async sheet(jobId: string): Promise<JobSheet> {
    return sheetSchema.parse((await this.get(`/jobs/${jobId}`)).body) as unknown as JobSheet;
  }
}

export type TestServer = {
  /** Where its schema is. */
  uri: string;
  database: Database;
  hall: InstrumentHall;
  origin: string;
  as: (signIn: string) => Promise<Client>;
  anyone: () => Client;
  stop: () => Promise<void>;
  log: string[];
  streams: Streams;
  watch: DatabaseWatch;
  pdf: PdfMaker;
  umpire: Umpire;
};

/** A machine that runs several servers at once may keep a ping waiting this long without the database being frozen, ms. */
const PATIENCE_MS = 20_000;

/** A connection that is not used is kept this long, ms. */
const IDLE_MS = 120_000;

export const PASSWORD = 'a long test password';
let hash: Promise<string> | undefined;

/** Two companies, so that every test can look over the fence; with a code none, as an installation begins. */
export async function startServer({ setupCode }: { setupCode?: string } = {}): Promise<TestServer> {
  const schema = await migratedSchema();
  const database = openDatabase(schema.uri);
  hash ??= hashPassword(PASSWORD);
  const passwordHash = await hash;
  for (const company of setupCode ? [] : ['alder', 'birch']) {
    const companyId = uuid();
    await database.run("insert into companies (id, name, settings) values (:companyId, :company, '{}')", {
      companyId,
      company,
    });
    const people = [
      ['lead', 'universal'],
      ['helper', 'none'],
      ['office', 'none'],
      ['owner', 'none'],
    ] as const;
    for (const [role, certification] of people) {
      await database.run(
        `insert into people (id, company_id, full_name, sign_in, password_hash, role, certification, certificate_number)
         values (:id, :companyId, :name, :signIn, :passwordHash, :role, :certification, 'T-1')`,
        {
          id: uuid(),
          companyId,
          name: `${company} ${role}`,
          signIn: `${company}-${role}`,
          passwordHash,
          role,
          certification,
        },
      );
    }
  }
  const log: string[] = [];
  const streams = new Streams();
  const pdf = new PdfMaker((line) => log.push(line), pathToFileURL('dist/server/pdf-worker.js'));
  const umpire = new Umpire((line) => log.push(line), pathToFileURL('dist/server/practice-worker.js'));
  const hall = new InstrumentHall(database, (line) => log.push(line), pathToFileURL('dist/server/plant-worker.js'));
  const watch = new DatabaseWatch(database, PATIENCE_MS).start();
  const app = createApp({
    watch,
    streams,
    pdf,
    pictures: new Pictures(),
    umpire,
    database,
    hall,
    log: (line) => log.push(line),
    options: { demoSignIn: true, sessionSecret: 'test', trustProxy: 1, ...(setupCode ? { setupCode } : {}) },
  });
  const server = app.listen(0, '127.0.0.1');
  // On a busy machine a test may take up a connection in the moment its server gives it up.
  server.keepAliveTimeout = IDLE_MS;
  await new Promise((done) => server.once('listening', done));
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  return {
    uri: schema.uri,
    database,
    hall,
    streams,
    watch,
    pdf,
    umpire,
    origin,
    log,
    anyone: () => new Client(origin),
    as: async (signIn) => {
      const client = new Client(origin);
      const reply = await client.post('/sign-in', { signIn, password: PASSWORD });
      if (reply.status !== 200) throw new Error(`cannot sign in ${signIn}: ${JSON.stringify(reply.body)}`);
      return client;
    },
    stop: async () => {
      watch.stop();
      await pdf.close();
      await umpire.close();
      await hall.close();
      server.closeAllConnections();
      await new Promise((done) => server.close(done));
      await database.close();
      await schema.drop();
    },
  };
}

/** The same parts once more behind other options, or on another way to the database: another face of one server. */
export async function alsoListening(
  { database, hall, watch, streams, pdf, umpire }: TestServer,
  options: Parameters<typeof createApp>[0]['options'],
  other: Pick<Partial<Deps>, 'database' | 'watch' | 'watched' | 'pictures'> = {},
): Promise<{ origin: string; close: () => Promise<void> }> {
  const app = createApp({
    database,
    hall,
    watch,
    streams,
    pdf,
    umpire,
    pictures: new Pictures(),
    ...other,
    log: () => undefined,
    options,
  });
  const listening = app.listen(0, '127.0.0.1');
  await new Promise((done) => listening.once('listening', done));
  return {
    origin: `http://127.0.0.1:${(listening.address() as AddressInfo).port}`,
    close: () => {
      listening.closeAllConnections();
      return new Promise((done) => listening.close(() => done()));
    },
  };
}

export async function newJob(
  client: Client,
  change: Partial<NewJob> = {},
): Promise<{ id: string; body: NewJob; sheet: JobSheet }> {
  const people = (await client.get('/people')).body.people as unknown as { id: string; role: string }[];
  const demo = DEMO_JOBS[0]!;
  const body: NewJob = {
    id: uuid(),
    customerName: 'Wren cottage',
    phone: null,
    customerLanguage: 'en',
    address: '3 Test Row',
    town: 'Harrow Mill',
    elevationFt: 1180,
    systemName: 'Upstairs',
    leadId: people.find((p) => p.role === 'lead')!.id,
    scheduledFor: '2026-06-01',
    plate: demo.plate,
    ...change,
  };
  const reply = await client.post('/jobs', body);
  if (reply.status !== 201) throw new Error(JSON.stringify(reply.body));
  return { id: body.id, body, sheet: sheetSchema.parse(reply.body) as unknown as JobSheet };
}

/** Why the circuit of a test job is not on record. */
export const ON_PAPER = 'Recorded on the paper sheet of this test.';
export const passVacuum = (client: Client, jobId: string): Promise<Reply> =>
  client.put(`/jobs/${jobId}/vacuum`, { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER });

/** A round of what the instruments of a run read now. */
export const roundOf = (
  runId: string,
  stage: 'reading' | 'airflow' = 'reading',
  quantities: string[] | null = null,
): Round => ({ setId: uuid(), stage, typed: [], run: { id: runId, quantities }, sign: null });

export function movement(oz: number, phase: 'charge' | 'start-up' = 'charge') {
  const id = uuid();
  return {
    id,
    setId: id,
    phase,
    stage: 'weigh-in',
    quantity: 'chargeMovementOz',
    value: oz,
    occurredAt: new Date().toISOString(),
  };
}

export async function until<T>(what: () => Promise<T | undefined | false>, ms = 20_000): Promise<T> {
  const end = Date.now() + ms;
  for (;;) {
    const value = await what();
    if (value) return value;
    if (Date.now() > end) throw new Error('waited too long');
    await new Promise((r) => setTimeout(r, 100));
  }
}
