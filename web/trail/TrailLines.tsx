import { Link } from 'react-router';
import type { TrailLine } from '@/contract/answers/trail';
import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import { dayAt } from '@/core/words/calendar';
import { clock, day } from '@/core/words/said';
import { readerNow, say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { deedWords } from './deed-words';

/** Lines of the trail by day, newest first. */
export function TrailLines({ lines }: { lines: readonly TrailLine[] }) {
  const days = new Map<string, TrailLine[]>();
  for (const line of lines) {
    const on = dayAt(new Date(line.at), readerNow().timeZone);
    days.set(on, [...(days.get(on) ?? []), line]);
  }
  return [...days].map(([on, of]) => (
    <section key={on} className="mt-5">
      <h2 className="border-b-[1.5px] border-ink text-[17px]">{t('web.figure-of-row', { it: day(on) })}</h2>
      <ul data-testid="trail">
        {of.map((l) => (
          <li key={l.id} className="flex flex-wrap items-center gap-x-4 border-b border-rule2 py-1.5">
            <span className="w-[86px] text-ink2 tabular-nums">{say(clock(l.at))}</span>
            <b className="w-[150px] font-[640]">{l.by || '–'}</b>
            <span className="min-w-[220px] flex-1">
              {say(deedWords(l.what))}
              {phaseWords(l.phase)}
            </span>
            {l.jobId && l.jobNumber !== null ? (
              <Link to={`/jobs/${l.jobId}`} className="touch inline-flex items-center text-copper underline">
                {t('web.job-of-trail', { number: String(l.jobNumber) })}
              </Link>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  ));
}

function phaseWords(phase: string | null): string {
  const words = phase && PHASE_WORDS[phase as Phase];
  return words ? `: ${say(words)}` : '';
}
