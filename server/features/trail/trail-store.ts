import type { TrailLine } from '@/contract/answers/trail';
import type { Db } from '@/server/db/pool';

type Query = { jobId: string | undefined; personId: string | undefined; before: number | undefined; limit: number };
type Row = Omit<TrailLine, 'at'> & { at: Date };

/** The trail of a company, newest first: of all of it, of one job, of one person. */
export async function readTrail(db: Db, companyId: string, query: Query): Promise<TrailLine[]> {
  const rows = await db.rows<Row>(
    `select a.id, a.at, coalesce(p.full_name, '') as \`by\`, a.what, json_value(a.detail, '$.phase') as phase, a.job_id as jobId, j.number as jobNumber
     from audit a left join people p on p.id = a.person_id left join jobs j on j.id = a.job_id and j.company_id = a.company_id
     where a.company_id = :companyId ${query.jobId ? 'and a.job_id = :jobId' : ''} ${query.personId ? 'and a.person_id = :personId' : ''}
     ${query.before ? 'and a.id < :before' : ''} order by a.id desc limit :limit`,
    { companyId, ...query },
  );
  return rows.map((r) => ({ ...r, id: Number(r.id), at: r.at.toISOString() }));
}
