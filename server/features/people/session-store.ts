import { createHash } from 'node:crypto';
import type { Db } from '@/server/db/pool';
import { forgetWho } from '@/server/who-memory';

/** A signed-in device of one person; `id` stands for the session, which itself never leaves the server. */
export type Device = { id: string; here: boolean; since: string; address: string; agent: string };

type Row = { sessionId: string; data: string };
type Stored = { personId?: string; since?: string; address?: string; agent?: string };

const idOf = (sessionId: string): string => createHash('sha256').update(sessionId).digest('hex').slice(0, 32);

async function rowsOf(db: Db, personId: string): Promise<Row[]> {
  return db.rows<Row>(
    `select session_id as sessionId, data from sessions where expires > unix_timestamp() and json_valid(data)
     and json_value(data, '$.personId') = :personId`,
    { personId },
  );
}

export const sessionStore = {
  /** Whether a session is still there, whichever server ended it. */
  async stands(db: Db, sessionId: string): Promise<boolean> {
    const rows = await db.rows('select 1 from sessions where session_id = :sessionId', { sessionId });
    return rows.length > 0;
  },

  async devices(db: Db, personId: string, current: string): Promise<Device[]> {
    return (await rowsOf(db, personId)).map((r) => {
      const { since = '', address = '', agent = '' } = JSON.parse(r.data) as Stored;
      return { id: idOf(r.sessionId), here: r.sessionId === current, since, address, agent };
    });
  },

  /** Ends every session of this person; gives their ids. */
  async endAll(db: Db, personId: string): Promise<string[]> {
    const open = (await rowsOf(db, personId)).map((r) => r.sessionId);
    if (open.length) await db.run('delete from sessions where session_id in (:open)', { open });
    forgetWho(db);
    return open;
  },

  /** Ends one session of this person; gives its id when there was one. */
  async revoke(db: Db, personId: string, id: string): Promise<string | undefined> {
    const found = (await rowsOf(db, personId)).find((r) => idOf(r.sessionId) === id);
    if (found) await db.run('delete from sessions where session_id = :sessionId', { sessionId: found.sessionId });
    forgetWho(db);
    return found?.sessionId;
  },
};
