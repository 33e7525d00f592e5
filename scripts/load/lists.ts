import { openDatabase } from '../../server/db/pool';
import { type JobListQuery, listJobs } from '../../server/features/jobs/job-list';
import { figure, quantileOf } from '../figure';
import type { Device } from '../soak/writer';

/** What is searched for: a name, a place, words that nobody has, and the list as it opens. */
export const SEARCHED: readonly Pick<JobListQuery, 'state' | 'search'>[] = [
  { state: 'open', search: '' },
  { state: 'all', search: 'Bakery' },
  { state: 'all', search: 'valley road' },
  { state: 'done', search: '' },
  { state: 'all', search: 'zzyzx' },
];
export const pathOf = ({ state, search }: (typeof SEARCHED)[number]): string =>
  `/jobs?state=${state}&offset=0&search=${encodeURIComponent(search)}`;

const TIMES = 9;
const PAGE = 50;

async function median(work: () => Promise<unknown>): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < TIMES; i++) {
    const at = performance.now();
    await work();
    times.push(performance.now() - at);
  }
  return quantileOf(times, 0.5);
}

/** One list after the other, nothing beside it: what its queries take, and what its whole answer takes. */
export async function tellLists(uri: string, device: Device): Promise<void> {
  const database = openDatabase(uri);
  const [company] = await database.rows<{ id: string }>('select company_id as id from jobs limit 1');
  const today = new Date().toISOString().slice(0, 10);
  let slowest = 0;
  for (const one of SEARCHED) {
    const query = { ...one, today, offset: 0, limit: PAGE };
    const ms = await median(() => listJobs(database, company!.id, query));
    slowest = Math.max(slowest, ms);
    const name = `load list ${one.state} "${one.search}"`;
    figure(`${name} query`, ms, 'ms');
    figure(`${name} answer`, await median(() => device.surely('GET', pathOf(one))), 'ms');
  }
  figure('load list query', slowest, 'ms');
  await database.close();
}
