import { existsSync } from 'node:fs';
import { v7 as uuid } from 'uuid';
import { uniform } from '../../core/numeric/random';
import { figure, quantileOf } from '../figure';
import { House } from './house';
import { tally } from './tally';
import { Device, foundOn, writeUntil } from './writer';

/**
 * npm run soak -- [--kills N] [--seed S] [--quick]: the built server and a durable MariaDB, killed with -9 at random while
 * writers write; afterwards every acknowledged write is looked for. One JSON line a figure; ends with 1 where any was lost
 * or doubled.
 */
const argument = (name: string): string | undefined => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? undefined : process.argv[at + 1];
};
const quick = process.argv.includes('--quick');
const kills = Number(argument('kills') ?? (quick ? 6 : 200));
const state = { seed: Number(argument('seed') ?? 1) };
const WRITERS = 6;
/** Between serving again and the next kill, ms. */
const CALM_MS = { least: 150, most: 2500 };
const PASSWORD = 'soaked to the skin at the weir';

if (!existsSync('dist/server/main.js')) {
  process.stderr.write('Build it first: npm run build\n');
  process.exit(2);
}
const house = new House();
await house.open();
const owner = new Device(house.origin);
await owner.surely('POST', '/setup', {
  code: house.code,
  name: 'Weir and Daughter',
  timeZone: 'America/Chicago',
  currency: 'USD',
  ownerName: 'Maud Weir',
  signIn: 'maud',
  password: PASSWORD,
  language: 'en',
});
const { people } = (await owner.surely('GET', '/people')) as { people: { id: string }[] };
const jobs = await Promise.all(
  Array.from({ length: WRITERS }, async (_, i) => {
    const id = uuid();
    await owner.surely('POST', '/jobs', {
      id,
      customerName: `Customer ${i}`,
      phone: null,
      address: `${i} Test Row`,
      town: 'Harrow Mill',
      elevationFt: 1180,
      systemName: 'Upstairs',
      leadId: people[0]!.id,
      scheduledFor: '2026-06-01',
      plate: null,
    });
    return id;
  }),
);

let over = false;
let waiting: (() => void) | undefined;
const acknowledged = (): void => waiting?.();
const writers = jobs.map((jobId, i) => writeUntil(owner, jobId, `writer ${i}`, () => over, acknowledged));

const back: number[] = [];
for (let k = 0; k < kills; k++) {
  await new Promise((done) => setTimeout(done, CALM_MS.least + uniform(state) * (CALM_MS.most - CALM_MS.least)));
  const what = (['server', 'database', 'both'] as const)[Math.floor(uniform(state) * 3)]!;
  const at = performance.now();
  await house.kill(what);
  // Serving again: a writer is told that its words are on the disk.
  await new Promise<void>((done) => {
    waiting = done;
  });
  waiting = undefined;
  back.push(performance.now() - at);
  if ((k + 1) % 25 === 0) process.stderr.write(`${k + 1} of ${kills} kills\n`);
}
over = true;
const sent = (await Promise.all(writers)).flat();
const found = (await Promise.all(jobs.map((id) => owner.surely('GET', `/jobs/${id}`)))).flatMap((sheet) =>
  foundOn(sheet as unknown as Parameters<typeof foundOn>[0]),
);
const t = tally(sent, found);
for (const l of t.lost) process.stderr.write(`lost: ${l.id} ${l.words}\n`);
for (const d of t.doubled) process.stderr.write(`doubled: ${d.id} ${d.words}\n`);
figure('soak kills', kills, 'kills');
figure('soak acknowledged', t.acknowledged, 'writes');
figure('soak lost', t.lost.length, 'writes');
figure('soak doubled', t.doubled.length, 'writes');
figure('soak serves again, median', quantileOf(back, 0.5), 'ms');
figure('soak serves again, slowest', Math.max(...back), 'ms');
await house.close();
process.exit(t.lost.length + t.doubled.length ? 1 : 0);
