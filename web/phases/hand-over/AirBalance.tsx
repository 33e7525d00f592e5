import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { balanceOf, type RegisterRow, registersOf } from '@/core/phases/hand-over/balance';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';

/** The registers of the system: what each should give and gives, and which damper is touched next. */
export function AirBalance({ view, signed }: { view: JobView; signed: boolean }) {
  const [open, setOpen] = useState<{ preset: Record<string, unknown>; replaces?: string }>();
  const rows = registersOf(view.sheet);
  const finding = balanceOf(view.sheet);
  if (signed && !rows.some((r) => r.measured)) return null;
  const measure = ({ branch, room, wantedCfm, entry }: RegisterRow): void =>
    setOpen(entry ? { preset: { ...entry.body }, replaces: entry.id } : { preset: { branch, room, wantedCfm } });
  return (
    <Part name={t('web.air-balance')}>
      {finding ? <CheckList checks={[finding]} /> : null}
      {rows.length ? (
        <ul className="mt-1">
          {rows.map((r) => (
            <li
              key={r.branch}
              data-testid={`register-${r.branch}`}
              className="grid grid-cols-[1fr_auto_auto] items-baseline gap-x-3 border-b border-rule2 py-1.5 text-[14.5px]"
            >
              <span>
                <b className="font-[620]">{r.room}</b>
                {r.sizeIn === null ? null : <span className="text-ink2"> {say(q(r.sizeIn, 'in', 'as is'))}</span>}
              </span>
              <span>
                {r.measured ? say(q(r.measured.cfm, 'cfm')) : '–'}
                <span className="text-ink2"> {t('web.of-cfm', { cfm: q(r.wantedCfm, 'cfm') })}</span>
              </span>
              {signed ? null : (
                <Button tone="quiet" className="-my-1 text-[13px]" onClick={() => measure(r)}>
                  {t(r.measured ? 'web.measure-it-again' : 'web.measure')}
                </Button>
              )}
            </li>
          ))}
        </ul>
      ) : null}
      {signed ? null : (
        <Button tone="quiet" className="mt-1 text-[14px]" onClick={() => setOpen({ preset: { branch: uuid() } })}>
          {t('web.add-a-register')}
        </Button>
      )}
      <EntryLog view={view} phase="hand-over" ofSystem kinds={['register']} />
      {open ? (
        <EntrySheet
          key={String(open.preset.branch)}
          view={view}
          kind="register"
          preset={open.preset}
          {...(open.replaces ? { replaces: open.replaces } : {})}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </Part>
  );
}
