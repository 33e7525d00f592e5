import { randomBytes } from 'node:crypto';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import { migrate, migrations } from '@/server/db/migrate';
import { openDatabase } from '@/server/db/pool';

const named = (rows: unknown): Record<string, string>[] => rows as Record<string, string>[];

/**
 * The schema as all migrations leave it, as statements: each test file has a schema of its own, and going through every
 * migration for each of them took longer than the tests. The migrations themselves are tested on their own.
 * `base` is the address of the server without a schema.
 */
export async function schemaImage(base: string): Promise<string> {
  const name = `mb_test_${randomBytes(6).toString('hex')}`;
  const connection = await mysql.createConnection({ uri: base });
  await connection.query(`create database \`${name}\` character set utf8mb4 collate utf8mb4_unicode_ci`);
  const database = openDatabase(base + name);
  await migrate(database, migrations());
  await database.close();
  await connection.query(`use \`${name}\``);
  const rowsOf = async (sql: string): Promise<Record<string, string>[]> =>
    named((await connection.query<RowDataPacket[]>(sql))[0]);
  const out = ['set foreign_key_checks = 0'];
  const tables = (await rowsOf('show tables')).map((row) => Object.values(row)[0]!);
  for (const table of tables) out.push((await rowsOf(`show create table \`${table}\``))[0]!['Create Table']!);
  for (const { Trigger } of await rowsOf('show triggers')) {
    const made = (await rowsOf(`show create trigger \`${Trigger}\``))[0]!['SQL Original Statement']!;
    out.push(made.replace(/^CREATE DEFINER=\S+ TRIGGER/i, 'create trigger'));
  }
  for (const row of await rowsOf('select name, checksum from migrations order by name'))
    out.push(mysql.format('insert into migrations (name, checksum) values (?, ?)', [row.name!, row.checksum!]));
  await connection.query(`drop database \`${name}\``);
  await connection.end();
  return [...out, 'set foreign_key_checks = 1'].join(';\n');
}
