import { randomInt, timingSafeEqual } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { Setup } from '@/contract/company';
import { audit } from '@/server/audit';
import type { Database } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { mustBeUnusual } from '@/server/features/people/common-passwords';
import { peopleAdminStore } from '@/server/features/people/people-admin-store';
import { hashPassword } from '@/server/features/people/people-service';
import { type Person, peopleStore } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';

/** Letters and digits that nobody mistakes for one another. */
const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const CODE_SIGNS = 10;

/** A code that only whoever sees the terminal can read. */
export const setupCode = (): string =>
  Array.from(
    { length: CODE_SIGNS },
    (_, i) => `${i === CODE_SIGNS / 2 ? '-' : ''}${SIGNS[randomInt(SIGNS.length)]}`,
  ).join('');

export async function isEmpty(database: Database): Promise<boolean> {
  return (await database.rows('select 1 from companies limit 1')).length === 0;
}

const plain = (code: string): Buffer =>
  Buffer.from(
    code
      .toUpperCase()
      .replace(/[^A-Z0-9]/g, '')
      .padEnd(40)
      .slice(0, 40),
  );

/** The first company of an empty installation and its owner; the code is asked for, and good once. */
export async function setUp(database: Database, code: string | undefined, body: Setup): Promise<Person> {
  if (code === undefined || !(await isEmpty(database)))
    throw new Problem('not-found', { message: tell('server.there-is-a-company-already') });
  if (!timingSafeEqual(plain(body.code), plain(code)))
    throw badInput('code', tell('server.that-is-not-the-code'), tell('server.code-of-the-terminal'));
  await mustBeUnusual(body.password);
  const passwordHash = await hashPassword(body.password);
  const companyId = uuid();
  const id = uuid();
  await database.transaction(async (db) => {
    // Two who read the same terminal make one company: the second waits for this row until the first is stored.
    await db.rows('select name from migrations order by name limit 1 for update');
    if ((await db.rows('select 1 from companies limit 1')).length > 0)
      throw new Problem('not-found', { message: tell('server.there-is-a-company-already') });
    await db.run(
      'insert into companies (id, name, settings, time_zone, customer_language) values (:companyId, :name, :settings, :timeZone, :language)',
      {
        companyId,
        name: body.name,
        timeZone: body.timeZone,
        language: body.language,
        settings: JSON.stringify({ currency: body.currency }),
      },
    );
    await peopleAdminStore.add(db, companyId, {
      id,
      fullName: body.ownerName,
      signIn: body.signIn.toLowerCase(),
      role: 'owner',
      certification: 'none',
      certificateNumber: '',
      certifiedUntil: null,
      passwordHash,
    });
    await peopleStore.setLanguage(db, id, body.language);
    await audit(db, (await peopleStore.byId(db, id))!, null, 'company begun', { name: body.name });
  });
  return (await peopleStore.byId(database, id))!;
}
