import type { NewPerson, PersonRecord, PersonUpdate } from '@/contract/company';
import type { Db } from '@/server/db/pool';
import { forgetWho } from '@/server/who-memory';

type Row = Omit<PersonRecord, 'active' | 'joined' | 'inviteUntil'> & {
  active: number;
  joined: number;
  inviteUntil: Date | null;
};
const SELECT = `select id, full_name as fullName, sign_in as signIn, role, certification, certificate_number as certificateNumber,
  certified_until as certifiedUntil, active, password_hash is not null as joined, invite_until as inviteUntil, version from people`;
const record = (r: Row): PersonRecord => ({
  ...r,
  active: r.active === 1,
  joined: r.joined === 1,
  inviteUntil: r.inviteUntil?.toISOString() ?? null,
});

export const peopleAdminStore = {
  async all(db: Db, companyId: string): Promise<PersonRecord[]> {
    const rows = await db.rows<Row>(`${SELECT} where company_id = :companyId order by active desc, full_name`, {
      companyId,
    });
    return rows.map(record);
  },

  async one(db: Db, companyId: string, id: string): Promise<PersonRecord | undefined> {
    const row = await db.one<Row>(`${SELECT} where company_id = :companyId and id = :id for update`, {
      companyId,
      id,
    });
    return row && record(row);
  },

  async signInTaken(db: Db, signIn: string, but: string): Promise<boolean> {
    const rows = await db.rows('select 1 from people where sign_in = :signIn and id <> :but', { signIn, but });
    return rows.length > 0;
  },

  async add(db: Db, companyId: string, person: NewPerson & { passwordHash?: string }): Promise<void> {
    await db.run(
      `insert into people (id, company_id, full_name, sign_in, password_hash, role, certification, certificate_number, certified_until)
       values (:id, :companyId, :fullName, :signIn, :passwordHash, :role, :certification, :certificateNumber, :certifiedUntil)`,
      {
        ...person,
        companyId,
        certificateNumber: person.certificateNumber || null,
        passwordHash: person.passwordHash ?? null,
      },
    );
  },

  /** False when the version is stale. */
  async put(db: Db, companyId: string, id: string, person: PersonUpdate): Promise<boolean> {
    const done = await db.changed(
      `update people set full_name = :fullName, sign_in = :signIn, role = :role, certification = :certification,
       certificate_number = :certificateNumber, certified_until = :certifiedUntil, version = version + 1
       where company_id = :companyId and id = :id and version = :version`,
      { ...person, certificateNumber: person.certificateNumber || null, companyId, id },
    );
    forgetWho(db);
    return done;
  },

  /** False when the version is stale. */
  async setActive(db: Db, companyId: string, id: string, version: number, active: boolean): Promise<boolean> {
    const done = await db.changed(
      'update people set active = :active, version = version + 1 where company_id = :companyId and id = :id and version = :version',
      { companyId, id, version, active },
    );
    forgetWho(db);
    return done;
  },

  async invite(db: Db, companyId: string, id: string, hash: string, until: Date): Promise<void> {
    await db.run(
      'update people set invite_hash = :hash, invite_until = :until where company_id = :companyId and id = :id',
      { companyId, id, hash, until },
    );
  },

  invited: (
    db: Db,
    hash: string,
    now: Date,
  ): Promise<{ id: string; fullName: string; company: string; signIn: string } | undefined> =>
    db.one<{ id: string; fullName: string; company: string; signIn: string }>(
      `select p.id, p.full_name as fullName, p.sign_in as signIn, c.name as company from people p join companies c on c.id = p.company_id
       where p.invite_hash = :hash and p.invite_until > :now and p.active`,
      { hash, now },
    ),

  async setPassword(db: Db, id: string, passwordHash: string): Promise<void> {
    await db.run(
      'update people set password_hash = :passwordHash, invite_hash = null, invite_until = null, version = version + 1 where id = :id',
      { id, passwordHash },
    );
  },
};
