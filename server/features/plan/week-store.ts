import type { OwedVisit } from '@/core/phases/owed-visits';
import type { Db } from '@/server/db/pool';

/** More jobs than one office plans in a week. */
const MOST = 300;

export const weekStore = {
  /** Open jobs with a day or a planned visit between two days; the oldest number first. */
  async jobsBetween(db: Db, companyId: string, from: string, to: string): Promise<string[]> {
    const rows = await db.rows<{ id: string }>(
      `select j.id from jobs j where j.company_id = :companyId and j.cancelled_at is null
         and (j.scheduled_for between :from and :to
           or exists (select 1 from circuit_entries e where e.company_id = :companyId and e.kind = 'visit' and e.job_id = j.id
             and json_value(e.body, '$.on') between :from and :to))
       order by j.number limit ${MOST}`,
      { companyId, from, to },
    );
    return rows.map((r) => r.id);
  },

  /** Open jobs whose day has gone by, the newest first. */
  leftOver: (
    db: Db,
    companyId: string,
    today: string,
  ): Promise<{ jobId: string; number: number; customer: string; leadName: string; scheduledFor: string }[]> =>
    db.rows(
      `select job_id as jobId, number, customer, lead_name as leadName, scheduled_for as scheduledFor from job_summary
       where company_id = :companyId and state = 'open' and scheduled_for < :today order by scheduled_for desc limit 30`,
      { companyId, today },
    ),

  /** Jobs that owe something, the nearest first; each with all it owes. */
  owed: (
    db: Db,
    companyId: string,
  ): Promise<{ jobId: string; number: number; customer: string; address: string; owed: OwedVisit[] }[]> =>
    db.rows(
      `select job_id as jobId, number, customer, address, owed from job_summary
       where company_id = :companyId and owed_on is not null order by owed_on, number limit ${MOST}`,
      { companyId },
    ),

  async move(db: Db, companyId: string, jobId: string, leadId: string, scheduledFor: string): Promise<void> {
    await db.run(
      'update jobs set lead_id = :leadId, scheduled_for = :scheduledFor, version = version + 1 where company_id = :companyId and id = :jobId',
      { companyId, jobId, leadId, scheduledFor },
    );
  },

  async setToken(db: Db, personId: string, token: string | null): Promise<void> {
    await db.run('update people set calendar_token = :token where id = :personId', { personId, token });
  },
  async tokenOf(db: Db, personId: string): Promise<string | null> {
    const row = await db.one<{ token: string | null }>(
      'select calendar_token as token from people where id = :personId',
      {
        personId,
      },
    );
    return row?.token ?? null;
  },
  async byToken(db: Db, token: string): Promise<string | undefined> {
    const row = await db.one<{ id: string }>('select id from people where calendar_token = :token and active', {
      token,
    });
    return row?.id;
  },
};
