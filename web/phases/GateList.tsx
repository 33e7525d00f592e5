import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { type Gate, passes } from '@/core/job/gates';
import { may } from '@/core/job/permissions';
import type { Phase } from '@/core/job/phases';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import type { JobView } from './job-context';

/** What must hold before this phase is signed, and the lead's way past with a written reason. */
export function GateList({ gates, phase, view }: { gates: readonly Gate[]; phase: Phase; view: JobView }) {
  const [asked, setAsked] = useState<Gate>();
  const mayOverride = may(view.me.role, 'override');
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
              {!passes(g) && g.overridable && mayOverride && !signed ? (
                <Button tone="quiet" className="-my-1 text-[13px]" onClick={() => setAsked(g)}>
                  Override
                </Button>
              ) : null}
            </div>
          </li>
        ))}
      </ul>
      {asked ? (
        <ReasonSheet
          title="Override a gate"
          label="Reason, in your words"
          least={10}
          send="Override with this reason"
          tone="stop"
          rows={4}
          onSend={(reason) =>
            view.actions.send(`/jobs/${view.sheet.job.id}/phases/${phase}/overrides`, {
              id: uuid(),
              gate: asked.id,
              reason,
            })
          }
          onClose={() => setAsked(undefined)}
        >
          <p className="text-[17px] font-[620]">Without {asked.asks}</p>
          <p className="mt-1 text-ink2">
            {asked.say}. The override and its reason show on every later screen and in the report.
          </p>
        </ReasonSheet>
      ) : null}
    </section>
  );
}
