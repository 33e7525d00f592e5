import { useState } from 'react';
import { FAULT_WORDS } from '@/core/diagnosis/said';
import type { EquippedSheet } from '@/core/job/sheet';
import { twoFaultsNow } from '@/core/phases/start-up/reasoned';
import type { Readings } from '@/core/startup/quantities';
import { list, q, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const SHOWN = 3;

/** On request: which two faults at once explain the readings, for who has put one right and still is not done. */
export function TwoFaults({ sheet, readings }: { sheet: EquippedSheet; readings: Readings }) {
  const [asked, setAsked] = useState(false);
  if (!asked)
    return (
      <div>
        <Button tone="quiet" onClick={() => setAsked(true)}>
          {t('web.two-faults-at-once')}
        </Button>
      </div>
    );
  const pairs = twoFaultsNow(sheet, readings) ?? [];
  return (
    <section data-testid="two-faults">
      <h3 className="text-[16px] font-[680]">{t('web.if-two-are-wrong-at-once')}</h3>
      <ul className="mt-1">
        {pairs.slice(0, SHOWN).map((p) => (
          <li key={p.faults.join()} className="flex justify-between gap-3 border-b border-rule2 py-1.5 text-[15.5px]">
            <span className="first-letter:uppercase">
              {say(
                list(
                  p.faults.map((f) => FAULT_WORDS[f]),
                  value('and'),
                ),
              )}
            </span>
            <span className="tabular-nums">{say(q(100 * p.probability, 'pct', 0))}</span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[13px] text-ink2">{t('web.put-one-right-then-read-again')}</p>
    </section>
  );
}
