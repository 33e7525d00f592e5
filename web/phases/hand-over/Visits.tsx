import { useState } from 'react';
import { handedOverAt, leftFindings, purposeOf, visitNow, visitsOf } from '@/core/phases/hand-over/visits';
import type { EntryKind } from '@/core/phases/log/entries';
import { day } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';

const VISIT_KINDS = ['visit', 'visit-end'] as const satisfies readonly EntryKind[];

/** The form of a visit, opened from the list or the next move. */
export function useVisitForm(view: JobView) {
  const [kind, write] = useState<EntryKind>();
  const preset = kind === 'visit-end' ? { visitId: visitNow(view.sheet)?.id } : {};
  const form = kind ? (
    <EntrySheet key={kind} view={view} kind={kind} preset={preset} onClose={() => write(undefined)} />
  ) : null;
  return { write, form };
}

/** The days the crew comes: the one to come, how the last one left the house, and the next to plan. */
export function Visits({ view, write }: { view: JobView; write: (kind: EntryKind) => void }) {
  const { sheet } = view;
  const now = visitNow(sheet);
  const left = leftFindings(sheet);
  return (
    <Part name={t('web.visits')} id="visits">
      {now ? (
        <p data-testid="visit-now">
          {t('web.visit-of', { n: now.n, all: visitsOf(sheet).length, day: day(now.on), purpose: purposeOf(now) })}
        </p>
      ) : null}
      {sheet.cancelled ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {now ? (
            <Button tone="quiet" className="text-[14px]" onClick={() => write('visit-end')}>
              {t('web.end-visit', { n: now.n })}
            </Button>
          ) : null}
          <Button tone="quiet" className="text-[14px]" onClick={() => write('visit')}>
            {t('web.plan-a-visit')}
          </Button>
        </div>
      )}
      {left.length ? <CheckList checks={left} /> : null}
      <EntryLog view={view} phase="hand-over" ofJob kinds={VISIT_KINDS} since={handedOverAt(sheet)} />
    </Part>
  );
}
