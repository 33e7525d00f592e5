import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { movementsOf, WITHDRAWN } from '@/core/job/movements';
import { shown } from '@/core/units/format';
import { clock, value } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { Part } from '@/web/kit/Part';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';

const WORDS: Record<string, string> = {
  'weigh-in': t('web.weighed-in'),
  trim: t('web.trim-added'),
  recover: t('web.recovered'),
};

type Movement = ReturnType<typeof movementsOf>[number];

/** Every ounce that moved, newest first, with its source; a mistake is withdrawn with its reason, never wiped. */
export function MovementLog({ view }: { view: JobView }) {
  const { sheet } = view;
  const [taking, setTaking] = useState<Movement>();
  const list = [...movementsOf(sheet.measurements)].reverse();
  const withdrawn = sheet.measurements.filter((m) => m.stage === WITHDRAWN);
  const signed = (phase: string): boolean => sheet.signOffs.some((s) => s.phase === phase);
  if (list.length === 0 && withdrawn.length === 0) return null;
  return (
    <Part name={t('web.refrigerant-log')}>
      <ul className="mt-1">
        {list.map((m) => (
          <li
            key={m.id}
            data-testid="movement"
            className="grid grid-cols-[1fr_auto_auto] items-center gap-2 border-b border-rule2 py-1.5"
          >
            <span>
              {WORDS[m.stage] ?? m.stage}
              <span className="block text-[13px] text-ink2">
                {say(clock(m.occurredAt))}, {m.person}, {say(value(m.source))}
              </span>
            </span>
            <b className="font-[640]">
              {shown(m.value, 'oz')} <small className="font-[450] text-ink2">{t('web.oz')}</small>
            </b>
            {signed(m.phase) ? null : (
              <button
                type="button"
                onClick={() => setTaking(m)}
                className="touch cursor-pointer px-1 text-[13px] text-copper underline underline-offset-4"
              >
                {t('web.withdraw')}
              </button>
            )}
          </li>
        ))}
        {withdrawn.map((m) => (
          <li key={m.id} className="border-b border-rule2 py-1.5 text-[13px] text-ink2">
            {t('web.withdrawn-oz', {
              oz: shown(Number(m.detail?.oz ?? 0), 'oz'),
              reason: String(m.detail?.reason ?? ''),
              person: m.person,
            })}
          </li>
        ))}
      </ul>
      {taking ? (
        <ReasonSheet
          title={t('web.withdraw-oz', { value: shown(taking.value, 'oz') })}
          label={t('web.why-it-does-not-hold')}
          least={5}
          send={t('web.withdraw-it')}
          tone="stop"
          onSend={(reason) =>
            view.actions.send(`/jobs/${sheet.job.id}/movements/${taking.id}/withdrawal`, {
              id: uuid(),
              reason,
              occurredAt: nowIso(),
            })
          }
          onClose={() => setTaking(undefined)}
        >
          <p className="text-ink2">{t('web.it-stays-in-record-marked-as')}</p>
        </ReasonSheet>
      ) : null}
    </Part>
  );
}
