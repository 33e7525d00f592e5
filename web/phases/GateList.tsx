import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { type Gate, passes } from '@/core/job/gates';
import { may } from '@/core/job/permissions';
import type { Phase } from '@/core/job/phases';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';

/** What must hold before this phase is signed, and the lead's way past with a written reason. */
export function GateList({ gates, phase, view }: { gates: readonly Gate[]; phase: Phase; view: JobView }) {
  const [asked, setAsked] = useState<Gate>();
  const mayOverride = may(view.me.role, 'override');
  const signed = view.sheet.signOffs.some((s) => s.phase === phase);
  return (
    <Part name={t('web.gates')} title={signed ? t('web.signed-with') : t('web.to-sign-it-needs')}>
      <ul className="mt-1">
        {gates.map((g) => (
          <li key={g.id} data-testid={`gate-${g.id}`} className="border-b border-rule2 py-1.5">
            <div className="grid grid-cols-[22px_1fr_auto] items-start gap-x-2">
              <span className="pt-[2px]">
                <Mark kind={g.holds ? 'good' : g.override ? 'override' : 'to-come'} />
              </span>
              <span className="leading-snug">
                <span className="font-[600] first-letter:uppercase inline-block">{say(g.asks)}</span>
                <span className="block text-[13px] text-ink2">
                  {g.override ? t('web.overridden-by', { by: g.override.by, reason: g.override.reason }) : say(g.say)}
                </span>
              </span>
              {!passes(g) && g.overridable && mayOverride && !signed ? (
                <Button tone="quiet" className="-my-1 text-[13px]" onClick={() => setAsked(g)}>
                  {t('web.override')}
                </Button>
              ) : null}
            </div>
          </li>
        ))}
      </ul>
      {asked ? (
        <ReasonSheet
          title={t('web.override-gate')}
          label={t('web.reason-in-your-words')}
          least={10}
          send={t('web.override-with-this-reason')}
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
          <p className="text-[17px] font-[620]">{t('web.without', { asks: asked.asks })}</p>
          <p className="mt-1 text-ink2">
            {/* What a gate says may be a whole sentence already. */}
            {t('web.override-and-its-reason-show-on', { say: say(asked.say).replace(/\.$/, '') })}
          </p>
        </ReasonSheet>
      ) : null}
    </Part>
  );
}
