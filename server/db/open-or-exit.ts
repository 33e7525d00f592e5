import { fail } from '../fail';
import { migrate, migrations } from './migrate';
import { type Database, openDatabase } from './pool';

const NAMED: Record<string, string> = {
  ECONNREFUSED: 'nothing answers there',
  ER_ACCESS_DENIED_ERROR: 'it refuses the user or password',
};

/** The database that the environment names, brought up to date; what hinders it is said in one line, and the process ends. */
export async function openOrExit(env: NodeJS.ProcessEnv, say: (line: string) => void): Promise<Database> {
  const uri = env.MB_DATABASE_URL || env.DATABASE_URL;
  if (!uri) return fail('No database: set DATABASE_URL or use npm start.');
  const database = openDatabase(uri);
  try {
    const applied = await migrate(database, migrations());
    if (applied.length) say(`Database: applied ${applied.join(', ')}`);
  } catch (error) {
    const { code = '', message } = error as { code?: string; message: string };
    return fail(`The database at ${uri.replace(/:[^:@/]*@/, ':…@')} cannot be used: ${NAMED[code] ?? message}.`);
  }
  return database;
}
