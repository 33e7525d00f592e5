import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import useSWRInfinite from 'swr/infinite';
import type { TrailLine } from '@/contract/answers/trail';
import { may } from '@/core/job/permissions';
import { type ApiProblem, get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { usePeople } from '@/web/api/use-people';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { t } from '@/web/words/tell';
import { TrailLines } from './TrailLines';

/** As many lines as the server gives at once: fewer, and that was the oldest. */
const PAGE = 200;
type Answer = { lines: TrailLine[] };

const ROOM = 'mx-auto max-w-[980px] px-4 pb-24 lg:px-7 lg:pb-10';

/** What this is, and the way back to the company; also for whom it is closed. */
function Head() {
  return (
    <>
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <h1 className="text-[26px]">{t('web.who-saw-and-changed')}</h1>
        <Link to="/settings" className="touch inline-flex items-center text-copper underline underline-offset-4">
          {t('web.schools-and-settings')}
        </Link>
      </div>
    </>
  );
}

/** Who looked at what and changed what: of one job, of one person, of the whole company; newest first. */
export default function TrailPage() {
  const { me } = useMe();
  const people = usePeople();
  const [query, setQuery] = useSearchParams();
  const [looksToo, setLooksToo] = useState(true);
  const job = query.get('job');
  const person = query.get('person') ?? '';
  const narrowed = new URLSearchParams({ ...(job ? { job } : {}), ...(person ? { person } : {}) });
  const { data, error, size, setSize, isLoading } = useSWRInfinite<Answer, ApiProblem>(
    (_n: number, before: Answer | null) => {
      if (before && before.lines.length < PAGE) return null;
      const page = new URLSearchParams(narrowed);
      if (before) page.set('before', String(before.lines.at(-1)!.id));
      return `/trail?${page}`;
    },
    get,
  );
  if (me && !may(me.role, 'see-trail'))
    return (
      <div className={ROOM}>
        <Head />
        <p className="mt-2">{t('web.trail-is-for-the-office')}</p>
      </div>
    );
  const all = data?.flatMap((p) => p.lines) ?? [];
  const lines = looksToo ? all : all.filter((l) => l.what !== 'job seen' && l.what !== 'job kept on a device');
  const narrow = (to: { job?: string; person?: string }): void => setQuery(new URLSearchParams(to), { replace: true });
  return (
    <div className={ROOM}>
      <Head />
      <p className="mt-2 max-w-[70ch] text-ink2">{t('web.trail-says-what')}</p>
      <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <label className="flex items-center gap-2">
          {t('web.person-of-trail')}
          <select
            value={person}
            onChange={(e) => narrow({ ...(job ? { job } : {}), ...(e.target.value ? { person: e.target.value } : {}) })}
            className="touch border-[1.5px] border-rule bg-sheet px-2"
          >
            <option value="">{t('web.everybody')}</option>
            {people.map((p) => (
              <option key={p.id} value={p.id}>
                {p.fullName}
              </option>
            ))}
          </select>
        </label>
        <label className="touch flex items-center gap-2">
          <input
            type="checkbox"
            checked={looksToo}
            onChange={(e) => setLooksToo(e.target.checked)}
            className="size-5"
          />
          {t('web.looks-too')}
        </label>
        {job ? (
          <Button tone="quiet" onClick={() => narrow(person ? { person } : {})}>
            {t('web.trail-of-every-job')}
          </Button>
        ) : null}
        <a
          href={`/api/trail.csv?${narrowed}`}
          download
          className="touch ml-auto inline-flex items-center font-[600] text-copper underline"
        >
          {t('web.as-csv')}
        </a>
      </div>
      <Trouble problem={error} />
      <TrailLines lines={lines} />
      {!isLoading && lines.length === 0 && !error ? <p className="mt-4">{t('web.nothing-on-trail')}</p> : null}
      {all.length === PAGE * size ? (
        <Button className="mt-4" onClick={() => void setSize(size + 1)}>
          {t('web.older-lines')}
        </Button>
      ) : null}
    </div>
  );
}
