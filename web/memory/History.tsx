import { useState } from 'react';
import useSWR from 'swr';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { value } from '@/core/words/said';
import { type ApiProblem, get } from '@/web/api/http';
import { Trouble } from '@/web/kit/Notice';
import { SearchBox } from '@/web/kit/SearchBox';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { RowTable } from './RowTable';
import type { Row } from './rows';

const STATES = ['done', 'open', 'cancelled'] as const;
const NO_FILTER = { search: '', state: 'done', refrigerant: '', from: '', to: '' };
const SELECT = 'touch border-[1.5px] border-rule bg-sheet px-2';

/** Every job, by what is asked for; the same as CSV. */
export function History() {
  const [filter, setFilter] = useState(NO_FILTER);
  const query = new URLSearchParams(Object.entries(filter).filter(([, v]) => v !== '')).toString();
  const { data, error } = useSWR<{ rows: Row[] }, ApiProblem>(`/history?${query}`, get, { keepPreviousData: true });
  const put = (change: Partial<typeof filter>): void => setFilter({ ...filter, ...change });
  return (
    <>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <SearchBox
          label={t('web.search-what-is-remembered')}
          hint={t('web.customer-street-or-phone')}
          text={filter.search}
          onText={(search) => put({ search })}
        />
        <label>
          <span className="block text-[13px] font-[600]">{t('web.state-of-job')}</span>
          <select className={SELECT} value={filter.state} onChange={(e) => put({ state: e.target.value })}>
            <option value="">{t('web.any-of-them')}</option>
            {STATES.map((s) => (
              <option key={s} value={s}>
                {say(value(s))}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="block text-[13px] font-[600]">{t('web.refrigerant')}</span>
          <select className={SELECT} value={filter.refrigerant} onChange={(e) => put({ refrigerant: e.target.value })}>
            <option value="">{t('web.any-of-them')}</option>
            {REFRIGERANTS.map((r) => (
              <option key={r} value={r}>
                {r}
              </option>
            ))}
          </select>
        </label>
        {(['from', 'to'] as const).map((end) => (
          <label key={end}>
            <span className="block text-[13px] font-[600]">{t(end === 'from' ? 'web.from-day' : 'web.to-day')}</span>
            <input
              type="date"
              className={SELECT}
              value={filter[end]}
              onChange={(e) => put({ [end]: e.target.value })}
            />
          </label>
        ))}
        <a
          href={`/api/history.csv?${query}`}
          download
          className="touch inline-flex items-center font-[600] text-copper underline"
        >
          {t('web.as-csv')}
        </a>
      </div>
      <Trouble problem={error} />
      <p className="mt-2 text-ink2" data-testid="history-count">
        {t('web.so-many-jobs', { n: new Set(data?.rows.map((r) => r.jobId)).size })}
      </p>
      <RowTable rows={data?.rows ?? []} />
    </>
  );
}
