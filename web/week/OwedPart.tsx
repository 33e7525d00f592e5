import { useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import type { OwedVisit } from '@/core/phases/owed-visits';
import { day } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { type ApiProblem, get, post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Field } from '@/web/kit/Field';
import { Mark } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { Part } from '@/web/kit/Part';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type OwedJob = { jobId: string; number: number; customer: string; address: string; owed: OwedVisit[] };
type Row = Omit<OwedJob, 'owed'> & OwedVisit;

/** What a visit for it is called in the job's log. */
const PURPOSE: Record<OwedVisit['kind'], string> = {
  proof: 'owed proof',
  filter: 'other work',
  inspection: 'inspection',
  'open work': 'finish',
  'open item': 'other work',
  'call-back': 'correction',
  registration: 'other work',
  visit: 'other work',
};
const MOST_WORDS = 200;

/** What all jobs owe, by date: seasonal proofs, first filters, inspections, what a visit left open; planned with a day each. */
export function OwedPart({ today, mayPlan }: { today: string; mayPlan: boolean }) {
  const { data, mutate } = useSWR<{ jobs: OwedJob[] }, ApiProblem>('/owed', get, { refreshInterval: 60_000 });
  const [plan, setPlan] = useState<Row>();
  const rows = (data?.jobs ?? [])
    .flatMap(({ owed, ...job }) => owed.map((o): Row => ({ ...job, ...o })))
    .sort((a, b) => a.on.localeCompare(b.on));
  if (rows.length === 0) return null;
  return (
    <Part name={t('web.owed-visits')} className="mt-6" data-testid="owed">
      <ul className="mt-1">
        {rows.map((r) => (
          <li
            key={`${r.jobId}-${r.kind}-${r.on}-${r.say.id}-${JSON.stringify(r.say.with ?? {})}`}
            data-testid={`owed-${r.number}-${r.kind.replace(' ', '-')}`}
            className="flex flex-wrap items-center gap-x-3 border-b border-rule2 py-1"
          >
            <Mark kind={r.plannedOn ? 'good' : r.on <= today ? 'look-again' : 'not-proven'} />
            <span className="w-[104px] text-[14px] whitespace-nowrap">{t('web.plain-day', { day: day(r.on) })}</span>
            <Link to={`/jobs/${r.jobId}/hand-over#visits`} className="touch flex w-[250px] items-center gap-2">
              <b className="narrow font-[700]">{r.number}</b> {r.customer}
            </Link>
            <span className="min-w-[200px] flex-1 leading-snug">{say(r.say)}</span>
            {r.plannedOn ? (
              <span className="text-[13.5px] text-ink2">{t('web.planned-on', { day: day(r.plannedOn) })}</span>
            ) : mayPlan && r.kind !== 'registration' ? (
              <Button tone="quiet" onClick={() => setPlan(r)}>
                {t('web.plan-it')}
              </Button>
            ) : null}
          </li>
        ))}
      </ul>
      {plan ? <PlanSheet row={plan} today={today} onDone={() => mutate()} onClose={() => setPlan(undefined)} /> : null}
    </Part>
  );
}

type SheetProps = { row: Row; today: string; onDone: () => unknown; onClose: () => void };

/** The day for it: a visit of its job. */
function PlanSheet({ row, today, onDone, onClose }: SheetProps) {
  const [on, setOn] = useState(row.on < today ? today : row.on);
  const [whoComes, setWho] = useState('');
  const { busy, problem, act } = useAct();
  const what = say(row.say).slice(0, MOST_WORDS);
  return (
    <Sheet open onClose={onClose} title={`${row.number} ${row.customer}`}>
      <form
        className="grid gap-3"
        data-testid="owed-sheet"
        onSubmit={(e) => {
          e.preventDefault();
          void act(async () => {
            await post(`/jobs/${row.jobId}/circuit-entries`, {
              id: uuid(),
              kind: 'visit',
              body: { on, purpose: PURPOSE[row.kind], what, who: whoComes },
              supersedesId: null,
              occurredAt: nowIso(),
            });
            await onDone();
          }).then(onClose);
        }}
      >
        <p>{what}</p>
        <p className="text-[14px] text-ink2">{row.address}</p>
        <Field label={t('web.visit-on')} type="date" value={on} onChange={(e) => setOn(e.target.value)} />
        <Field label={t('web.who-goes')} value={whoComes} onChange={(e) => setWho(e.target.value)} />
        <Trouble problem={problem} />
        <Button tone="primary" type="submit" disabled={busy || on === ''}>
          {t('web.plan-the-visit')}
        </Button>
      </form>
    </Sheet>
  );
}
