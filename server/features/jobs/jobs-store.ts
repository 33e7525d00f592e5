import { v7 as uuid } from 'uuid';
import type { NewJob } from '@/contract/requests';
import type { Plate } from '@/core/equipment/plate';
import type { Language } from '@/core/words/render';
import { lockCompany } from '@/server/db/lock-company';
import type { Db } from '@/server/db/pool';
import { placesStore } from '@/server/features/customers/places-store';

/** What is there already has its id; null: it is made. */
export type NewJobIds = {
  customerId: string | null;
  siteId: string | null;
  systemId: string | null;
  equipmentId: string;
  circuitId: string;
};

export const jobsStore = {
  /** When a job came out of a file, and who brought it; undefined where it was begun here. */
  brought: (db: Db, companyId: string, jobId: string): Promise<{ at: Date; by: string } | undefined> =>
    db.one<{ at: Date; by: string }>(
      `select j.brought_at as at, p.full_name as \`by\` from jobs j join people p on p.id = j.brought_by
       where j.company_id = :companyId and j.id = :jobId`,
      { companyId, jobId },
    ),

  exists: (db: Db, id: string): Promise<{ companyId: string } | undefined> =>
    db.one<{ companyId: string }>('select company_id as companyId from jobs where id = :id', {
      id,
    }),

  /** Nothing else that locks the job goes on before this transaction ends. */
  async lock(db: Db, companyId: string, jobId: string): Promise<void> {
    await db.later('select id from jobs where company_id = :companyId and id = :jobId for update', {
      companyId,
      jobId,
    });
  },

  async setCustomerLanguage(db: Db, companyId: string, customerId: string, language: Language): Promise<void> {
    await db.run('update customers set language = :language where id = :customerId and company_id = :companyId', {
      companyId,
      customerId,
      language,
    });
  },

  async nextNumber(db: Db, companyId: string): Promise<number> {
    await lockCompany(db, companyId);
    const row = await db.one<{ next: number }>(
      'select coalesce(max(number), 2100) + 1 as next from jobs where company_id = :companyId',
      { companyId },
    );
    return Number(row!.next);
  },

  async insert(db: Db, companyId: string, number: number, job: NewJob, ids: NewJobIds): Promise<void> {
    const values = {
      companyId,
      number,
      ...job,
      ...ids,
      customerId: ids.customerId ?? uuid(),
      siteId: ids.siteId ?? uuid(),
      systemId: ids.systemId ?? uuid(),
      plate: job.plate ? JSON.stringify(job.plate) : null,
    };
    if (ids.customerId === null) await placesStore.addCustomer(db, { ...values, language: job.customerLanguage });
    if (ids.siteId === null) await placesStore.addSite(db, values);
    if (ids.systemId === null)
      await placesStore.addSystem(db, { ...values, ...(job.plate ? { kind: systemKind(job.plate) } : {}) });
    await db.run(
      "insert into equipment (id, company_id, system_id, kind, maker, model, serial) values (:equipmentId, :companyId, :systemId, 'outdoor', :maker, :model, :serial)",
      {
        ...values,
        maker: job.plate?.maker ?? null,
        model: job.plate?.model ?? null,
        serial: job.plate?.serial ?? null,
      },
    );
    await db.run(
      `insert into circuits (id, company_id, system_id, equipment_id, name, refrigerant, metering, nominal_tons, plate)
       values (:circuitId, :companyId, :systemId, :equipmentId, 'Circuit 1', :refrigerant, :metering, :tons, :plate)`,
      {
        ...values,
        refrigerant: job.plate?.refrigerant ?? null,
        metering: job.plate?.metering ?? null,
        tons: job.plate?.nominalTons ?? null,
      },
    );
    await db.run(
      `insert into jobs (id, company_id, number, system_id, circuit_id, lead_id, scheduled_for)
       values (:id, :companyId, :number, :systemId, :circuitId, :leadId, :scheduledFor)`,
      values,
    );
    await db.run(
      'insert into job_circuits (job_id, circuit_id, company_id, ord) values (:id, :circuitId, :companyId, 1)',
      values,
    );
  },

  /** False when the version is stale. */
  setMode: (
    db: Db,
    companyId: string,
    jobId: string,
    { version, mode }: { version: number; mode: string },
  ): Promise<boolean> =>
    db.changed(
      'update jobs set mode = :mode, version = version + 1 where company_id = :companyId and id = :jobId and version = :version',
      { companyId, jobId, version, mode },
    ),

  async updatePlate(
    db: Db,
    companyId: string,
    circuitId: string,
    equipmentId: string,
    version: number,
    plate: Plate,
  ): Promise<boolean> {
    const result = await db.changed(
      `update circuits set plate = :plate, refrigerant = :refrigerant, metering = :metering, nominal_tons = :tons, version = version + 1
       where company_id = :companyId and id = :circuitId and version = :version`,
      {
        companyId,
        circuitId,
        version,
        plate: JSON.stringify(plate),
        refrigerant: plate.refrigerant,
        metering: plate.metering,
        tons: plate.nominalTons,
      },
    );
    if (!result) return false;
    await db.run(
      'update equipment set maker = :maker, model = :model, serial = :serial, version = version + 1 where company_id = :companyId and id = :equipmentId',
      {
        companyId,
        equipmentId,
        maker: plate.maker,
        model: plate.model,
        serial: plate.serial,
      },
    );
    // The kind follows the first plate; a kind that was given before stays.
    await db.run(
      "update systems y join circuits k on k.system_id = y.id set y.kind = :kind where k.company_id = :companyId and k.id = :circuitId and y.kind = 'system'",
      { companyId, circuitId, kind: systemKind(plate) },
    );
    return true;
  },
};

const systemKind = (plate: Plate): string =>
  `${plate.packaged ? 'packaged' : 'split'} ${plate.heatPump ? 'heat pump' : 'air conditioner'}`;
