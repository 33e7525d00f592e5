import { migrate, migrations } from '@/server/db/migrate';
import { openDatabase } from '@/server/db/pool';
import { loadDemo } from './load-demo';

/** Puts the demo company into an empty schema; run beside the server, before it. Says on its last line whether it did. */
const uri = process.env.MB_DATABASE_URL || process.env.DATABASE_URL;
if (!uri) {
  process.stderr.write('No database: set DATABASE_URL or use npm start.\n');
  process.exit(69);
}
const database = openDatabase(uri);
const say = (line: string): void => void process.stdout.write(`${line}\n`);
try {
  const applied = await migrate(database, migrations());
  if (applied.length) say(`Database: applied ${applied.join(', ')}`);
  const loaded = await loadDemo({ database }, say);
  await database.close();
  // The launcher tells the server, so that a run that was just played goes on without a gap.
  process.exit(loaded ? 10 : 0);
} catch (error) {
  const e = error as { code?: string; message: string };
  const why =
    e.code === 'ECONNREFUSED'
      ? 'nothing answers there'
      : e.code === 'ER_ACCESS_DENIED_ERROR'
        ? 'it refuses the user or password'
        : e.message;
  process.stderr.write(`The database at ${uri.replace(/:[^:@/]*@/, ':…@')} cannot be used: ${why}.\n`);
  process.exit(69);
}
