import { useState } from 'react';
import { useNavigate } from 'react-router';
import useSWR from 'swr';
import { may } from '@/core/job/permissions';
import { value } from '@/core/words/said';
import { serverNow } from '@/web/api/clock';
import { type ApiProblem, get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { ImportPanel } from '@/web/csv/ImportPanel';
import { Papers } from '@/web/csv/Papers';
import { useImport } from '@/web/csv/use-import';
import { Button } from '@/web/kit/Button';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { useKeys } from '@/web/shell/use-keys';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CylinderForm } from './CylinderForm';
import { CylinderLine } from './CylinderLine';
import { CylinderSheet } from './CylinderSheet';
import type { CylinderRow } from './cylinder-row';
import { sendCylinders } from './send-cylinders';

const FILES = ['cylinders'] as const;

/** Every refrigerant cylinder of the company, what the ledger says is in it, and the records the regulation asks for. */
export default function CylindersPage() {
  const { me } = useMe();
  const { data, error, mutate } = useSWR<{ cylinders: CylinderRow[] }, ApiProblem>('/cylinders', get);
  const [open, setOpen] = useState<string>();
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  useKeys({ 'g j': () => navigate('/jobs'), 'g l': () => navigate('/library') });
  const work = useImport(FILES, sendCylinders, () => void mutate());
  const mayKeep = may(me?.role, 'keep-cylinders');
  const year = new Date(serverNow()).getFullYear();
  const link = 'touch inline-flex items-center px-2 text-[14px] text-copper underline underline-offset-4';
  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-end gap-x-5 gap-y-1">
        <h1 className="text-[26px]">{t('web.cylinders')}</h1>
        <span className="ml-auto flex flex-wrap items-center">
          <a className={link} href={`/api/refrigerant/ledger.csv?year=${year}`}>
            {t('web.ledger-2', { year })}
          </a>
          <a className={link} href={`/api/refrigerant/appliances.csv?year=${year}`}>
            {t('web.appliances')}
          </a>
          <a className={link} href={`/api/refrigerant/monthly.csv?year=${year}`}>
            {t('web.by-month')}
          </a>
          {mayKeep ? (
            <Button tone="primary" className="ml-2" onClick={() => setAdding(true)}>
              {t('web.add-cylinder')}
            </Button>
          ) : null}
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-5">
        <p className="max-w-[70ch] text-ink2">{t('web.every-ounce-in-and-out-by')}</p>
        <Papers path="/cylinders" mayEdit={mayKeep} onFile={work.read} />
      </div>
      <ImportPanel work={work} />
      {error ? <p className="mt-4 text-oxide">{t('web.cylinders-could-not-be-loaded-trying')}</p> : null}
      {(['recovery', 'supply'] as const).map((use) => {
        const list = (data?.cylinders ?? []).filter((c) => c.use === use);
        if (list.length === 0) return null;
        return (
          <section key={use} aria-label={say(value(use))}>
            <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">
              {use === 'recovery' ? t('web.recovery') : t('web.supply')}
            </h2>
            <ul>
              {list.map((c) => (
                <li key={c.id}>
                  <button
                    type="button"
                    onClick={() => setOpen(c.id)}
                    data-testid={`cylinder-${c.tag}`}
                    className="touch grid w-full cursor-pointer grid-cols-[22px_92px_1fr] items-center gap-x-3 border-b border-rule py-2.5 text-left md:grid-cols-[22px_110px_110px_minmax(160px,1fr)_150px_minmax(0,1.2fr)]"
                  >
                    <CylinderLine cylinder={c} />
                  </button>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {data && data.cylinders.length === 0 ? (
        <p className="mt-6 text-ink2">{t('web.no-cylinder-yet-add-first-with')}</p>
      ) : null}
      {adding ? (
        <CylinderForm personId={me?.id ?? ''} onClose={() => setAdding(false)} onDone={() => void mutate()} />
      ) : null}
      {open ? <CylinderSheet id={open} onClose={() => setOpen(undefined)} onChanged={() => void mutate()} /> : null}
    </div>
  );
}
