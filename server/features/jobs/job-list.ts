import { SILENCE_MS } from '@/core/phases/hand-over/check-in';
import type { Said } from '@/core/words/said';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';
import { againstOf, likeText, wordsOf } from './search-words';

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

/** `atLeast`: there are more than `total` says; counting what half of the company's jobs have in common would take too long. */
export type JobListPage = { jobs: JobListRow[]; total: number; atLeast?: true };

const LIST_COLUMNS = `s.job_id as jobId, s.circuit_id as circuitId, s.number, s.customer, s.address, s.system, s.lead_name as leadName,
  s.scheduled_for as scheduledFor, s.phase, s.state, s.mark, s.waits_for as waitsFor, s.check_in_due as checkInDue`;
/** Nobody has heard of one who works alone: it concerns everybody, whatever else became of the job. */
const SILENT = 'coalesce(check_in_due < :silentBefore, false)';
/** Who is silent first, then today's work, then what is overdue or coming, nearest first. */
const ORDER = `${SILENT} desc, field(state, 'open', 'done', 'cancelled'), if(scheduled_for = :today, 0, 1), abs(datediff(scheduled_for, :today)), number desc`;
const STATES = { all: ['open', 'done', 'cancelled'], open: ['open'], done: ['done', 'cancelled'] } as const;
/**
 * Of so many rows looked at, so many with the words: then they are met often enough on the way through the list. At 2 % both
 * ways take about as long with 100,000 jobs (measured); rarer words are quicker by the index, more common ones on the way.
 */
const LOOKED_AT = 400;
const OFTEN = 8;

/** Counting goes so far: beyond it nobody reads a figure, and a hundred thousand rows would be walked for it. */
const COUNTED = 200;

/** One page of a company's jobs. Its work does not grow with the jobs there are; `npm run load` shows it. */
export async function listJobs(db: Db, companyId: string, query: JobListQuery): Promise<JobListPage> {
  const words = wordsOf(query.search);
  const against = againstOf(words);
  const like = words.map((_, i) => `and search_text like :w${i}`).join(' ');
  const values = {
    companyId,
    today: query.today,
    offset: query.offset,
    limit: query.limit,
    window: query.offset + query.limit + 1,
    finished: query.state === 'done',
    silentBefore: new Date(now().getTime() - SILENCE_MS),
    against,
    ...Object.fromEntries(words.map((w, i) => [`w${i}`, likeText(w)])),
  };
  const states = STATES[query.state].map((s) => `'${s}'`).join(', ');
  const count = async (where: string): Promise<number> => {
    const row = await db.one<{ n: number }>(
      `select count(*) as n from (select 1 from job_summary where ${where} limit ${COUNTED + 1}) counted`,
      values,
    );
    return Number(row?.n ?? 0);
  };

  if (against && !(await isCommon(db, query, like, values))) {
    const found = `company_id = :companyId and match(search_text) against(:against in boolean mode) ${like}
      and (state in (${states})${query.state === 'open' ? ` or ${SILENT}` : ''})`;
    // All that were found are sorted anyway: how many there are comes with them, as far as counting goes.
    const ids = await db.rows<{ jobId: string }>(
      `select job_id as jobId from job_summary where ${found} order by ${ORDER} limit ${COUNTED + 1} offset :offset`,
      values,
    );
    const page = ids.slice(0, query.limit).map((row) => row.jobId);
    const jobs = page.length
      ? await db.rows<JobListRow>(
          `select ${LIST_COLUMNS} from job_summary s where job_id in (:page) order by ${ORDER}`,
          { ...values, page },
        )
      : [];
    return { jobs, ...totalOf(query.offset + ids.length, query.offset + jobs.length) };
  }

  const walked = await walkedList(db, STATES[query.state], like, values);
  const jobs = walked.slice(0, query.limit + 1);
  const more = jobs.length > query.limit;
  const shown = jobs.slice(0, query.limit);
  if (words.length) {
    const total = query.offset + jobs.length;
    return { jobs: shown, total, ...(more ? { atLeast: true as const } : {}) };
  }
  // What lies behind the page is known by one row more; a silent one may stand here that its state does not count.
  const seen = query.offset + jobs.length;
  const counted = seen > COUNTED ? seen : await count(`company_id = :companyId and state in (${states})`);
  return { jobs: shown, ...totalOf(counted, seen) };
}

const totalOf = (counted: number, seen: number): Pick<JobListPage, 'total' | 'atLeast'> => ({
  total: Math.max(Math.min(counted, COUNTED), seen),
  ...(counted > COUNTED ? { atLeast: true as const } : {}),
});

/** `finished`: who is silent stands here only with a job that is over. */
type Walk = Record<string, unknown> & { window: number; limit: number; finished: boolean };

/**
 * From either side of today as far as this page reaches, by an index each; and whoever is silent. The states come one after
 * the other: where the first fills the page, the others are not looked at.
 */
async function walkedList(
  db: Db,
  states: readonly string[],
  like: string,
  values: Walk & { offset: number },
): Promise<JobListRow[]> {
  const [first, ...later] = states;
  if (later.length === 0) return walkedOver(db, states, like, values);
  const open = await walkedOver(db, [first!], like, { ...values, offset: 0, limit: values.window });
  const page = open.slice(values.offset, values.offset + values.limit + 1);
  return page.length > values.limit
    ? page
    : walkedOver(
        db,
        later,
        like,
        values,
        open.map((row) => row.jobId),
      );
}

/** What these states have, with jobs of others that were found already. */
async function walkedOver(
  db: Db,
  states: readonly string[],
  like: string,
  values: Walk,
  found: readonly string[] = [],
): Promise<JobListRow[]> {
  const near = 'select job_id, state, scheduled_for, number, check_in_due from job_summary';
  const sides = states.flatMap((state) => [
    `(${near} force index (job_summary_next) where company_id = :companyId and state = '${state}' and scheduled_for >= :today ${like}
      order by scheduled_for, number desc limit :window)`,
    `(${near} force index (job_summary_past) where company_id = :companyId and state = '${state}' and scheduled_for < :today ${like}
      order by scheduled_for desc, number desc limit :window)`,
  ]);
  const silent = `(${near} force index (job_summary_silent) where company_id = :companyId and check_in_due < :silentBefore ${like}
    ${values.finished ? `and state in ('done', 'cancelled')` : ''})`;
  const known = found.length ? [`(${near} where job_id in (:found))`] : [];
  return db.rows<JobListRow>(
    `select ${LIST_COLUMNS} from (select job_id from (${[...sides, silent, ...known].join(' union ')}) near
       order by ${ORDER} limit :window) page
     join job_summary s on s.job_id = page.job_id order by ${ORDER} limit :limit offset :offset`,
    { ...values, limit: values.limit + 1, found },
  );
}

/** Whether the words are met often enough on the way through the list: looked up where that way is longest, newest first. */
async function isCommon(db: Db, query: JobListQuery, like: string, values: Record<string, unknown>): Promise<boolean> {
  const met = await db.one<{ n: number }>(
    `select count(*) as n from (select search_text from job_summary force index (job_summary_past)
       where company_id = :companyId and state = '${query.state === 'open' ? 'open' : 'done'}' and scheduled_for < :today
       order by scheduled_for desc, number desc limit ${LOOKED_AT}) looked_at where true ${like}`,
    values,
  );
  return Number(met?.n ?? 0) >= OFTEN;
}
