import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { lateWords, type OpenItem, openItems } from '@/core/phases/hand-over/open-items';
import { handedOverAt } from '@/core/phases/hand-over/visits';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { dayAt } from '@/core/words/calendar';
import { day } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';

/** A form that is open: a new item, or what closes one. */
type Form = {
  kind: 'open-item' | 'call-back' | 'open-closed';
  preset?: Answers;
  /** The record that is put right. */
  replaces?: string;
};

/** What is still open at this house, whose it is and by when; a call-back after the hand-over too. */
export function OpenItems({ view, today }: { view: JobView; today: string }) {
  const { sheet } = view;
  const [form, setForm] = useState<Form>();
  const at = handedOverAt(sheet);
  const items = openItems(sheet.jobLog, at && dayAt(at, sheet.site.timeZone));
  return (
    <Part name={t('web.open-items')} data-testid="open-items">
      {sheet.cancelled ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          <Button tone="quiet" className="text-[14px]" onClick={() => setForm({ kind: 'open-item' })}>
            {t('web.add-an-open-item')}
          </Button>
          {at ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => setForm({ kind: 'call-back' })}>
              {t('web.customer-called-back')}
            </Button>
          ) : null}
        </div>
      )}
      <ul className="mt-1">
        {items.map((i) => {
          const late = lateWords(i, today);
          return (
            <li
              key={i.id}
              data-testid={`item-${i.kind}`}
              className="flex flex-wrap items-center gap-x-2 border-b border-rule2 py-1"
            >
              <Mark kind={i.closed ? 'good' : late ? 'look-again' : 'not-proven'} />
              <span className="min-w-[13rem] flex-1 leading-snug">
                <b className="font-[620]">{say(i.what)}</b>{' '}
                {t('web.whose-and-when', { owner: i.owner, day: day(i.due) })}
                <span className="block text-[13px] text-ink2">
                  {i.closed ? t('web.closed-how', { day: day(i.closed.on), how: i.closed.how }) : say(late ?? i.next)}
                </span>
              </span>
              {i.closed || sheet.cancelled ? null : (
                <span className="ml-auto flex gap-1">
                  <Button tone="quiet" onClick={() => setForm(formOf(sheet.jobLog, i))}>
                    {t('web.correct')}
                  </Button>
                  <Button tone="quiet" onClick={() => setForm({ kind: 'open-closed', preset: { itemId: i.id } })}>
                    {t('web.close-it')}
                  </Button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {form ? (
        <EntrySheet
          key={form.kind}
          view={view}
          kind={form.kind}
          preset={form.preset ?? {}}
          {...(form.replaces ? { replaces: form.replaces } : {})}
          onClose={() => setForm(undefined)}
        />
      ) : null}
    </Part>
  );
}

/** The form of an item as it stands, to put it right. */
function formOf(log: readonly CircuitEntry[], { entryId, kind }: OpenItem): Form {
  const entry = log.find((e) => e.id === entryId);
  return { kind: kind === 'open-item' ? kind : 'call-back', preset: { ...entry?.body }, replaces: entryId };
}
