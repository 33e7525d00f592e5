import { useState } from 'react';
import type { Finding } from '@/core/finding/finding';
import { type AcceptedIn, acceptedIn } from '@/core/job/acceptance';
import { may } from '@/core/job/permissions';
import { moment } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { AcceptSheet } from './AcceptSheet';
import type { JobView } from './job-context';

type Props = { view: JobView; acceptable: readonly Finding[]; of?: AcceptedIn };

/** Look-agains of the recorded reading, of the setting or the wiring, that a lead and the customer may let stand, and those that they did. */
export function AgainstAdvice({ view, acceptable, of = 'start-up' }: Props) {
  const [asked, setAsked] = useState<Finding>();
  const acceptances = view.sheet.acceptances.filter((a) => acceptedIn(a) === of);
  const mayAccept = may(view.me.role, 'accept-finding') && acceptable.length > 0;
  if (!mayAccept && acceptances.length === 0) return null;
  return (
    <Part name={t('web.against-advice')}>
      <ul className="mt-1">
        {acceptances.map((a) => (
          <li key={a.id} className="grid grid-cols-[22px_1fr] gap-x-2 border-b border-rule2 py-1.5">
            <Mark kind="override" />
            <span className="leading-snug whitespace-pre-line">
              {say(a.said)}
              <span className="block text-[13px] text-ink2">
                {t('web.accepted-by', { customer: a.customer, by: a.by, at: moment(a.at) })}
              </span>
            </span>
          </li>
        ))}
        {mayAccept
          ? acceptable.map((f) => (
              <li
                key={f.id}
                className="grid grid-cols-[22px_1fr_auto] items-start gap-x-2 border-b border-rule2 py-1.5"
              >
                <Mark kind={f.verdict} />
                <span className="leading-snug font-[600]">{say(f.claim)}</span>
                <Button tone="quiet" className="-my-1 text-[13px]" onClick={() => setAsked(f)}>
                  {t('web.accept')}
                </Button>
              </li>
            ))
          : null}
      </ul>
      {asked ? <AcceptSheet view={view} finding={asked} onClose={() => setAsked(undefined)} /> : null}
    </Part>
  );
}
