import { v7 as uuid } from 'uuid';
import type { NewJob } from '@/contract/requests';
import type { Plate } from '@/core/equipment/plate';
import { SILENCE_MS } from '@/core/phases/hand-over/check-in';
import type { Language } from '@/core/words/render';
import type { Said } from '@/core/words/said';
import { now } from '@/server/clock';
import { lockCompany } from '@/server/db/lock-company';
import type { Db } from '@/server/db/pool';
import { placesStore } from '@/server/features/customers/places-store';

export type JobListRow = {
  jobId: string;
  number: number;
  customer: string;
  address: string;
  system: Said;
  leadName: string;
  scheduledFor: string;
  phase: string;
  state: 'open' | 'done' | 'cancelled';
  mark: string;
  waitsFor: Said;
  /** When the next call of one who works alone is due. */
  checkInDue: Date | null;
};

export type JobListQuery = {
  state: 'open' | 'done' | 'all';
  search: string;
  today: string;
  offset: number;
  limit: number;
};

const LIST_COLUMNS = `job_id as jobId, circuit_id as circuitId, number, customer, address, system, lead_name as leadName,
  scheduled_for as scheduledFor, phase, state, mark, waits_for as waitsFor, check_in_due as checkInDue`;
/** Nobody has heard of one who works alone: it concerns everybody, whatever else became of the job. */
const SILENT = 'coalesce(check_in_due < :silentBefore, false)';

const likeText = (word: string): string => `%${word.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

/** What is there already has its id; null: it is made. */
export type NewJobIds = {
  customerId: string | null;
  siteId: string | null;
  systemId: string | null;
  equipmentId: string;
  circuitId: string;
};

export const jobsStore = {
  async list(
    db: Db,
    companyId: string,
    query: JobListQuery,
  ): Promise<{ jobs: JobListRow[]; total: number; openToday: number }> {
    const words = query.search.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 6);
    const where = [
      'company_id = :companyId',
      { all: '1 = 1', open: `(state = 'open' or ${SILENT})`, done: "state <> 'open'" }[query.state],
      ...words.map((_, i) => `search_text like :w${i}`),
    ].join(' and ');
    const values = {
      companyId,
      today: query.today,
      offset: query.offset,
      limit: query.limit,
      silentBefore: new Date(now().getTime() - SILENCE_MS),
      ...Object.fromEntries(words.map((w, i) => [`w${i}`, likeText(w)])),
    };
    // Who is silent first, then today's work, then what is overdue or coming, nearest first; finished jobs newest first.
    const jobs = await db.rows<JobListRow>(
      `select ${LIST_COLUMNS} from job_summary where ${where}
       order by ${SILENT} desc, state, if(scheduled_for = :today, 0, 1), abs(datediff(scheduled_for, :today)), number desc limit :limit offset :offset`,
      values,
    );
    const [count] = await db.rows<{ total: number; openToday: number }>(
      `select count(*) as total, coalesce(sum(state = 'open' and scheduled_for = :today), 0) as openToday from job_summary where ${where}`,
      values,
    );
    return { jobs, total: Number(count?.total ?? 0), openToday: Number(count?.openToday ?? 0) };
  },

  async exists(db: Db, id: string): Promise<{ companyId: string } | undefined> {
    const [row] = await db.rows<{ companyId: string }>('select company_id as companyId from jobs where id = :id', {
      id,
    });
    return row;
  },

  /** Nothing else that locks the job goes on before this transaction ends. */
  async lock(db: Db, companyId: string, jobId: string): Promise<void> {
    await db.rows('select id from jobs where company_id = :companyId and id = :jobId for update', { companyId, jobId });
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
    const [row] = await db.rows<{ next: number }>(
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
  async setMode(
    db: Db,
    companyId: string,
    jobId: string,
    { version, mode }: { version: number; mode: string },
  ): Promise<boolean> {
    const done = await db.run(
      'update jobs set mode = :mode, version = version + 1 where company_id = :companyId and id = :jobId and version = :version',
      { companyId, jobId, version, mode },
    );
    return done.affectedRows === 1;
  },

  async updatePlate(
    db: Db,
    companyId: string,
    circuitId: string,
    equipmentId: string,
    version: number,
    plate: Plate,
  ): Promise<boolean> {
    const result = await db.run(
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
    if (result.affectedRows !== 1) return false;
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
