import { parseISO } from 'date-fns';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import useSWRInfinite from 'swr/infinite';
import { JOBS_PAGE } from '@/contract/job-page';
import { may } from '@/core/job/permissions';
import { value } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { get } from '@/web/api/http';
import { useKeepWhole } from '@/web/api/keep-whole';
import { useMe } from '@/web/api/use-me';
import { OverfullNotice } from '@/web/cylinders/OverfullNotice';
import { Button } from '@/web/kit/Button';
import { SearchBox } from '@/web/kit/SearchBox';
import { Tab } from '@/web/kit/Tab';
import { LateNotice } from '@/web/late/LateNotice';
import { KeysHelp } from '@/web/shell/KeysHelp';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { useKeys } from '@/web/shell/use-keys';
import { readerNow, say, weekday } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { FirstSteps } from './FirstSteps';
import { JobList } from './JobList';
import type { JobRow } from './job-row';
import { isSilent } from './silent';
import { STATES, useJobSearch } from './use-job-search';
import { useUnsent } from './use-unsent';

type Page = { jobs: JobRow[]; total: number; atLeast?: true };

/** Today's and open jobs: where each stands and what it waits for. */
export default function JobsPage() {
  const { me } = useMe();
  const { search, text, setText, state, shownState, show } = useJobSearch();
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const unsent = useUnsent(me?.id);
  const today = todayAt(readerNow().timeZone);
  const { data, size, setSize, error } = useSWRInfinite<Page>(
    (index: number) =>
      `/jobs?state=${shownState}&today=${today}&offset=${index * JOBS_PAGE}&search=${encodeURIComponent(search)}`,
    get,
    { refreshInterval: 10_000, keepPreviousData: true },
  );
  useKeepWhole(data?.[0]?.jobs ?? [], me, today);
  useKeys({ 'g f': () => navigate('/formulas'), '?': () => setHelp(true) });
  const rows = data?.flatMap((p) => p.jobs) ?? [];
  const last = data?.at(-1);
  const total = last?.total ?? 0;
  const silent = rows.filter(isSilent);
  const rest = rows.filter((r) => !silent.includes(r));
  const todays = rest.filter((r) => r.state === 'open' && r.scheduledFor === today);
  const others = rest.filter((r) => !todays.includes(r));
  const mayAdd = may(me?.role, 'add-job');

  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <h1 className="text-[26px]">{t('web.jobs')}</h1>
        <div role="tablist" aria-label={t('web.which-jobs')} className="flex">
          {STATES.map((s) => (
            <Tab key={s} label={say(value(s))} on={shownState === s} onPress={() => show(s)} />
          ))}
        </div>
        <SearchBox
          label={t('web.search-jobs')}
          hint={t('web.customer-street-number-model')}
          text={text}
          onText={setText}
        />
        <Link to="/houses" className="touch inline-flex items-center font-[600] text-copper underline">
          {t('web.to-houses-and-history')}
        </Link>
        {mayAdd ? (
          <Link
            to="/jobs/new"
            className="touch ml-auto inline-flex items-center rounded-[3px] bg-copper px-6 font-[650] text-on-copper"
          >
            {t('web.new-job')}
          </Link>
        ) : null}
      </div>
      {me ? <OverfullNotice me={me} /> : null}
      {me ? <LateNotice me={me} /> : null}
      {error ? <p className="mt-6 text-oxide">{t('web.list-could-not-be-loaded-trying')}</p> : null}
      {data && rows.length === 0 ? (
        <p className="mt-10 text-[17px] text-ink2">
          {search
            ? t('web.nothing-matches', { search })
            : state === 'open'
              ? t('web.no-open-jobs')
              : t('web.no-jobs-here-yet')}
        </p>
      ) : null}
      {data && me && total === 0 && !search && state !== 'done' ? <FirstSteps role={me.role} /> : null}
      <JobList title={t('web.missed-check-ins')} rows={silent} unsent={unsent} />
      <JobList title={t('web.today', { x: weekday(parseISO(today), 'long') })} rows={todays} unsent={unsent} />
      <JobList title={todays.length + silent.length ? t('web.other-days') : ''} rows={others} unsent={unsent} />
      {total > rows.length ? (
        <Button className="mt-5" onClick={() => void setSize(size + 1)}>
          {say(last?.atLeast ? tell('web.show-more') : tell('web.show-more-left', { total: total - rows.length }))}
        </Button>
      ) : null}
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </div>
  );
}
