import { createHash } from 'node:crypto';
import type { Database } from './pool';

/** Migrations are bundled as text, so the built server carries them. */
const FILES = import.meta.glob('./migrations/*.sql', { query: '?raw', import: 'default', eager: true }) as Record<
  string,
  string
>;

/** Files that were put right after they had landed, by what they were: where the earlier one went through, it did the same. */
const PUT_RIGHT: Readonly<Record<string, readonly string[]>> = {
  // It failed where there were jobs: their summaries were words and not yet JSON.
  '0017-words.sql': ['145fc73b733b01ebcc91809c709576d309b82c754c6dc53fb8eefeffb825f3ba'],
};

export type Migration = { name: string; sql: string; checksum: string };

export function migrations(files: Record<string, string> = FILES): Migration[] {
  return Object.entries(files)
    .map(([path, sql]) => ({
      name: path.split('/').pop()!,
      sql,
      checksum: createHash('sha256').update(sql).digest('hex'),
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

const statements = (sql: string): string[] =>
  sql
    .split(/;\s*$/m)
    .map((s) => s.trim())
    .filter(Boolean);

/**
 * Applies numbered migrations forward under a lock. Refuses a changed file and a schema newer than this program.
 * MariaDB commits at each DDL statement, so a file that fails half way is named for a person to mend.
 */
export async function migrate(database: Database, list: Migration[]): Promise<string[]> {
  const applied: string[] = [];
  const connection = await database.pool.getConnection();
  try {
    await connection.query("select get_lock('mill-bridge-migrate', 60)");
    await connection.query(
      'create table if not exists migrations (name varchar(120) primary key, checksum char(64) not null, applied_at datetime(3) not null default current_timestamp(3))',
    );
    const [rows] = await connection.query('select name, checksum from migrations');
    const done = new Map((rows as { name: string; checksum: string }[]).map((r) => [r.name, r.checksum]));
    for (const name of done.keys()) {
      if (!list.some((m) => m.name === name)) {
        throw new Error(
          `The database was made by a newer version (it holds ${name}). Install that version or use another schema.`,
        );
      }
    }
    for (const migration of list) {
      const seen = done.get(migration.name);
      if (seen !== undefined) {
        if (seen !== migration.checksum && !PUT_RIGHT[migration.name]?.includes(seen))
          throw new Error(`Migration ${migration.name} was changed after it was applied.`);
        continue;
      }
      for (const statement of statements(migration.sql)) await connection.query(statement);
      await connection.query('insert into migrations (name, checksum) values (?, ?)', [
        migration.name,
        migration.checksum,
      ]);
      applied.push(migration.name);
    }
  } finally {
    await connection.query("select release_lock('mill-bridge-migrate')").catch(() => undefined);
    connection.release();
  }
  return applied;
}
