import { openOrExit } from '@/server/db/open-or-exit';
import { loadDemo } from './load-demo';

/** Puts the demo company into an empty schema; run beside the server, before it. Its exit code says whether it did. */
const say = (line: string): void => void process.stdout.write(`${line}\n`);
const database = await openOrExit(process.env, say);
const loaded = await loadDemo({ database }, say, { few: process.env.MB_DEMO === 'few' });
await database.close();
// The launcher tells the server, so that a run that was just played goes on without a gap.
process.exit(loaded ? 10 : 0);
