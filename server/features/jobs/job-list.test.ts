import { afterAll, describe, expect, it } from 'vitest';
import { uniform } from '@/core/numeric/random';
import { newJob, startServer } from '@/server/testing/harness';
import { type JobListQuery, listJobs } from './job-list';

/** The list by its indexes against the same list sorted whole in memory. */
const TODAY = '2026-06-10';
const NAMES = ['Alma Sedge', 'Bakery on Farrow', 'Senn School', "O'Dell", 'Wren cottage'];
type Row = { jobId: string; number: number; state: string; scheduledFor: string; silent: number; text: string };

const server = await startServer();
const lead = await server.as('alder-lead');
const birch = await server.as('birch-lead');
await newJob(birch, { customerName: 'Bakery of the others', scheduledFor: TODAY });
const state = { seed: 4 };
const pick = <T>(from: readonly T[]): T => from[Math.floor(uniform(state) * from.length)]!;
for (let i = 0; i < 36; i++) {
  const day = new Date(Date.parse(TODAY) + Math.round((uniform(state) - 0.5) * 8) * 86_400_000);
  const { id } = await newJob(lead, {
    customerName: pick(NAMES),
    scheduledFor: day.toISOString().slice(0, 10),
    plate: null,
  });
  await server.database.run(
    'update job_summary set state = :to, check_in_due = if(:silent, now() - interval 1 day, null) where job_id = :id',
    { to: pick(['open', 'open', 'done', 'cancelled']), silent: uniform(state) < 0.12 ? 1 : 0, id },
  );
}
const all = await server.database.rows<Row>(
  `select s.job_id as jobId, s.number, s.state, s.scheduled_for as scheduledFor, s.check_in_due is not null as silent,
       s.search_text as text from job_summary s join companies c on c.id = s.company_id where c.name = 'alder'`,
);
const [company] = await server.database.rows<{ id: string }>("select id from companies where name = 'alder'");
const companyId = company!.id;
afterAll(() => server.stop());

const STATE = ['open', 'done', 'cancelled'];
const away = (r: Row): number => Math.abs(Date.parse(r.scheduledFor) - Date.parse(TODAY));

function sorted(query: Pick<JobListQuery, 'state' | 'search'>): string[] {
  const words = query.search.toLowerCase().split(/\s+/).filter(Boolean);
  return all
    .filter((r) => words.every((w) => r.text.includes(w)))
    .filter((r) =>
      query.state === 'all' ? true : query.state === 'open' ? r.state === 'open' || r.silent : r.state !== 'open',
    )
    .sort(
      (a, b) =>
        b.silent - a.silent ||
        STATE.indexOf(a.state) - STATE.indexOf(b.state) ||
        away(a) - away(b) ||
        b.number - a.number,
    )
    .map((r) => r.jobId);
}

describe('the list of jobs', () => {
  it.each(
    (['open', 'done', 'all'] as const).flatMap((state) =>
      ['', 'bakery', 'farrow bak', 'wren', 'of', "o'dell", '2026-06', 'nobody'].map(
        (search) => [state, search] as const,
      ),
    ),
  )('%s, “%s”: every page in its order', async (state, search) => {
    const limit = 7;
    const found: string[] = [];
    let page: Awaited<ReturnType<typeof listJobs>>;
    do {
      page = await listJobs(server.database, companyId, { state, search, today: TODAY, offset: found.length, limit });
      found.push(...page.jobs.map((j) => j.jobId));
    } while (page.jobs.length === limit);
    expect(found).toEqual(sorted({ state, search }));
    expect(page.total).toBe(found.length);
  });
});
