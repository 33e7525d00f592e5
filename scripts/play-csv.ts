import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import Papa from 'papaparse';

/**
 * Plays a recorded CSV into the instrument port: a first column "t" in seconds, then one column a channel.
 *   npx tsx scripts/play-csv.ts recording.csv <port> <token> [speed]
 * The run must have been opened as "replayed"; speed 0 sends as fast as it is taken.
 */
// Written out, not imported: this program knows the port by its format alone, as an instrument would.
const PORT_FORMAT = 'mill-bridge-instrument/1';
const [file, port, token, speedText] = process.argv.slice(2);
const speed = speedText === undefined ? 1 : Number(speedText);
if (!file || !port || !token || !(speed >= 0)) {
  process.stderr.write('Usage: tsx scripts/play-csv.ts <file.csv> <port> <token> [speed, 0 for at once]\n');
  process.exit(2);
}
const { data, errors } = Papa.parse<Record<string, string>>(readFileSync(file, 'utf8').replace(/^\ufeff/, ''), {
  header: true,
  skipEmptyLines: true,
});
if (errors[0] || !data[0] || !('t' in data[0])) {
  process.stderr.write(`${file}: ${errors[0]?.message ?? 'a first column "t" in seconds is needed'}\n`);
  process.exit(2);
}
const rows = data.map((row) => ({
  t: Number(row.t),
  values: Object.fromEntries(
    Object.entries(row)
      .filter(([name]) => name !== 't')
      .map(([name, text]) => [name, text.trim() === '' ? null : Number(text)]),
  ),
}));

const socket = connect(Number(port), '127.0.0.1');
socket.setEncoding('utf8');
const send = (line: object): void => void socket.write(`${JSON.stringify(line)}\n`);
let next = -1;
/** Under the port's limit of lines a second. */
const LEAST_WAIT_MS = 25;
socket.on('connect', () => send({ format: PORT_FORMAT, token, instrument: 'csv player' }));
socket.on('data', (text: string) => {
  for (const line of text.split('\n').filter(Boolean)) {
    const answer = JSON.parse(line) as { ok: boolean; message?: string; allowed?: string };
    if (!answer.ok) {
      process.stderr.write(`Refused: ${answer.message} Allowed: ${answer.allowed}\n`);
      process.exit(1);
    }
    next += 1;
    const row = rows[next];
    if (!row) {
      process.stdout.write(`Played ${rows.length} rows.\n`);
      socket.end();
      return;
    }
    const gap = speed > 0 ? ((row.t - (rows[next - 1]?.t ?? row.t)) * 1000) / speed : 0;
    setTimeout(() => send(row), Math.max(LEAST_WAIT_MS, gap));
  }
});
socket.on('error', (error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
