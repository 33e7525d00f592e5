import { useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { formOf } from '@/core/form/field';
import { type Instrument, REGISTER_FIELDS } from '@/core/instrument/register';
import { may } from '@/core/job/permissions';
import { type ApiProblem, get, put } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { t } from '@/web/words/tell';
import { InstrumentRow } from './InstrumentRow';

type Register = { instruments: Instrument[] };
const FORM = formOf(REGISTER_FIELDS);

/** The company's own instruments: what each is, until when it is calibrated, and in whose hands it is. */
export default function InstrumentsPage() {
  const { me } = useMe();
  const { data, error, mutate } = useSWR<Register, ApiProblem>('/register', get);
  const [open, setOpen] = useState<{ id: string; known: Instrument | undefined }>();
  const { busy, problem, act } = useAct();
  const mayKeep = may(me?.role, 'keep-instruments');
  const keep = (answer: unknown): void => void mutate(answer as Register, { revalidate: false });
  const take = ({ id, version, keptBy }: Instrument): void =>
    void act(async () => keep(await put(`/register/${id}/keeper`, { version, mine: keptBy !== me?.id })));
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-24 lg:px-7 lg:pb-10">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-center gap-4">
        <h1 className="text-[26px]">{t('web.instruments-of-the-company')}</h1>
        <Link to="/settings" className="touch inline-flex items-center text-copper underline underline-offset-4">
          {t('web.schools-and-settings')}
        </Link>
        {mayKeep ? (
          <Button tone="primary" className="ml-auto" onClick={() => setOpen({ id: uuid(), known: undefined })}>
            {t('web.add-instrument')}
          </Button>
        ) : null}
      </div>
      <p className="mt-2 max-w-[70ch] text-ink2">{t('web.what-you-have-in-hand-is-named')}</p>
      <Trouble problem={problem ?? error} />
      <ul className="mt-4 border-t-[1.5px] border-ink">
        {data?.instruments.map((i) => (
          <InstrumentRow
            key={i.id}
            instrument={i}
            mine={i.keptBy === me?.id}
            busy={busy}
            onEdit={mayKeep ? () => setOpen({ id: i.id, known: i }) : undefined}
            onTake={() => take(i)}
          />
        ))}
      </ul>
      {data?.instruments.length === 0 ? (
        <p className="mt-4 text-ink2">{t('web.no-instrument-registered-yet')}</p>
      ) : null}
      {open ? (
        <FieldSheet
          key={open.id}
          title={open.known?.name ?? t('web.add-instrument')}
          form={FORM}
          known={open.known ?? {}}
          draft={`${me?.id ?? ''}-instrument-${open.known?.id ?? 'new'}`}
          testId="instrument-form"
          send={async (body) =>
            keep(await put(`/register/${open.id}`, { ...body, id: open.id, version: open.known?.version ?? 0 }))
          }
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </div>
  );
}
