import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import { cylinderChecks, cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { worstOf } from '@/core/finding/order';
import { may } from '@/core/job/permissions';
import { dayAt } from '@/core/words/calendar';
import { day, value } from '@/core/words/said';
import { type ApiProblem, get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { PersonMenu } from '@/web/shell/TopBar';
import { useKeys } from '@/web/shell/use-keys';
import { lbOz, readerNow, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { CylinderForm } from './CylinderForm';
import { CylinderSheet } from './CylinderSheet';
import type { CylinderRow } from './cylinder-row';

const today = (): string => dayAt(new Date(), readerNow().timeZone);

/** Every refrigerant cylinder of the company, what the ledger says is in it, and the records the regulation asks for. */
export default function CylindersPage() {
  const { me } = useMe();
  const { data, error, mutate } = useSWR<{ cylinders: CylinderRow[] }, ApiProblem>('/cylinders', get);
  const [open, setOpen] = useState<string>();
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  useKeys({ 'g j': () => navigate('/jobs'), 'g l': () => navigate('/library') });
  const mayKeep = may(me?.role, 'keep-cylinders');
  const year = new Date().getFullYear();
  const link = 'touch inline-flex items-center px-2 text-[14px] text-copper underline underline-offset-4';
  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2">
        <Link to="/jobs" className="touch inline-flex items-center text-copper underline underline-offset-4">
          {say(tell('web.jobs'))}
        </Link>
        <span className="ml-auto" />
        <PersonMenu />
      </header>
      <div className="mt-4 flex flex-wrap items-end gap-x-5 gap-y-1">
        <h1 className="text-[26px]">{say(tell('web.cylinders'))}</h1>
        <span className="ml-auto flex flex-wrap items-center">
          <a className={link} href={`/api/refrigerant/ledger.csv?year=${year}`}>
            {say(tell('web.ledger-2', { year }))}
          </a>
          <a className={link} href={`/api/refrigerant/appliances.csv?year=${year}`}>
            {say(tell('web.appliances'))}
          </a>
          <a className={link} href={`/api/refrigerant/monthly.csv?year=${year}`}>
            {say(tell('web.by-month'))}
          </a>
          {mayKeep ? (
            <Button tone="primary" className="ml-2" onClick={() => setAdding(true)}>
              {say(tell('web.add-cylinder'))}
            </Button>
          ) : null}
        </span>
      </div>
      <p className="mt-1 max-w-[70ch] text-ink2">{say(tell('web.every-ounce-in-and-out-by'))}</p>
      {error ? <p className="mt-4 text-oxide">{say(tell('web.cylinders-could-not-be-loaded-trying'))}</p> : null}
      {(['recovery', 'supply'] as const).map((use) => {
        const list = (data?.cylinders ?? []).filter((c) => c.use === use);
        if (list.length === 0) return null;
        return (
          <section key={use} aria-label={say(value(use))}>
            <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">
              {use === 'recovery' ? say(tell('web.recovery')) : say(tell('web.supply'))}
            </h2>
            <ul>
              {list.map((c) => (
                <li key={c.id}>
                  <button
                    type="button"
                    onClick={() => setOpen(c.id)}
                    data-testid={`cylinder-${c.tag}`}
                    className="grid w-full cursor-pointer grid-cols-[22px_92px_1fr] items-center gap-x-3 border-b border-rule py-2.5 text-left sm:grid-cols-[22px_110px_110px_minmax(160px,1fr)_150px_minmax(0,1.2fr)]"
                  >
                    <Row cylinder={c} />
                  </button>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {data && data.cylinders.length === 0 ? (
        <p className="mt-6 text-ink2">{say(tell('web.no-cylinder-yet-add-first-with'))}</p>
      ) : null}
      {adding ? (
        <CylinderForm personId={me?.id ?? ''} onClose={() => setAdding(false)} onDone={() => void mutate()} />
      ) : null}
      {open ? <CylinderSheet id={open} onClose={() => setOpen(undefined)} onChanged={() => void mutate()} /> : null}
    </div>
  );
}

/** One cylinder: its mark, its fill to scale, and the first thing that stands against filling it. */
function Row({ cylinder: c }: { cylinder: CylinderRow }) {
  const checks = c.refrigerant ? cylinderChecks(c, c.refrigerant, undefined, today()) : [];
  const first = checks.find((k) => k.verdict !== 'good');
  const fill = c.refrigerant ? cylinderFillOf(c, c.refrigerant) : undefined;
  const share = fill && c.use === 'recovery' ? fill.share : fill ? c.contentsOz / (fill.limitOz || 1) : 0;
  const shown = Math.max(0, Math.min(1.15, share));
  return (
    <>
      <Mark kind={c.state !== 'in use' ? 'stop' : checks.length ? worstOf(checks) : 'to-come'} />
      <b className="font-[680]">{c.tag}</b>
      <span className="max-sm:text-right">
        {c.refrigerant ?? <span className="text-ink2">{say(tell('web.empty'))}</span>}
      </span>
      <span className="max-sm:col-span-2 max-sm:col-start-2">
        <svg
          viewBox="0 0 200 16"
          className="h-4 w-full max-w-[260px]"
          role="img"
          aria-label={say(tell('web.of-its-limit', { share: Math.round(share * 100) }))}
        >
          <rect x={0.7} y={2} width={173} height={12} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
          <rect
            x={0.7}
            y={2}
            width={173 * shown}
            height={12}
            fill={share > 1 ? 'var(--oxide)' : share > 0.9 && c.use === 'recovery' ? 'var(--ochre)' : 'var(--ink)'}
          />
        </svg>
      </span>
      <span className="text-right text-[18px] font-[660] max-sm:col-start-3">{lbOz(c.contentsOz)}</span>
      <span className="text-[13.5px] text-ink2 max-sm:col-span-2 max-sm:col-start-2">
        {say(
          c.state !== 'in use'
            ? value(c.state)
            : first
              ? first.claim
              : c.retestOn
                ? tell('web.retest', { on: day(c.retestOn) })
                : '',
        )}
      </span>
    </>
  );
}
