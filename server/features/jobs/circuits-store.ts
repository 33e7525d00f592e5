import type { Db } from '@/server/db/pool';
import { placesStore } from '@/server/features/customers/places-store';

/** What is written down for a circuit of a job, table by table. */
const RECORDS = [
  'circuit_entries where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId',
  'measurements where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId',
  'runs where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId',
  'acceptances where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId',
  'sign_offs where company_id = :companyId and job_id = :jobId and owner_id = :circuitId',
  'overrides where company_id = :companyId and job_id = :jobId and owner_id = :circuitId',
  'phase_records where company_id = :companyId and job_id = :jobId and owner_id = :circuitId',
];

/** What is written down for a system of a job. */
const SYSTEM_RECORDS = [
  ...[
    'observations',
    'photos',
    'before_waivers',
    'scope_decisions',
    'scope_lines',
    'customer_signatures',
    'fit_sheets',
  ].map((table) => `${table} where company_id = :companyId and job_id = :jobId and system_id = :systemId`),
  ...['sign_offs', 'overrides', 'phase_records'].map(
    (table) => `${table} where company_id = :companyId and job_id = :jobId and owner_id = :systemId`,
  ),
];

export const circuitsStore = {
  async add(
    db: Db,
    values: {
      id: string;
      companyId: string;
      jobId: string;
      siteId: string;
      systemId: string;
      /** The name of a system that is not there yet. */
      newSystem: string | null;
      equipmentId: string;
      name: string;
    },
  ): Promise<void> {
    if (values.newSystem !== null) await placesStore.addSystem(db, { ...values, systemName: values.newSystem });
    await db.run(
      "insert into equipment (id, company_id, system_id, kind) values (:equipmentId, :companyId, :systemId, 'outdoor')",
      values,
    );
    await db.run(
      'insert into circuits (id, company_id, system_id, equipment_id, name) values (:id, :companyId, :systemId, :equipmentId, :name)',
      values,
    );
    await db.run(
      `insert into job_circuits (job_id, circuit_id, company_id, ord)
       select :jobId, :id, :companyId, max(ord) + 1 from job_circuits where job_id = :jobId`,
      values,
    );
  },

  /** Whether anything is written down for a circuit; for its system too, where no other circuit of the job is on it. */
  async isWritten(
    db: Db,
    key: { companyId: string; jobId: string; circuitId: string; systemId: string; last: boolean },
  ): Promise<boolean> {
    for (const record of [...RECORDS, ...(key.last ? SYSTEM_RECORDS : [])]) {
      const found = await db.rows(`select 1 from ${record} limit 1`, key);
      if (found.length > 0) return true;
    }
    return false;
  },

  async remove(db: Db, companyId: string, jobId: string, circuitId: string): Promise<void> {
    await db.run(
      'delete from job_circuits where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId',
      { companyId, jobId, circuitId },
    );
  },
};
