import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

export type SignOffRow = {
  id: string;
  companyId: string;
  jobId: string;
  ownerId: string;
  phase: string;
  snapshot: unknown;
  contentHash: string;
};

/** Whose record: of a phase, and of the job or of the circuit that the phase is kept for. */
export type RecordKey = { companyId: string; jobId: string; ownerId: string; phase: string };

export const phasesStore = {
  async putRecord(
    db: Db,
    { companyId, jobId, ownerId, phase }: RecordKey,
    record: unknown,
    version: number,
    personId: string,
  ): Promise<boolean> {
    const key = { companyId, jobId, ownerId, phase };
    const values = { ...key, record: JSON.stringify(record), version, personId, now: now() };
    if (version === 0) {
      return db.changed(
        `insert ignore into phase_records (job_id, owner_id, company_id, phase, record, updated_by, updated_at)
         values (:jobId, :ownerId, :companyId, :phase, :record, :personId, :now)`,
        values,
      );
    }
    return db.changed(
      `update phase_records set record = :record, version = version + 1, updated_by = :personId, updated_at = :now
       where company_id = :companyId and job_id = :jobId and owner_id = :ownerId and phase = :phase and version = :version`,
      values,
    );
  },

  record: <T>(
    db: Db,
    { companyId, jobId, ownerId, phase }: RecordKey,
    lock = false,
  ): Promise<{ record: T; version: number } | undefined> =>
    db.one<{ record: T; version: number }>(
      `select record, version from phase_records where company_id = :companyId and job_id = :jobId and owner_id = :ownerId and phase = :phase${lock ? ' for update' : ''}`,
      { companyId, jobId, ownerId, phase },
    ),

  async addOverride(
    db: Db,
    values: {
      id: string;
      companyId: string;
      jobId: string;
      ownerId: string;
      phase: string;
      gate: string;
      reason: string;
      afterEntryId: string | null;
      personId: string;
    },
  ): Promise<void> {
    await db.run(
      `insert into overrides (id, company_id, job_id, owner_id, phase, gate, reason, after_entry_id, person_id, created_at)
       values (:id, :companyId, :jobId, :ownerId, :phase, :gate, :reason, :afterEntryId, :personId, :now)`,
      { ...values, now: now() },
    );
  },

  signOff: (db: Db, id: string): Promise<SignOffRow | undefined> =>
    db.one<SignOffRow>(
      'select id, company_id as companyId, job_id as jobId, phase, snapshot, content_hash as contentHash from sign_offs where id = :id',
      { id },
    ),

  signOffsOf: (db: Db, companyId: string, jobId: string): Promise<SignOffRow[]> =>
    db.rows<SignOffRow>(
      `select id, company_id as companyId, job_id as jobId, owner_id as ownerId, phase, snapshot, content_hash as contentHash from sign_offs
       where company_id = :companyId and job_id = :jobId order by signed_at`,
      { companyId, jobId },
    ),

  async insertSignOff(
    db: Db,
    values: {
      id: string;
      companyId: string;
      jobId: string;
      ownerId: string;
      phase: string;
      personId: string;
      signedAt: Date;
      arrivedAt: Date | null;
      snapshot: string;
      contentHash: string;
    },
  ): Promise<void> {
    await db.run(
      `insert into sign_offs (id, company_id, job_id, owner_id, phase, person_id, signed_at, arrived_at, snapshot, content_hash)
       values (:id, :companyId, :jobId, :ownerId, :phase, :personId, :signedAt, :arrivedAt, :snapshot, :contentHash)`,
      values,
    );
  },

  async insertAmendment(
    db: Db,
    values: { id: string; companyId: string; signOffId: string; personId: string; note: string },
  ): Promise<void> {
    await db.run(
      `insert ignore into amendments (id, company_id, sign_off_id, person_id, note, created_at)
       values (:id, :companyId, :signOffId, :personId, :note, :now)`,
      { ...values, now: now() },
    );
  },

  amendments: (
    db: Db,
    companyId: string,
    jobId: string,
  ): Promise<{ signOffId: string; phase: string; by: string; note: string; at: Date }[]> =>
    db.rows(
      `select a.sign_off_id as signOffId, s.phase, p.full_name as \`by\`, a.note, a.created_at as at from amendments a
       join sign_offs s on s.id = a.sign_off_id join people p on p.id = a.person_id
       where a.company_id = :companyId and s.job_id = :jobId order by a.created_at`,
      { companyId, jobId },
    ),
};
