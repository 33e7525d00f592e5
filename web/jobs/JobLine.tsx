import { parseISO } from 'date-fns';
import { Link } from 'react-router';
import { PHASE_WORDS } from '@/core/job/phases';
import { upper, value } from '@/core/words/said';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { say, weekday } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CallLine } from './CallLine';
import type { JobRow } from './job-row';
import { isSilent } from './silent';

/** A job in a list: number, whose and where, what of it, its next step, who leads it and when. */
export function JobLine({ row: r, unsent }: { row: JobRow; unsent: number | undefined }) {
  return (
    <Link
      to={`/jobs/${r.jobId}/${r.circuitId ? `circuits/${r.circuitId}/` : ''}${r.phase}`}
      className="grid grid-cols-[58px_1fr] gap-x-3 py-2.5 hover:bg-sheet md:grid-cols-[64px_1.15fr_1fr_1.35fr_110px] md:items-center md:gap-x-5"
    >
      <span className="narrow row-span-3 text-[21px] font-[700] md:row-span-1">{r.number}</span>
      <span className="min-w-0">
        <b className="block truncate text-[16px] font-[650]">{r.customer}</b>
        <span className="block truncate text-[13.5px] text-ink2">{r.address}</span>
        {unsent ? (
          <span className="block text-[13.5px] font-[600] text-ochre">
            {t('web.on-this-device-only', { n: unsent })}
          </span>
        ) : null}
      </span>
      <span className="min-w-0 truncate text-[13.5px] text-ink2 md:whitespace-normal">
        {say(r.system).replaceAll('R-', 'R\u2011')}
      </span>
      <span className="col-start-2 flex min-w-0 items-start gap-2.5 pt-1 md:col-start-auto md:pt-0">
        <span className="pt-[2px]">
          <Mark kind={isSilent(r) ? 'stop' : markOf(r)} />
        </span>
        <span className="min-w-0 leading-snug">
          <b className="font-[650]">{say(r.state === 'open' ? PHASE_WORDS[r.phase] : upper(value(ENDED[r.state])))}</b>
          <span className="block text-[13.5px] text-ink2">{say(r.waitsFor)}</span>
          {r.checkInDue ? <CallLine dueAt={r.checkInDue} /> : null}
        </span>
      </span>
      <span className="hidden text-right text-[13.5px] md:block">
        {r.leadName}
        <span className="block text-ink2">{weekday(parseISO(r.scheduledFor), 'short')}</span>
      </span>
    </Link>
  );
}

const ENDED = { done: 'done-one', cancelled: 'cancelled-one' } as const;

/** Done is done; what does not go ahead is neither done nor waiting. */
function markOf({ state, mark }: JobRow): MarkKind {
  if (state === 'done') return 'good';
  return state === 'open' && mark === 'not-proven' ? 'now' : mark;
}
