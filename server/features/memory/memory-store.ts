import type { Remembered, Similar } from '@/core/phases/memory';
import type { Db } from '@/server/db/pool';

/** Sizes that count as the same. */
const LIKE_TONS = 0.5;
const MOST_SIMILAR = 10;
const MOST_HOUSES = 40;
const MOST_ROWS = 1000;

export type RememberedRow = Remembered & {
  jobId: string;
  number: number;
  state: 'open' | 'done' | 'cancelled';
  lead: string;
  scheduledFor: string;
  customer: string;
  address: string;
  siteId: string;
  systemName: string;
};
type Stored = Omit<RememberedRow, keyof Remembered> & { remembered: Remembered };
export type HistoryQuery = {
  search: string;
  refrigerant: string | null;
  state: 'open' | 'done' | 'cancelled' | null;
  from: string | null;
  to: string | null;
};

const SELECT = `select m.job_id as jobId, s.number, s.state, s.lead_name as lead, s.scheduled_for as scheduledFor, s.customer, s.address,
  y.site_id as siteId, y.name as systemName, m.remembered
  from job_memory m join job_summary s on s.job_id = m.job_id join systems y on y.id = m.system_id`;
const rowOf = ({ remembered, ...row }: Stored): RememberedRow => ({ ...row, ...remembered });

const likeText = (word: string): string => `%${word.toLowerCase().replace(/[\\%_]/g, (c) => `\\${c}`)}%`;
const wordsIn = (search: string): string[] => search.split(/\s+/).filter(Boolean).slice(0, 6);

export const memoryStore = {
  /** Puts what is remembered of a job in the place of what was. */
  async put(db: Db, companyId: string, jobId: string, each: readonly Remembered[]): Promise<void> {
    await db.later('delete from job_memory where company_id = :companyId and job_id = :jobId', { companyId, jobId });
    for (const r of each)
      await db.later(
        `insert into job_memory (job_id, circuit_id, company_id, system_id, done_on, refrigerant, tons, year, worked_h, over_plate_oz, remembered)
         values (:jobId, :circuitId, :companyId, :systemId, :doneOn, :refrigerant, :tons, :year, :workedH, :overPlateOz, :json)`,
        { ...r, companyId, jobId, json: JSON.stringify(r) },
      );
  },

  /** Jobs whose circuits nothing is remembered of yet: written before this was kept. */
  missing: (db: Db): Promise<{ companyId: string; jobId: string }[]> =>
    db.rows(
      `select j.company_id as companyId, j.id as jobId from jobs j
       where not exists (select 1 from job_memory m where m.job_id = j.id) limit 500`,
    ),

  /** Finished jobs of the same refrigerant and about the same size, the newest first. */
  async similar(db: Db, companyId: string, jobId: string): Promise<Similar[]> {
    const rows = await db.rows<Similar & { doneOn: string }>(
      `select distinct m.job_id as jobId, s.number, m.worked_h as workedH, m.over_plate_oz as overPlateOz, m.done_on as doneOn
       from job_memory m join job_summary s on s.job_id = m.job_id join systems y on y.id = m.system_id
       join circuits c on c.id = (select circuit_id from jobs where id = :jobId) join systems z on z.id = c.system_id
       where m.company_id = :companyId and c.company_id = :companyId and m.job_id <> :jobId and m.done_on is not null
         and m.refrigerant = c.refrigerant and abs(m.tons - c.nominal_tons) <= ${LIKE_TONS} and y.kind = z.kind
       order by m.done_on desc limit ${MOST_SIMILAR}`,
      { companyId, jobId },
    );
    return rows.map(({ doneOn: _, ...r }) => r);
  },

  /** Every job ever at the houses that these words name; the newest first. */
  async houses(db: Db, companyId: string, search: string) {
    const words = wordsIn(search);
    const values = { companyId, ...Object.fromEntries(words.map((w, i) => [`w${i}`, likeText(w)])) };
    const sites = await db.rows<{ siteId: string; customer: string; phone: string | null; address: string }>(
      `select t.id as siteId, u.name as customer, u.phone, concat(t.address, ', ', t.town) as address
       from sites t join customers u on u.id = t.customer_id
       where t.company_id = :companyId ${words.map((_, i) => `and lower(concat_ws(' ', u.name, u.phone, t.address, t.town)) like :w${i}`).join(' ')}
       order by u.name, t.address limit ${MOST_HOUSES}`,
      values,
    );
    const ids = sites.map((s) => s.siteId);
    if (ids.length === 0) return [];
    const rows = await db.rows<Stored>(
      `${SELECT} where m.company_id = :companyId and y.site_id in (:ids) order by s.scheduled_for desc, s.number desc`,
      { companyId, ids },
    );
    const systems = await db.rows<{ systemId: string; siteId: string; name: string }>(
      'select id as systemId, site_id as siteId, name from systems where company_id = :companyId and site_id in (:ids) order by name',
      { companyId, ids },
    );
    return sites.map((site) => ({
      ...site,
      systems: systems
        .filter((s) => s.siteId === site.siteId)
        .map(({ systemId, name }) => ({
          systemId,
          name,
          jobs: rows.map(rowOf).filter((r) => r.systemId === systemId),
        })),
    }));
  },

  /** What stands at the houses now: of each circuit what was last put in or found. The oldest first. */
  async installed(db: Db, companyId: string): Promise<RememberedRow[]> {
    const rows = await db.rows<Stored>(
      `${SELECT} where m.company_id = :companyId and s.state <> 'cancelled'
         and not exists (select 1 from job_memory n join job_summary o on o.job_id = n.job_id
           where n.company_id = m.company_id and n.circuit_id = m.circuit_id and o.state <> 'cancelled'
             and (coalesce(n.done_on, '1900-01-01'), o.number) > (coalesce(m.done_on, '1900-01-01'), s.number))
       order by m.year is null, m.year, s.customer limit ${MOST_ROWS}`,
      { companyId },
    );
    return rows.map(rowOf).filter((r) => r.stands);
  },

  async history(
    db: Db,
    companyId: string,
    { search, refrigerant, state, from, to }: HistoryQuery,
  ): Promise<RememberedRow[]> {
    const words = wordsIn(search);
    const rows = await db.rows<Stored>(
      `${SELECT} where m.company_id = :companyId and (:refrigerant is null or m.refrigerant = :refrigerant)
         and (:state is null or s.state = :state) and (:from is null or s.scheduled_for >= :from) and (:to is null or s.scheduled_for <= :to)
         ${words.map((_, i) => `and s.search_text like :w${i}`).join(' ')}
       order by s.scheduled_for desc, s.number desc limit ${MOST_ROWS}`,
      { companyId, refrigerant, state, from, to, ...Object.fromEntries(words.map((w, i) => [`w${i}`, likeText(w)])) },
    );
    return rows.map(rowOf);
  },
};
