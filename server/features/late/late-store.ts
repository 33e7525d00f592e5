import type { LateKind } from '@/core/phases/late';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

export type LateRow = {
  id: string;
  jobId: string;
  number: number;
  customer: string;
  phase: string;
  what: LateKind;
  body: unknown;
  by: string;
  writtenAt: Date;
  arrivedAt: Date;
  signedBy: string;
  signedAt: Date;
  seenBy: string | null;
  seenAt: Date | null;
};

const LATE = `select l.id, l.job_id as jobId, j.number, c.name as customer, s.phase, l.what, l.body, p.full_name as \`by\`,
  l.written_at as writtenAt, l.arrived_at as arrivedAt, g.full_name as signedBy, s.signed_at as signedAt, v.full_name as seenBy, l.seen_at as seenAt
  from late_entries l join sign_offs s on s.id = l.sign_off_id join people p on p.id = l.person_id join people g on g.id = s.person_id
  left join people v on v.id = l.seen_by join jobs j on j.id = l.job_id join systems y on y.id = j.system_id
  join sites t on t.id = y.site_id join customers c on c.id = t.customer_id
  where l.company_id = :companyId`;

export const lateStore = {
  find: (db: Db, id: string): Promise<{ companyId: string; jobId: string; bodyHash: string } | undefined> =>
    db.one<{ companyId: string; jobId: string; bodyHash: string }>(
      'select company_id as companyId, job_id as jobId, body_hash as bodyHash from late_entries where id = :id',
      { id },
    ),

  async add(
    db: Db,
    values: {
      id: string;
      companyId: string;
      jobId: string;
      circuitId: string;
      signOffId: string;
      what: LateKind;
      body: unknown;
      bodyHash: string;
      personId: string;
      writtenAt: Date;
    },
  ): Promise<void> {
    await db.run(
      `insert into late_entries (id, company_id, job_id, circuit_id, sign_off_id, what, body, body_hash, person_id, written_at, arrived_at)
       values (:id, :companyId, :jobId, :circuitId, :signOffId, :what, :json, :bodyHash, :personId, :writtenAt, :now)`,
      { ...values, json: JSON.stringify(values.body), now: now() },
    );
  },

  ofJob: (db: Db, companyId: string, jobId: string): Promise<LateRow[]> =>
    db.rows<LateRow>(`${LATE} and l.job_id = :jobId order by l.arrived_at, l.id`, { companyId, jobId }),

  /** What nobody has seen yet: of the jobs that one person leads, or of all. */
  unseen: (db: Db, companyId: string, leadId: string | null, most: number): Promise<LateRow[]> =>
    db.rows<LateRow>(
      `${LATE} and l.seen_at is null and (:leadId is null or j.lead_id = :leadId) order by l.arrived_at limit ${most}`,
      { companyId, leadId },
    ),

  async seen(db: Db, companyId: string, id: string, personId: string): Promise<void> {
    await db.run(
      'update late_entries set seen_by = :personId, seen_at = :now where company_id = :companyId and id = :id and seen_at is null',
      { companyId, id, personId, now: now() },
    );
  },
};
