import { get as httpGet, type IncomingMessage } from 'node:http';
import { connect, type Socket } from 'node:net';
import type { Connection, RowDataPacket } from 'mysql2/promise';
import { v7 as uuid } from 'uuid';
import { PORT_FORMAT } from '../../contract/instrument-port';
import { DEMO_JOBS } from '../../demo/jobs';
import { OLD_CHARGE } from '../../demo/sample-entries';
import { figure } from '../figure';
import type { House } from '../soak/house';
import type { Device } from '../soak/writer';

/** Lines that one instrument sends a second: under what ends its connection (contract/instrument-port.ts), also when they come late. */
const LINES_PER_S = 40;
const BEAT_MS = 50;
/** Screens that follow a run meanwhile. */
const WATCHED = 20;
/** The last pieces are stored within so long after the last line, ms. */
const SETTLES_MS = 4000;
const pause = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

type Recording = { runId: string; token: string };

/** A job whose old charge is being recovered, and a recording that is played into it. */
async function opened(lead: Device, leadId: string, n: number): Promise<Recording> {
  const jobId = uuid();
  const runId = uuid();
  const at = new Date().toISOString();
  await lead.surely('POST', '/jobs', {
    id: jobId,
    customerName: `Ingest ${n}`,
    phone: null,
    customerLanguage: 'en',
    address: `${n} Load Row`,
    town: 'Harrow Mill',
    elevationFt: 1180,
    systemName: 'Upstairs',
    leadId,
    scheduledFor: at.slice(0, 10),
    plate: DEMO_JOBS[0]!.plate,
  });
  const body = { ...OLD_CHARGE, outdoorFt3: null };
  await lead.surely('POST', `/jobs/${jobId}/circuit-entries`, {
    id: uuid(),
    kind: 'old-charge',
    body,
    supersedesId: null,
    occurredAt: at,
  });
  const run = await lead.surely('POST', `/jobs/${jobId}/instrument-runs`, {
    id: runId,
    phase: 'recover',
    source: 'replayed',
  });
  return { runId, token: String(run.token) };
}

/** Greets and counts what is answered; a refusal is a fault of this load. */
async function gauge(port: number, token: string, counted: { answered: number; refused: string }): Promise<Socket> {
  const socket = connect(port, '127.0.0.1');
  socket.setEncoding('utf8');
  let text = '';
  socket.on('data', (data) => {
    text += data;
    const lines = text.split('\n');
    text = lines.pop()!;
    for (const line of lines)
      if (line.startsWith('{"ok":true')) counted.answered += 1;
      else counted.refused ||= line;
  });
  socket.on('error', (e) => {
    counted.refused ||= e.message;
  });
  socket.write(`${JSON.stringify({ format: PORT_FORMAT, token, instrument: 'load' })}\n`);
  await new Promise<void>((done) => socket.once('data', () => done()));
  counted.answered -= 1;
  return socket;
}

/** A screen that follows a run, and how many messages it got. */
function screen(house: House, lead: Device, runId: string, seen: { messages: number }): Promise<IncomingMessage> {
  return new Promise((done, fail) => {
    httpGet(`${house.origin}/api/runs/${runId}/stream`, { headers: { cookie: lead.cookie } }, (reply) => {
      reply.on('data', (data: Buffer) => {
        seen.messages += data.toString().split('event: batch').length - 1;
      });
      done(reply);
    }).on('error', fail);
  });
}

/** So many samples a second come in from recordings, one line each, while twenty screens follow; what of them is on the disk. */
export async function ingest(
  house: House,
  db: Connection,
  lead: Device,
  perSecond: number,
  seconds: number,
): Promise<void> {
  const { person } = (await lead.surely('GET', '/me')) as { person: { id: string } };
  const recordings: Recording[] = [];
  const gauges = Math.ceil(perSecond / LINES_PER_S);
  for (let n = 0; n < gauges; n++) recordings.push(await opened(lead, person.id, n));
  const counted = { answered: 0, refused: '' };
  const seen = { messages: 0 };
  const sockets = await Promise.all(recordings.map((r) => gauge(house.instrumentPort, r.token, counted)));
  const screens = await Promise.all(recordings.slice(0, WATCHED).map((r) => screen(house, lead, r.runId, seen)));
  const before = house.serverMemoryMb();
  const began = performance.now();
  let sent = 0;
  let t = 0;
  for (let beat = 1; performance.now() - began < seconds * 1000; beat++) {
    const due = Math.floor(((performance.now() - began) / 1000) * LINES_PER_S);
    for (; t < due; t++)
      for (const [i, socket] of sockets.entries()) {
        const wave = Math.sin((t + i) / 40);
        socket.write(
          `${JSON.stringify({ t: t / LINES_PER_S, values: { scaleOz: 300 + t / 50, suctionPsig: 80 + 5 * wave, liquidPsig: 210 + 8 * wave } })}\n`,
        );
        sent += 1;
      }
    await pause(Math.max(0, began + beat * BEAT_MS - performance.now()));
  }
  const took = (performance.now() - began) / 1000;
  await pause(SETTLES_MS);
  const [rows] = await db.query<RowDataPacket[]>(
    "select coalesce(sum(json_length(samples, '$.runSeconds')), 0) as n from run_chunks where run_id in (?)",
    [recordings.map((r) => r.runId)],
  );
  for (const reply of screens) reply.destroy();
  for (const socket of sockets) socket.destroy();
  if (counted.refused) process.stderr.write(`refused: ${counted.refused}\n`);
  figure('load ingest', Number(rows[0]!.n) / took, 'samples/s');
  figure('load ingest sent', sent / took, 'samples/s');
  figure('load ingest answered', counted.answered / took, 'samples/s');
  figure('load ingest not stored', Math.max(0, counted.answered - Number(rows[0]!.n)), 'samples');
  figure('load ingest screens', seen.messages / took, 'messages/s');
  figure('load ingest memory', house.serverMemoryMb() - before, 'MB more');
}
