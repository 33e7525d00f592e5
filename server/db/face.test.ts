import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { startServer } from '@/server/testing/harness';

const server = await startServer();
await server.database.run('create table notes (id int primary key, says varchar(40) not null)');
afterAll(() => server.stop());
beforeEach(() => server.database.run('delete from notes'));

const ADD = 'insert into notes (id, says) values (:id, :says)';
const all = () => server.database.rows<{ id: number; says: string }>('select id, says from notes order by id');

describe('a statement whose answer nobody waits for', () => {
  it('is done before what is asked next, in the order in which it was said, and that gets its own answer', async () => {
    const seen = await server.database.transaction(async (db) => {
      await db.later(ADD, { id: 1, says: "it's one; two" });
      await db.later('update notes set says = concat(says, :more) where id = :id', { id: 1, more: '!' });
      const rows = await db.rows<{ says: string }>('select says from notes where id = :id', { id: 1 });
      await db.later(ADD, { id: 2, says: 'two' });
      const done = await db.run('update notes set says = :says', { says: 'same' });
      return { rows, changed: done.affectedRows };
    });
    expect(seen).toEqual({ rows: [{ says: "it's one; two!" }], changed: 2 });
    expect((await all()).map((r) => r.says)).toEqual(['same', 'same']);
  });
  it('is done at the commit where nothing else is asked, and before what is read together', async () => {
    await server.database.transaction((db) => db.later(ADD, { id: 1, says: 'alone' }));
    expect(await all()).toEqual([{ id: 1, says: 'alone' }]);
    const counts = await server.database.transaction(async (db) => {
      await db.later(ADD, { id: 2, says: 'b' });
      return db.together((one) =>
        Promise.all([one.rows('select id from notes'), one.rows('select id from notes where id = 2')]),
      );
    });
    expect(counts.map((c) => c.length)).toEqual([2, 1]);
  });
  it('that is wrong is told where it goes out, and nothing of its transaction stays', async () => {
    const wrong = server.database.transaction(async (db) => {
      await db.later(ADD, { id: 1, says: 'first' });
      await db.later(ADD, { id: 1, says: 'again' });
      return db.rows('select 1');
    });
    await expect(wrong).rejects.toMatchObject({ code: 'ER_DUP_ENTRY' });
    await expect(
      server.database.transaction(async (db) => {
        await db.later(ADD, { id: 1, says: 'first' });
        throw new Error('thought better of it');
      }),
    ).rejects.toThrow('thought better');
    expect(await all()).toEqual([]);
  });
  it('is done at once where there is no transaction', async () => {
    await server.database.later(ADD, { id: 7, says: 'now' });
    expect(await all()).toEqual([{ id: 7, says: 'now' }]);
  });
});
