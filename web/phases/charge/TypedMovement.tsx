import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { keepsCircuitLog } from '@/core/phases/circuit-kept';
import { value } from '@/core/words/said';
import { useCylinders } from '@/web/api/use-cylinders';
import { Button } from '@/web/kit/Button';
import { CertifiedBy, namedCertified } from '@/web/kit/CertifiedBy';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import { WeightField } from '@/web/kit/WeightField';
import { EMPTY_WEIGHT, ozFromText, type WeightText, weightTrouble } from '@/web/kit/weight-text';
import { lbOz, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** The heaviest cylinder that stands on a field scale, oz. */
const MOST_OZ = 6000;

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
  const half = useKept(`${view.me.id}-${view.sheet.job.id}-weights`, () => ({
    start: EMPTY_WEIGHT,
    end: EMPTY_WEIGHT,
  }));
  const { start, end } = half.value;
  const setStart = (next: typeof start) => half.keep({ start: next, end });
  const setEnd = (next: typeof end) => half.keep({ start, end: next });
  const [cylinderId, setCylinderId] = useState('');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const cylinders = useCylinders(view.sheet);
  const { circuitLog } = view.sheet;
  const keeps = keepsCircuitLog(view.sheet) && circuitLog.length > 0;
  const takes = (cylinders ?? []).filter((c) => c.use === 'recovery' && c.state === 'in use');
  const bad = (text: WeightText) => weightTrouble(text, 0, MOST_OZ);
  const a = ozFromText(start);
  const b = ozFromText(end);
  const moved = a !== undefined && b !== undefined ? (way === 'in' ? a - b : b - a) : undefined;
  const order =
    moved !== undefined && moved <= 0
      ? way === 'in'
        ? say(tell('web.charging-makes-cylinder-lighter-end-must'))
        : say(tell('web.recovering-makes-cylinder-heavier-end-must'))
      : undefined;
  return (
    <Sheet open onClose={onClose} title={say(tell('web.type-weighed-amount'))}>
      <form
        className="mt-3 grid gap-2"
        onSubmit={async (e) => {
          e.preventDefault();
          setAsked(true);
          if (bad(start) || bad(end) || order || moved === undefined) return;
          if (way === 'out' && keeps && !cylinderId) return;
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
                  startOz: a,
                  endOz: b,
                  ...(way === 'out' && cylinderId ? { cylinderId } : {}),
                  ...namedCertified(),
                },
              ],
            }),
          );
          if (!done) return;
          half.drop();
          onClose();
        }}
      >
        <Choice
          label={say(tell('web.which-way'))}
          value={way}
          onChange={setWay}
          options={[
            { value: 'in', label: say(tell('web.into-system')) },
            { value: 'out', label: say(tell('web.recovered')) },
          ]}
        />
        {way === 'out' && takes.length ? (
          <div>
            <Choice
              stacked
              label={say(tell('web.into-cylinder'))}
              value={cylinderId}
              options={takes.map((c) => ({
                value: c.id,
                label: `${c.tag}: ${c.refrigerant ?? say(value('empty'))}${c.contentsOz > 0 ? `, ${lbOz(c.contentsOz)}` : ''}`,
              }))}
              onChange={setCylinderId}
            />
            {asked && keeps && !cylinderId ? (
              <p role="alert" className="text-[12.5px] font-[600] text-oxide">
                {say(tell('web.say-which-cylinder-it-went-into'))}
              </p>
            ) : null}
          </div>
        ) : null}
        <WeightField
          label={say(tell('web.cylinder-at-start'))}
          value={start}
          onChange={setStart}
          error={asked ? bad(start)?.message : undefined}
          allowed={bad(start)?.allowed}
        />
        <WeightField
          label={say(tell('web.cylinder-at-end'))}
          value={end}
          onChange={setEnd}
          error={asked ? (bad(end)?.message ?? order) : undefined}
          allowed={bad(end)?.allowed}
        />
        <CertifiedBy />
        <p className="text-[17px] font-[620]">
          {moved !== undefined && !order
            ? `${moved.toFixed(1)} oz ${way === 'in' ? say(tell('web.into-system-2')) : say(value('recovered'))}`
            : say(tell('web.moved'))}
        </p>
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {say(tell('web.record-this-amount'))}
        </Button>
      </form>
    </Sheet>
  );
}
