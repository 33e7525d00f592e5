import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { day, q, value } from '@/core/words/said';
import { type ApiProblem, get } from '@/web/api/http';
import { Mark } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { SearchBox } from '@/web/kit/SearchBox';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { House, Row } from './rows';

/** Customers and their houses, with every system ever there and every job at it, the newest first. */
export function Houses() {
  const [text, setText] = useState('');
  const search = useDeferredValue(text);
  const { data, error } = useSWR<{ houses: House[] }, ApiProblem>(`/houses?search=${encodeURIComponent(search)}`, get, {
    keepPreviousData: true,
  });
  return (
    <>
      <div className="mt-3">
        <SearchBox
          label={t('web.search-what-is-remembered')}
          hint={t('web.customer-street-or-phone')}
          text={text}
          onText={setText}
        />
      </div>
      <Trouble problem={error} />
      {data?.houses.length === 0 ? <p className="mt-4 text-ink2">{t('web.no-such-house')}</p> : null}
      <ul className="mt-3">
        {data?.houses.map((h) => (
          <li key={h.siteId} className="border-b-[1.5px] border-ink py-3" data-testid="house">
            <h2 className="text-[18px] font-[680]">{h.customer}</h2>
            <p className="text-ink2">
              {h.address}
              {h.phone ? ` · ${h.phone}` : ''}
            </p>
            {h.systems.map((s) => (
              <section key={s.systemId} className="mt-2 border-l-[3px] border-rule pl-3">
                <h3 className="text-[15px] font-[640]">{s.name}</h3>
                {s.jobs.length === 0 ? (
                  <p className="text-[14px] text-ink2">{t('web.no-job-at-it-yet')}</p>
                ) : (
                  <ul>
                    {s.jobs.map((r) => (
                      <JobAt key={`${r.jobId}-${r.circuitId}`} row={r} />
                    ))}
                  </ul>
                )}
              </section>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}

const MARKS = { done: 'good', open: 'not-proven', cancelled: 'look-again' } as const;
function JobAt({ row: r }: { row: Row }) {
  return (
    <li className="flex flex-wrap items-start gap-x-3 border-b border-rule2 py-1.5 last:border-0">
      <span className="mt-1">
        <Mark kind={MARKS[r.state]} />
      </span>
      <Link to={`/jobs/${r.jobId}`} className="touch -mt-[11px] flex items-center font-[700]">
        {r.number}
      </Link>
      <span className="min-w-[15rem] flex-1 leading-snug">
        {t('web.unit-of-job', {
          unit: r.unit ?? '–',
          tons: q(r.tons, 'tons', 'as is'),
          refrigerant: r.refrigerant ?? '–',
          day: r.doneOn ? tell('web.done-on', { day: day(r.doneOn) }) : value(r.state),
        })}
        {r.said.map((s) => (
          <span key={`${s.id}-${JSON.stringify(s.with)}`} className="block text-[14px] text-ink2">
            {say(s)}
          </span>
        ))}
      </span>
    </li>
  );
}
