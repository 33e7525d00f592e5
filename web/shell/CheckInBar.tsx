import { v7 as uuid } from 'uuid';
import type { JobSheet } from '@/core/job/sheet';
import { type CheckIn, checkInOf } from '@/core/phases/hand-over/check-in';
import type { EntryBody } from '@/core/phases/log/entries';
import { clock } from '@/core/words/said';
import { forCircuit } from '@/web/api/circuit-path';
import { nowIso } from '@/web/api/clock';
import { write } from '@/web/api/outbox/our-outbox';
import { useNow } from '@/web/api/use-now';
import { t } from '@/web/words/tell';

/** One who works alone: when the next call is due, and one tap that says all is well. It shows on every page of the job. */
export function CheckInBar({ sheet }: { sheet: JobSheet }) {
  const now = useNow();
  const check = sheet.cancelled ? undefined : checkInOf(sheet, now);
  if (!check || check.state === 'off site') return null;
  const tap = (what: EntryBody<'check-in'>['what']) =>
    void write('POST', forCircuit(sheet, `/jobs/${sheet.job.id}/circuit-entries`), {
      id: uuid(),
      kind: 'check-in',
      body: { what },
      supersedesId: null,
      occurredAt: nowIso(),
    });
  const loud = check.state === 'silent';
  return (
    <div
      role={loud ? 'alert' : 'status'}
      data-testid="check-in"
      className={`flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-3 py-1 text-[14px] lg:px-5 ${loud ? 'border-oxide bg-oxide text-paper' : check.state === 'due' ? 'border-ochre text-ochre' : 'border-rule text-ink2'}`}
    >
      <span className="min-w-0 font-[600]">{wordsOf(check)}</span>
      <span className="ml-auto flex gap-2">
        <Tap onPress={() => tap(check.state === 'not begun' ? 'begun' : 'here')}>
          {t(check.state === 'not begun' ? 'web.begin-check-ins' : 'web.all-is-well')}
        </Tap>
        {check.state === 'not begun' ? null : <Tap onPress={() => tap('off site')}>{t('web.i-left-the-site')}</Tap>}
      </span>
    </div>
  );
}

function wordsOf({ state, dueAt, everyMin, last }: CheckIn): string {
  switch (state) {
    case 'not begun':
      return t('web.alone-here-not-begun', { everyMin });
    case 'well':
      return t('web.alone-next-call-by', { at: clock(dueAt!) });
    case 'due':
      return t('web.alone-call-is-due', { at: clock(dueAt!) });
    default:
      return t('web.alone-silent-call-then-send-help', { by: last?.by, at: clock(dueAt!) });
  }
}

function Tap({ onPress, children }: { onPress: () => void; children: string }) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="touch cursor-pointer px-2 font-[650] underline underline-offset-4"
    >
      {children}
    </button>
  );
}
