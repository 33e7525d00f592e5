import { useState } from 'react';
import { FOLLOW_UP_WORDS } from '@/core/diagnosis/said';
import { CHARGE_OZ } from '@/core/practice/acts';
import { PROBE_WORDS } from '@/core/practice/labels';
import { PROBE_IDS, PROBES } from '@/core/practice/probes';
import type { SystemView } from '@/core/practice/view';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { DoSheet } from './DoSheet';
import { RoundLog } from './RoundLog';
import type { RoundState } from './use-round';

const WAITS_MIN = [5, 10, 15];

/** What can be hung on, looked at, waited for and done, each with its minutes; what was done so far. */
export function SystemSide({ round, view }: { round: RoundState; view: SystemView }) {
  const [doing, setDoing] = useState(false);
  const { busy, move, refused } = round;
  return (
    <div className="grid gap-5">
      {refused ? <Notice kind="stop">{say(refused.message)}</Notice> : null}
      <RoundLog done={view.done} />
      <section>
        <h2 className="text-[15px] font-[680]">{t('web.hang-on')}</h2>
        <ul className="mt-1">
          {PROBE_IDS.map((id) => {
            const on = view.placed.includes(id);
            return (
              <li key={id} className="border-b border-rule2">
                <button
                  type="button"
                  disabled={busy || on}
                  onClick={() => move({ kind: 'place', probes: [id] })}
                  className="touch grid w-full cursor-pointer grid-cols-[24px_1fr_auto] items-center text-left disabled:cursor-default"
                >
                  <Mark kind={on ? 'good' : 'to-come'} />
                  <span className={on ? 'text-ink2' : 'font-[600]'}>{say(PROBE_WORDS[id])}</span>
                  <span className="text-[14px] text-ink2">{say(q(PROBES[id].minutes, 'min', 0))}</span>
                </button>
              </li>
            );
          })}
        </ul>
      </section>
      <section>
        <h2 className="text-[15px] font-[680]">{t('web.look-closer')}</h2>
        <ul className="mt-1">
          {view.follows.map(({ id, minutes }) => (
            <li key={id} className="border-b border-rule2">
              <button
                type="button"
                disabled={busy}
                data-testid={`follow-${id}`}
                onClick={() => move({ kind: 'follow', id })}
                className="touch grid w-full cursor-pointer grid-cols-[1fr_auto] items-center gap-3 py-1.5 text-left leading-snug"
              >
                <span className="font-[560]">{say(FOLLOW_UP_WORDS[id])}</span>
                <span className="text-[14px] text-ink2">{say(q(minutes, 'min', 0))}</span>
              </button>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-[13px] text-ink2">{t('web.hot-lines-live-parts-qualified')}</p>
      </section>
      <section className="flex flex-wrap gap-2">
        {WAITS_MIN.map((minutes) => (
          <Button key={minutes} disabled={busy} onClick={() => move({ kind: 'wait', minutes })}>
            {t('web.let-it-run', { minutes: q(minutes, 'min', 0) })}
          </Button>
        ))}
        <Button tone="primary" disabled={busy} onClick={() => setDoing(true)}>
          {t('web.do-something-to-it')}
        </Button>
      </section>
      {doing ? (
        <DoSheet
          acts={view.acts}
          oz={CHARGE_OZ}
          onDo={(made) => {
            setDoing(false);
            move(made);
          }}
          onClose={() => setDoing(false)}
        />
      ) : null}
    </div>
  );
}
