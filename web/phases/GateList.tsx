import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { type Gate, passes } from '@/core/job/gates';
import type { BuiltPhase } from '@/core/job/phases';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from './job-context';

/** What must hold before this phase is signed, and the lead's way past with a written reason. */
export function GateList({ gates, phase, view }: { gates: readonly Gate[]; phase: BuiltPhase; view: JobView }) {
  const [asked, setAsked] = useState<Gate>();
  const may = view.me.role === 'lead' || view.me.role === 'owner';
  const signed = view.sheet.signOffs.some((s) => s.phase === phase);
  return (
    <section aria-label="Gates">
      <h2 className="text-[15px] font-[680]">{signed ? 'Signed with' : 'To sign, it needs'}</h2>
      <ul className="mt-1">
        {gates.map((g) => (
          <li key={g.id} className="border-b border-rule2 py-1.5">
            <div className="grid grid-cols-[22px_1fr_auto] items-start gap-x-2">
              <span className="pt-[2px]">
                <Mark kind={g.holds ? 'good' : g.override ? 'override' : 'to-come'} />
              </span>
              <span className="leading-snug">
                <span className="font-[600] first-letter:uppercase inline-block">{g.asks}</span>
                <span className="block text-[13px] text-ink2">
                  {g.override ? `Overridden by ${g.override.by}: ${g.override.reason}` : g.say}
                </span>
              </span>
              {!passes(g) && g.overridable && may && !signed ? (
                <Button tone="quiet" className="-my-1 text-[13px]" onClick={() => setAsked(g)}>
                  Override
                </Button>
              ) : null}
            </div>
          </li>
        ))}
      </ul>
      {asked ? <OverrideSheet gate={asked} phase={phase} view={view} onClose={() => setAsked(undefined)} /> : null}
    </section>
  );
}

function OverrideSheet({
  gate,
  phase,
  view,
  onClose,
}: {
  gate: Gate;
  phase: BuiltPhase;
  view: JobView;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  const { busy, problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title="Override a gate">
      <p className="mt-2 text-[17px] font-[620]">Without {gate.asks}</p>
      <p className="mt-1 text-ink2">
        {gate.say}. The override and its reason show on every later screen and in the report.
      </p>
      <label className="mt-4 block text-[13px] font-[600]" htmlFor="reason">
        Reason, in your words
      </label>
      <textarea
        id="reason"
        rows={4}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
        className="mt-1 w-full border-[1.5px] border-rule bg-sheet p-2.5 text-[16px]"
      />
      <p className="text-[12.5px] text-ink2">10 to 500 characters.</p>
      <div className="mt-3 grid gap-3">
        <Trouble problem={problem} />
        <Button
          tone="stop"
          disabled={busy || reason.trim().length < 10}
          onClick={async () => {
            const done = await act(() =>
              view.actions.send(`/jobs/${view.sheet.job.id}/phases/${phase}/overrides`, {
                id: uuid(),
                gate: gate.id,
                reason,
              }),
            );
            if (done) onClose();
          }}
        >
          Override with this reason
        </Button>
      </div>
    </Sheet>
  );
}
