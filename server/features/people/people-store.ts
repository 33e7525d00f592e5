import type { Certification } from '@/core/job/gates';
import type { Role } from '@/core/job/permissions';
import { hasRunOut } from '@/core/job/person-form';
import { dayAt } from '@/core/words/calendar';
import type { Language } from '@/core/words/render';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import { forgetWho } from '@/server/who-memory';

export type Person = {
  id: string;
  companyId: string;
  companyName: string;
  /** The clock of the company: days and times that belong to no site are told by it. */
  timeZone: string;
  demo: boolean;
  fullName: string;
  signIn: string;
  role: Role;
  certification: Certification;
  certificateNumber: string | null;
  language: Language;
};
type Row = Omit<Person, 'demo'> & { demo: number; passwordHash: string | null; certifiedUntil: string | null };

const SELECT = `select p.id, p.company_id as companyId, c.name as companyName, c.time_zone as timeZone, c.demo, p.full_name as fullName, p.sign_in as signIn,
  p.role, p.certification, p.certificate_number as certificateNumber, p.certified_until as certifiedUntil, p.language, p.password_hash as passwordHash
  from people p join companies c on c.id = p.company_id`;

/** A certification that has run out is none, by the clock of the company. */
const person = ({ passwordHash: _, certifiedUntil, ...row }: Row): Person => ({
  ...row,
  demo: row.demo === 1,
  ...(hasRunOut(certifiedUntil, dayAt(now(), row.timeZone)) ? { certification: 'none' as const } : {}),
});

export const peopleStore = {
  async bySignIn(db: Db, signIn: string): Promise<{ person: Person; passwordHash: string | null } | undefined> {
    const row = await db.one<Row>(`${SELECT} where p.sign_in = :signIn and p.active`, { signIn });
    return row && { person: person(row), passwordHash: row.passwordHash };
  },
  async byId(db: Db, id: string): Promise<Person | undefined> {
    const row = await db.one<Row>(`${SELECT} where p.id = :id and p.active`, { id });
    return row && person(row);
  },
  async ofCompany(db: Db, companyId: string): Promise<Person[]> {
    const rows = await db.rows<Row>(`${SELECT} where p.company_id = :companyId and p.active order by p.full_name`, {
      companyId,
    });
    return rows.map(person);
  },
  async setLanguage(db: Db, id: string, language: Language): Promise<void> {
    await db.run('update people set language = :language where id = :id', { id, language });
    forgetWho(db);
  },
  async demoPeople(db: Db): Promise<Person[]> {
    const rows = await db.rows<Row>(
      `${SELECT} where c.demo and p.active order by field(p.role, 'lead', 'helper', 'office', 'owner'), p.full_name`,
    );
    return rows.map(person);
  },
};
