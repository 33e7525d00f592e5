import { existsSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { type Connection, createConnection, type RowDataPacket } from 'mysql2/promise';
import { loadDemo } from '../demo.mjs';
import { figure, quantileOf } from '../figure';
import { House } from '../soak/house';
import { Device } from '../soak/writer';
import { ingest } from './ingest';
import { pathOf, SEARCHED, tellLists } from './lists';
import { type Answered, ask, type Kind, writeTo } from './requests';
import { MARK, seedJobs, seedSamples } from './seed';

/**
 * npm run load [-- --jobs N --samples N --seconds N --rate N --ingest N --memory MINUTES --keep FOLDER] [--quick]: a company of 100,000 jobs and 50 million samples made
 * out of the demo on a durable MariaDB, then so many requests a second against the built server, from this process on the
 * same cores. One JSON line a figure; none is asserted. What was seeded stays in the folder of `--keep`, for the next run of it.
 */
const argument = (name: string, usual: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const quick = process.argv.includes('--quick');
const jobs = argument('jobs', quick ? 1500 : 100_000);
const samples = argument('samples', quick ? 100_000 : 50_000_000);
const seconds = argument('seconds', quick ? 8 : 60);
const rate = argument('rate', 200);
const samplesPerSecond = argument('ingest', 5200);
/** Asked at a quarter of the rate for so long, what the server holds in memory is told minute by minute; 0: not at all. */
const memoryMin = argument('memory', 0);
const keep = process.argv.includes('--keep')
  ? path.resolve(process.argv[process.argv.indexOf('--keep') + 1]!)
  : undefined;
/** Stands in the kept folder once its seed is whole. */
const seeded = keep && path.join(keep, 'seeded');
const again = seeded !== undefined && existsSync(seeded);
const MEMORY_SHARE = 0.25;
const WARM_S = 8;
const NOT_MODIFIED = 304;
/** As deploy/mariadb.cnf has it. */
const DATABASE_MB = 2048;
/** What a hundred crews have open at once: each is read again every fifteen seconds by the pages that show it. */
const HOT_JOBS = quick ? 200 : 500;

if (!existsSync('dist/server/main.js')) {
  process.stderr.write('Build it first: npm run build\n');
  process.exit(2);
}
const say = (line: string): void => void process.stderr.write(`${line}\n`);
const house = new House(DATABASE_MB, keep);
await house.open({
  seed: (uri) =>
    again || loadDemo({ ...process.env, DATABASE_URL: '', MB_DATABASE_URL: uri, MB_DEMO: quick ? 'few' : '' }),
});
const db = await createConnection({ uri: house.uri, multipleStatements: false });
try {
  if (!again) await seed();

  const lead = new Device(house.origin);
  await lead.surely('POST', '/sign-in', { signIn: 'tess', password: 'demo-mill-bridge' });
  const idsOf = async (sql: string): Promise<string[]> => {
    const [rows] = await db.query<RowDataPacket[]>(sql);
    return rows.map((r) => String(r.id));
  };
  const target = {
    origin: house.origin,
    cookie: lead.cookie,
    tags: new Map<string, string>(),
    jobs: await idsOf(`select job_id as id from job_summary where state = 'open' order by rand(1) limit ${HOT_JOBS}`),
    pictures: await idsOf('select id from photos order by rand(1) limit 500'),
    searches: SEARCHED.map(pathOf),
  };
  await tellLists(house.uri, lead);

  const cold: number[] = [];
  for (const id of target.jobs) {
    const at = performance.now();
    await lead.surely('GET', `/jobs/${id}`);
    cold.push(performance.now() - at);
  }
  figure('load sheet read for the first time', quantileOf(cold, 0.5), 'ms');
  // What crews meet is a server that has run for a while and jobs that are under way: the seed's rows of the list are its originals'.
  for (const id of target.jobs) await lead.surely('POST', ...writeTo(id));
  await ask(target, rate, WARM_S, 1);
  say(`Asking ${rate} times a second for ${seconds} s …`);
  const before = { ...house.processorMs(), own: ownMs() };
  const answered = await ask(target, rate, seconds, 2);
  tellOf('load', answered);
  const after = { ...house.processorMs(), own: ownMs() };
  const each = (of: keyof typeof after): number => (after[of] - before[of]) / answered.length;
  figure('load processor, server', each('server'), 'ms a request');
  figure('load processor, database', each('database'), 'ms a request');
  figure('load processor, generator', each('own'), 'ms a request');
  figure('load not changed', answered.filter((a) => a.status === NOT_MODIFIED).length / answered.length, 'of all');
  for (const kind of ['sheet', 'list', 'write', 'picture'] as Kind[])
    tellOf(
      `load ${kind}`,
      answered.filter((a) => a.kind === kind),
    );
  say(`Playing ${samplesPerSecond} samples a second for ${seconds} s …`);
  await ingest(house, db, lead, samplesPerSecond, seconds);
  if (memoryMin > 0) await tellMemory(target);
} finally {
  await db.end();
  await house.close();
}

async function seed(): Promise<void> {
  const began = performance.now();
  say('Making jobs …');
  const made = await seedJobs(db, jobs);
  figure('load jobs', made, 'jobs');
  say('Making samples …');
  figure('load samples', await seedSamples(db, samples), 'samples');
  await db.query('analyze table job_summary, jobs, circuit_entries, measurements, run_chunks');
  await sizes(db, made);
  figure('load seeding', (performance.now() - began) / 1000, 's');
  if (seeded) writeFileSync(seeded, '');
}

async function tellMemory(target: Parameters<typeof ask>[0]): Promise<void> {
  say(`Asking ${rate * MEMORY_SHARE} times a second for ${memoryMin} min …`);
  const held: number[] = [];
  for (let minute = 0; minute < memoryMin; minute++) {
    await ask(target, rate * MEMORY_SHARE, 60, 100 + minute);
    held.push(house.serverMemoryMb());
    say(`${minute + 1} min: ${held.at(-1)!.toFixed(0)} MB`);
  }
  const third = Math.ceil(held.length / 3);
  figure('load memory, median of the first third', quantileOf(held.slice(0, third), 0.5), 'MB');
  figure('load memory, median of the last third', quantileOf(held.slice(-third), 0.5), 'MB');
  figure('load memory, most', Math.max(...held), 'MB');
}

/** Processor time of this process, ms. */
function ownMs(): number {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
}

function tellOf(what: string, answered: readonly Answered[]): void {
  const times = answered.map((a) => a.ms);
  figure(`${what} p50`, quantileOf(times, 0.5), 'ms');
  figure(`${what} p99`, quantileOf(times, 0.99), 'ms');
  figure(`${what} not answered`, answered.filter((a) => a.status === 0 || a.status >= 400).length, 'requests');
}

/** What a job and a sample take on the disk: docs/scaling.md counts with it. */
async function sizes(db: Connection, made: number): Promise<void> {
  const bytesOf = async (but: string): Promise<number> => {
    const [rows] = await db.query<RowDataPacket[]>(
      `select sum(data_length + index_length) as n from information_schema.tables
       where table_schema = database() and table_name ${but} ('run_chunks', 'photos')`,
    );
    return Number(rows[0]!.n);
  };
  const [chunks] = await db.query<RowDataPacket[]>(
    `select avg(octet_length(samples) + octet_length(events) + coalesce(octet_length(rig_state), 0)) as bytes,
       avg(json_length(samples, '$.runSeconds')) as samples from run_chunks where run_id < '${MARK}'`,
  );
  const [rows] = await db.query<RowDataPacket[]>(
    'select (select count(*) from circuit_entries) + (select count(*) from observations) + (select count(*) from measurements) as n',
  );
  figure('load job on the disk', (await bytesOf('not in')) / made, 'bytes');
  figure('load rows a job', Number(rows[0]!.n) / made, 'rows');
  figure('load chunk', Number(chunks[0]!.bytes), 'bytes');
  figure('load samples a chunk', Number(chunks[0]!.samples), 'samples');
}
