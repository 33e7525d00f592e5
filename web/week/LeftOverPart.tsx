import { Link } from 'react-router';
import { day } from '@/core/words/said';
import type { LeftOver } from '@/web/api/use-week';
import { Part } from '@/web/kit/Part';
import { t } from '@/web/words/tell';

/** Open jobs whose day has gone by: each wants a new one, or an end. */
export function LeftOverPart({ rows }: { rows: readonly LeftOver[] }) {
  if (rows.length === 0) return null;
  return (
    <Part name={t('web.left-over')} className="mt-5" data-testid="left-over">
      <ul className="mt-1 grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3">
        {rows.map((r) => (
          <li key={r.jobId} className="border-b border-rule2">
            <Link to={`/jobs/${r.jobId}/plan`} className="touch flex items-center gap-2">
              <b className="narrow font-[700]">{r.number}</b>
              <span className="truncate">{r.customer}</span>
              <span className="ml-auto text-[13px] whitespace-nowrap text-ink2">
                {t('web.plain-day', { day: day(r.scheduledFor) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Part>
  );
}
