import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from '../job-context';

/** A weighed amount typed from a scale that does not stream: start and end weight of the cylinder. */
export function TypedMovement({
  view,
  phase,
  onClose,
}: {
  view: JobView;
  phase: 'charge' | 'start-up';
  onClose: () => void;
}) {
  const [way, setWay] = useState<'in' | 'out'>('in');
  const [start, setStart] = useState('');
  const [end, setEnd] = useState('');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const bad = (text: string) => typedTrouble(text, 0, 2000, 'oz');
  const a = numberFromText(start);
  const b = numberFromText(end);
  const moved = a !== undefined && b !== undefined ? (way === 'in' ? a - b : b - a) : undefined;
  const order =
    moved !== undefined && moved <= 0
      ? way === 'in'
        ? 'Charging makes the cylinder lighter: the end must be below the start.'
        : 'Recovering makes the cylinder heavier: the end must be above the start.'
      : undefined;
  return (
    <Sheet open onClose={onClose} title="Type a weighed amount">
      <form
        className="mt-3 grid gap-2"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (bad(start) || bad(end) || order || moved === undefined) return;
          const id = uuid();
          const done = await act(() =>
            view.actions.send(`/jobs/${view.sheet.job.id}/measurements`, {
              measurements: [
                {
                  id,
                  setId: id,
                  phase,
                  stage: way === 'out' ? 'recover' : phase === 'start-up' ? 'trim' : 'weigh-in',
                  quantity: 'chargeMovementOz',
                  value: Math.round((way === 'in' ? moved : -moved) * 100) / 100,
                  occurredAt: new Date().toISOString(),
                },
              ],
            }),
          );
          if (done) onClose();
        }}
      >
        <Choice
          label="Which way"
          value={way}
          onChange={setWay}
          options={[
            { value: 'in', label: 'Into the system' },
            { value: 'out', label: 'Recovered' },
          ]}
        />
        <Field
          label="Cylinder at the start"
          unit="oz"
          inputMode="decimal"
          value={start}
          onChange={(e) => setStart(e.target.value)}
          error={asked ? bad(start)?.message : undefined}
          allowed={bad(start)?.allowed}
        />
        <Field
          label="Cylinder at the end"
          unit="oz"
          inputMode="decimal"
          value={end}
          onChange={(e) => setEnd(e.target.value)}
          error={asked ? (bad(end)?.message ?? order) : undefined}
          allowed={bad(end)?.allowed}
        />
        <p className="text-[17px] font-[620]">
          {moved !== undefined && !order
            ? `${moved.toFixed(1)} oz ${way === 'in' ? 'into the system' : 'recovered'}`
            : 'Moved: –'}
        </p>
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          Record this amount
        </Button>
      </form>
    </Sheet>
  );
}
