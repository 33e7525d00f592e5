import type { Instrument, RegisterBody } from '@/core/instrument/register';
import { audit } from '@/server/audit';
import { lockCompany } from '@/server/db/lock-company';
import type { Database, Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { registerStore } from './register-store';

/** Adds an instrument to the register or changes it; who has it in hand is said by itself. */
export function putInstrument(database: Database, person: Person, body: RegisterBody): Promise<void> {
  return database.transaction(async (db) => {
    await lockCompany(db, person.companyId);
    const owner = await registerStore.ownerOf(db, body.id);
    if (owner && owner !== person.companyId) throw new Problem('not-found');
    const before = await registerStore.byId(db, person.companyId, body.id);
    // Whose hands it is in is another matter than what it is.
    const next = { ...body, keptBy: before?.keptBy ?? null };
    if (!before) await registerStore.insert(db, person.companyId, next);
    else if (sameBut(before, next)) return;
    else {
      mustBeCurrent(before, body.version);
      await registerStore.update(db, person.companyId, next);
    }
    await audit(db, person, null, before ? 'instrument changed' : 'instrument added', { id: body.id, name: body.name });
  });
}

/** Takes an instrument in hand, or lays it down. */
export function takeInstrument(
  database: Database,
  person: Person,
  id: string,
  { version, mine }: { version: number; mine: boolean },
): Promise<void> {
  return database.transaction(async (db: Db) => {
    const before = await registerStore.byId(db, person.companyId, id);
    if (!before) throw new Problem('not-found', { message: tell('server.no-such-instrument') });
    const keptBy = mine ? person.id : null;
    if (before.keptBy === keptBy) return;
    mustBeCurrent(before, version);
    await registerStore.update(db, person.companyId, { ...before, keptBy });
    await audit(db, person, null, mine ? 'instrument taken' : 'instrument laid down', { id, name: before.name });
  });
}

function mustBeCurrent(before: Instrument, version: number): void {
  if (before.version !== version)
    throw new Problem('stale-version', { message: tell('server.someone-changed-this-instrument'), stored: before });
}

function sameBut(before: Instrument, next: RegisterBody): boolean {
  const of = ({ version: _, ...rest }: RegisterBody): string =>
    JSON.stringify(Object.entries(rest).sort(([a], [b]) => a.localeCompare(b)));
  return of(before) === of(next);
}
