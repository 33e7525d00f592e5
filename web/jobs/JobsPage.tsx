import { format, parseISO } from 'date-fns';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import useSWRInfinite from 'swr/infinite';
import type { Verdict } from '@/core/finding/finding';
import { may } from '@/core/job/permissions';
import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import { type Said, upper, value } from '@/core/words/said';
import { get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { OverfullNotice } from '@/web/cylinders/OverfullNotice';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { KeysHelp } from '@/web/shell/KeysHelp';
import { PersonMenu } from '@/web/shell/TopBar';
import { useKeys } from '@/web/shell/use-keys';
import { say, weekday } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Row = {
  jobId: string;
  number: number;
  customer: string;
  address: string;
  system: Said;
  leadName: string;
  scheduledFor: string;
  phase: Phase;
  state: 'open' | 'done';
  mark: Verdict;
  waitsFor: Said;
};
type Page = { jobs: Row[]; total: number; openToday: number };
const PAGE = 100;
const STATES = ['open', 'done', 'all'] as const;

/** Today's and open jobs: where each stands and what it waits for. */
export default function JobsPage() {
  const { me } = useMe();
  // Filter and search stand in the address, so that Back from a job finds the list as it was left.
  const [params, setParams] = useSearchParams();
  const search = params.get('q') ?? '';
  const [text, setText] = useState(search);
  const state = STATES.find((s) => s === params.get('state')) ?? 'open';
  // A search looks among finished jobs too.
  const shownState = search ? 'all' : state;
  const [help, setHelp] = useState(false);
  const navigate = useNavigate();
  const today = format(new Date(), 'yyyy-MM-dd');
  useEffect(() => {
    if (text.trim() === search) return undefined;
    const timer = setTimeout(
      () =>
        setParams(
          (now) => {
            now.delete('q');
            if (text.trim()) now.set('q', text.trim());
            return now;
          },
          { replace: true },
        ),
      180,
    );
    return () => clearTimeout(timer);
  }, [text, search, setParams]);
  const { data, size, setSize, error } = useSWRInfinite<Page>(
    (index: number) =>
      `/jobs?state=${shownState}&today=${today}&offset=${index * PAGE}&search=${encodeURIComponent(search)}`,
    get,
    { refreshInterval: 10_000, keepPreviousData: true },
  );
  useKeys({ 'g f': () => navigate('/formulas'), '?': () => setHelp(true) });
  const rows = data?.flatMap((p) => p.jobs) ?? [];
  const total = data?.[0]?.total ?? 0;
  const todays = rows.filter((r) => r.state === 'open' && r.scheduledFor === today);
  const others = rows.filter((r) => !todays.includes(r));
  const mayAdd = may(me?.role, 'add-job');

  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2">
        <span className="narrow text-[21px] font-[700]">{say(tell('web.mill-bridge'))}</span>
        <span className="hidden text-ink2 sm:block">{me?.companyName}</span>
        <span className="ml-auto" />
        <PersonMenu />
      </header>
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <h1 className="text-[26px]">{say(tell('web.jobs'))}</h1>
        <div role="tablist" aria-label={say(tell('web.which-jobs'))} className="flex">
          {STATES.map((s) => (
            <button
              key={s}
              type="button"
              role="tab"
              aria-selected={shownState === s}
              onClick={() => {
                setText('');
                setParams(s === 'open' ? {} : { state: s }, { replace: true });
              }}
              className={`touch cursor-pointer border-b-[3px] px-4 font-[600] capitalize ${shownState === s ? 'border-copper' : 'border-transparent text-ink2'}`}
            >
              {say(value(s))}
            </button>
          ))}
        </div>
        <input
          type="search"
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={say(tell('web.customer-street-number-model'))}
          aria-label={say(tell('web.search-jobs'))}
          className="touch w-full border-[1.5px] border-rule bg-sheet px-3 text-[16px] outline-none focus:border-ink sm:w-[300px]"
        />
        {mayAdd ? (
          <Link
            to="/jobs/new"
            className="touch ml-auto inline-flex items-center rounded-[3px] bg-copper px-6 font-[650] text-on-copper"
          >
            {say(tell('web.new-job'))}
          </Link>
        ) : null}
      </div>
      {me ? <OverfullNotice me={me} /> : null}
      {error ? <p className="mt-6 text-oxide">{say(tell('web.list-could-not-be-loaded-trying'))}</p> : null}
      {data && rows.length === 0 ? (
        <p className="mt-10 text-[17px] text-ink2">
          {search
            ? say(tell('web.nothing-matches', { search }))
            : state === 'open'
              ? say(tell('web.no-open-jobs'))
              : say(tell('web.no-jobs-here-yet'))}
        </p>
      ) : null}
      <List title={say(tell('web.today', { x: weekday(new Date(), 'long') }))} rows={todays} />
      <List title={todays.length ? say(tell('web.other-days')) : ''} rows={others} />
      {total > rows.length ? (
        <Button className="mt-5" onClick={() => void setSize(size + 1)}>
          {say(tell('web.show-more-left', { total: total - rows.length }))}
        </Button>
      ) : null}
      <KeysHelp open={help} onClose={() => setHelp(false)} />
    </div>
  );
}

function List({ title, rows }: { title: string; rows: Row[] }) {
  if (rows.length === 0) return null;
  return (
    <section className="mt-6">
      {title ? <h2 className="border-b-[1.5px] border-ink pb-1 text-[15px] font-[650]">{title}</h2> : null}
      <ul>
        {rows.map((r) => (
          <li key={r.jobId} className="border-b border-rule">
            <Link
              to={`/jobs/${r.jobId}/${r.phase}`}
              className="grid grid-cols-[58px_1fr] gap-x-3 py-2.5 hover:bg-sheet md:grid-cols-[64px_1.15fr_1fr_1.35fr_110px] md:items-center md:gap-x-5"
            >
              <span className="narrow row-span-3 text-[21px] font-[700] md:row-span-1">{r.number}</span>
              <span className="min-w-0">
                <b className="block truncate text-[16px] font-[650]">{r.customer}</b>
                <span className="block truncate text-[13.5px] text-ink2">{r.address}</span>
              </span>
              <span className="min-w-0 truncate text-[13.5px] text-ink2 md:whitespace-normal">
                {say(r.system).replaceAll('R-', 'R\u2011')}
              </span>
              <span className="col-start-2 flex min-w-0 items-start gap-2.5 pt-1 md:col-start-auto md:pt-0">
                <span className="pt-[2px]">
                  <Mark kind={r.state === 'done' ? 'good' : r.mark === 'not-proven' ? 'now' : r.mark} />
                </span>
                <span className="min-w-0 leading-snug">
                  <b className="font-[650]">
                    {say(r.state === 'done' ? upper(value('done-one')) : PHASE_WORDS[r.phase])}
                  </b>
                  <span className="block text-[13.5px] text-ink2">{say(r.waitsFor)}</span>
                </span>
              </span>
              <span className="hidden text-right text-[13.5px] md:block">
                {r.leadName}
                <span className="block text-ink2">{weekday(parseISO(r.scheduledFor), 'short')}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
