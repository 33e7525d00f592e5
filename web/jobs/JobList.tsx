import { JOBS_PAGE } from '@/contract/job-page';
import { JobLine } from './JobLine';
import type { JobRow } from './job-row';
import type { Unsent } from './use-unsent';
import { WindowedJobs } from './WindowedJobs';

/** What one page brings is simply there, for the browser's own search too; longer lists are drawn where they are looked at. */
const WINDOWED_FROM = JOBS_PAGE + 10;

export function JobList({ title, rows, unsent }: { title: string; rows: JobRow[]; unsent: Unsent }) {
  if (rows.length === 0) return null;
  return (
    <section className="mt-6">
      {title ? <h2 className="border-b-[1.5px] border-ink pb-1 text-[15px] font-[650]">{title}</h2> : null}
      {rows.length > WINDOWED_FROM ? (
        <WindowedJobs rows={rows} unsent={unsent} />
      ) : (
        <ul>
          {rows.map((row) => (
            <li key={row.jobId} className="border-b border-rule">
              <JobLine row={row} unsent={unsent.get(row.jobId)} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
