import { useState } from 'react';
import { Link } from 'react-router';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { WeekSlot } from '@/core/phases/plan/week';
import { day, list } from '@/core/words/said';
import type { Colleague } from '@/web/api/use-people';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { CheckList } from '@/web/phases/fit/CheckList';
import { t } from '@/web/words/tell';

export type MoveTo = { on: string; leadId: string; why: string };

type Props = {
  slot: WeekSlot;
  findings: readonly Finding[];
  leads: readonly Colleague[];
  mayMove: boolean;
  onMove: (to: MoveTo) => Promise<unknown>;
  onClose: () => void;
};

/** A job on its day: what is in its way, and where else it could go, for who does not drag. */
export function SlotSheet({ slot, findings, leads, mayMove, onMove, onClose }: Props) {
  const [on, setOn] = useState(slot.on);
  const [leadId, setLead] = useState(slot.leadId);
  const [why, setWhy] = useState('');
  const { busy, problem, act } = useAct();
  const changed = on !== slot.on || leadId !== slot.leadId;
  return (
    <Sheet open onClose={onClose} title={`${slot.number} ${slot.customer}`} unsaved={changed && !busy}>
      <div data-testid="slot-sheet" className="grid gap-3">
        <p>{t('web.on-day-with', { day: day(slot.on), who: list(slot.crew), town: slot.town })}</p>
        <Link
          to={`/jobs/${slot.jobId}/plan`}
          className="touch flex items-center text-copper underline underline-offset-4"
        >
          {t('web.open-its-day')}
        </Link>
        <CheckList checks={orderFindings(findings)} />
        {mayMove ? (
          <form
            className="grid gap-3"
            onSubmit={(e) => {
              e.preventDefault();
              void act(() => onMove({ on, leadId, why })).then(onClose);
            }}
          >
            <Field label={t('web.move-to-day')} type="date" value={on} onChange={(e) => setOn(e.target.value)} />
            {slot.n === 1 ? (
              <Choice
                label={t('web.led-by-2')}
                stacked
                value={leadId}
                options={leads.map((p) => ({ value: p.id, label: p.fullName }))}
                onChange={setLead}
              />
            ) : null}
            <Field
              label={t('web.why-it-moves')}
              hint={t('web.stays-with-the-job')}
              value={why}
              onChange={(e) => setWhy(e.target.value)}
            />
            <Trouble problem={problem} />
            <Button tone="primary" type="submit" disabled={busy || !changed || on === ''}>
              {t('web.move-it')}
            </Button>
          </form>
        ) : null}
      </div>
    </Sheet>
  );
}
