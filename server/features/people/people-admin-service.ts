import { createHash, randomBytes } from 'node:crypto';
import type { NewPerson, PersonRecord, PersonUpdate } from '@/contract/company';
import { refusal } from '@/core/finding/outcome';
import { may } from '@/core/job/permissions';
import { audit } from '@/server/audit';
import { now } from '@/server/clock';
import { lockCompany } from '@/server/db/lock-company';
import type { Database, Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import type { Streams } from '@/server/streams';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { mustBeUnusual } from './common-passwords';
import { peopleAdminStore } from './people-admin-store';
import { hashPassword } from './people-service';
import type { Person } from './people-store';
import { sessionStore } from './session-store';

/** An invitation is good for this long, ms. */
const INVITED_MS = 7 * 86_400_000;
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** One more person of the company, without a password: the invitation brings it. */
export async function addPerson(database: Database, by: Person, body: NewPerson): Promise<void> {
  const person = { ...body, signIn: body.signIn.toLowerCase() };
  await database.transaction(async (db) => {
    await lockCompany(db, by.companyId);
    if (!(await writesFirst(db, by, { id: body.id, what: 'person', jobId: null, body }))) return;
    mustMayName(by, undefined, person);
    await mustBeFree(db, person.signIn, person.id);
    await peopleAdminStore.add(db, by.companyId, person);
    await audit(db, by, null, 'person added', { id: person.id, role: person.role });
  });
}

export async function changePerson(database: Database, by: Person, id: string, body: PersonUpdate): Promise<void> {
  const person = { ...body, signIn: body.signIn.toLowerCase() };
  await database.transaction(async (db) => {
    await lockCompany(db, by.companyId);
    const before = await theirs(db, by, id);
    mustMayName(by, before, person);
    if (before.role === 'owner' && person.role !== 'owner') await mustNotBeTheLast(db, by, id);
    await mustBeFree(db, person.signIn, id);
    if (!(await peopleAdminStore.put(db, by.companyId, id, person))) {
      const { version: _, ...sent } = person;
      return sameOrStale(
        tell('server.someone-changed-this-person-after-you'),
        { yours: body, stored: before },
        { sent: { ...sent, certificateNumber: sent.certificateNumber || null }, kept: partsOf(before) },
      );
    }
    await audit(db, by, null, 'person changed', { id, from: partsOf(before), to: person });
  });
}

const partsOf = ({ fullName, signIn, role, certification, certificateNumber, certifiedUntil }: PersonRecord) => ({
  fullName,
  signIn,
  role,
  certification,
  certificateNumber,
  certifiedUntil,
});

/** Blocked, a person is signed out everywhere at once and cannot come back in; their name stays on what they signed. */
export async function block(
  database: Database,
  streams: Streams,
  by: Person,
  id: string,
  { version, blocked }: { version: number; blocked: boolean },
): Promise<void> {
  if (id === by.id)
    throw new Problem('not-allowed', { field: 'blocked', message: tell('server.nobody-blocks-themselves') });
  await database.transaction(async (db) => {
    await lockCompany(db, by.companyId);
    const before = await theirs(db, by, id);
    if (before.active !== blocked) return;
    mustMayName(by, before, before);
    if (before.role === 'owner' && blocked) await mustNotBeTheLast(db, by, id);
    if (!(await peopleAdminStore.setActive(db, by.companyId, id, version, !blocked)))
      throw new Problem('stale-version', {
        message: tell('server.someone-changed-this-person-after-you'),
        stored: before,
      });
    await audit(db, by, null, blocked ? 'person blocked' : 'person let in again', { id });
  });
  if (blocked) for (const session of await sessionStore.endAll(database, id)) streams.end(session);
}

/** A link that lets one person choose a password, once; whoever had one before is signed out when it is used. */
export async function invite(database: Database, by: Person, id: string): Promise<{ path: string; until: string }> {
  const token = randomBytes(24).toString('base64url');
  const until = new Date(now().getTime() + INVITED_MS);
  await database.transaction(async (db) => {
    const person = await theirs(db, by, id);
    mustMayName(by, person, person);
    if (!person.active) throw new Problem('gate-held', { field: 'id', message: tell('server.person-is-blocked') });
    await peopleAdminStore.invite(db, by.companyId, id, hashOf(token), until);
    await audit(db, by, null, 'person invited', { id });
  });
  return { path: `/invitation/${token}`, until: until.toISOString() };
}

export async function invitedAs(db: Db, token: string) {
  const invited = await peopleAdminStore.invited(db, hashOf(token), now());
  if (!invited) throw new Problem('not-found', { message: tell('server.invitation-is-used-or-over') });
  return invited;
}

/** Takes an invitation: the password is set, the link is used up, whatever was open under the old one is closed. */
export async function accept(database: Database, streams: Streams, token: string, password: string): Promise<string> {
  await mustBeUnusual(password);
  const passwordHash = await hashPassword(password);
  const id = await database.transaction(async (db) => {
    const invited = await invitedAs(db, token);
    await peopleAdminStore.setPassword(db, invited.id, passwordHash);
    return invited.id;
  });
  for (const session of await sessionStore.endAll(database, id)) streams.end(session);
  return id;
}

async function theirs(db: Db, by: Person, id: string): Promise<PersonRecord> {
  const person = await peopleAdminStore.one(db, by.companyId, id);
  if (!person) throw new Problem('not-found', { message: tell('server.no-such-person-in-your-company') });
  return person;
}

/** Only an owner makes an owner, or touches one. */
function mustMayName(
  by: Person,
  before: Pick<PersonRecord, 'role'> | undefined,
  after: Pick<PersonRecord, 'role'>,
): void {
  if ((before?.role === 'owner' || after.role === 'owner') && !may(by.role, 'name-owner'))
    throw new Problem('not-allowed', { field: 'role', message: tell('server.only-an-owner-names-an-owner') });
}

async function mustNotBeTheLast(db: Db, by: Person, id: string): Promise<void> {
  const owners = (await peopleAdminStore.all(db, by.companyId)).filter((p) => p.role === 'owner' && p.active);
  if (owners.every((o) => o.id === id))
    throw new Problem(
      'gate-held',
      refusal('role', tell('server.a-company-keeps-an-owner'), tell('server.another-owner-first')),
    );
}

async function mustBeFree(db: Db, signIn: string, but: string): Promise<void> {
  if (await peopleAdminStore.signInTaken(db, signIn, but))
    throw badInput('signIn', tell('server.sign-in-name-is-taken'), tell('server.name-of-its-own'));
}
