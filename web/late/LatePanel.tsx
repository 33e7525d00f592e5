import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { v7 as uuid } from 'uuid';
import { may } from '@/core/job/permissions';
import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import { moment } from '@/core/words/said';
import { post } from '@/web/api/http';
import type { Me } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useLate } from './use-late';

/** What arrived after its signature, beside the signatures: who wrote what, when, and who has looked at it. */
export function LatePanel({ jobId, me }: { jobId: string; me: Pick<Me, 'role'> }) {
  const { late, mutate } = useLate(jobId);
  const { busy, problem, act } = useAct();
  const here = useRef<HTMLElement>(null);
  const { hash } = useLocation();
  const shown = late.length > 0;
  useEffect(() => {
    if (hash === '#late' && shown) here.current?.scrollIntoView({ block: 'start' });
  }, [hash, shown]);
  if (!shown) return null;
  return (
    <section ref={here} id="late" data-testid="late">
      <h2 className="text-[15px] font-[680]">{t('web.late-title')}</h2>
      <p className="text-[13px] text-ink2">{t('web.late-what')}</p>
      <ul className="mt-1">
        {late.map((l) => (
          <li key={l.id} className="border-b border-rule2 py-2 leading-snug">
            <b className="font-[640]">{say(l.say)}</b>
            <span className="block text-[13px] text-ink2">
              {t('web.late-line', {
                by: l.by,
                writtenAt: moment(l.writtenAt),
                arrivedAt: moment(l.arrivedAt),
                phase: PHASE_WORDS[l.phase as Phase],
                signedBy: l.signedBy,
                signedAt: moment(l.signedAt),
              })}
            </span>
            {l.seen ? (
              <span className="block text-[13px] text-ink2">
                {t('web.late-seen-by', { by: l.seen.by, at: moment(l.seen.at) })}
              </span>
            ) : may(me.role, 'amend') ? (
              <Button
                disabled={busy}
                onClick={async () => {
                  if (await act(() => post(`/late/${l.id}/seen`, { id: uuid() }))) await mutate();
                }}
              >
                {t('web.late-i-have-seen-it')}
              </Button>
            ) : (
              <span className="block text-[13px] text-ochre">{t('web.late-not-seen-yet')}</span>
            )}
          </li>
        ))}
      </ul>
      <Trouble problem={problem} />
    </section>
  );
}
