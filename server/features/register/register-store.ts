import type { Instrument, RegisterBody } from '@/core/instrument/register';
import type { Db } from '@/server/db/pool';

type Raw = Omit<Instrument, 'retired'> & { retired: number };

const SELECT = `select id, name, kind, serial, kept_by as keptBy, calibrated_to as calibratedTo, zeroed_on as zeroedOn, retired,
  version from register_instruments`;

const instrumentOf = (row: Raw): Instrument => ({ ...row, retired: row.retired === 1 });
const VALUES = ({ id, name, kind, serial, keptBy, calibratedTo, zeroedOn, retired }: RegisterBody) => ({
  id,
  name,
  kind,
  serial,
  keptBy,
  calibratedTo,
  zeroedOn,
  retired: retired ? 1 : 0,
});

export const registerStore = {
  async list(db: Db, companyId: string): Promise<Instrument[]> {
    const rows = await db.rows<Raw>(`${SELECT} where company_id = :companyId order by retired, kind, name`, {
      companyId,
    });
    return rows.map(instrumentOf);
  },

  /** What a person has in hand. */
  async keptBy(db: Db, companyId: string, personId: string): Promise<Instrument[]> {
    const where = 'where company_id = :companyId and kept_by = :personId and retired = 0';
    return (await db.rows<Raw>(`${SELECT} ${where}`, { companyId, personId })).map(instrumentOf);
  },

  async byId(db: Db, companyId: string, id: string): Promise<Instrument | undefined> {
    const row = await db.one<Raw>(`${SELECT} where company_id = :companyId and id = :id for update`, {
      companyId,
      id,
    });
    return row && instrumentOf(row);
  },

  async ownerOf(db: Db, id: string): Promise<string | undefined> {
    const row = await db.one<{ companyId: string }>(
      'select company_id as companyId from register_instruments where id = :id',
      { id },
    );
    return row?.companyId;
  },

  async insert(db: Db, companyId: string, body: RegisterBody): Promise<void> {
    await db.run(
      `insert into register_instruments (id, company_id, name, kind, serial, kept_by, calibrated_to, zeroed_on, retired)
       values (:id, :companyId, :name, :kind, :serial, :keptBy, :calibratedTo, :zeroedOn, :retired)`,
      { companyId, ...VALUES(body) },
    );
  },

  async update(db: Db, companyId: string, body: RegisterBody): Promise<void> {
    await db.run(
      `update register_instruments set name = :name, kind = :kind, serial = :serial, kept_by = :keptBy,
         calibrated_to = :calibratedTo, zeroed_on = :zeroedOn, retired = :retired, version = version + 1
       where id = :id and company_id = :companyId`,
      { companyId, ...VALUES(body) },
    );
  },
};
