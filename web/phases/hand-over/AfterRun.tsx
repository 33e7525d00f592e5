import { useState } from 'react';
import { orderFindings } from '@/core/finding/order';
import type { EquippedSheet } from '@/core/job/sheet';
import { afterRunView } from '@/core/phases/hand-over/view';
import { drierIn } from '@/core/phases/join/drier-check';
import type { EntryKind } from '@/core/phases/log/entries';
import { ENTRIES } from '@/core/phases/log/entries';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';

/** Driers and the moisture indicator after the run: the suction drier is the one thing a crew comes back for. */
export function AfterRun({ view, sheet, signed }: { view: JobView; sheet: EquippedSheet; signed: boolean }) {
  const [entry, setEntry] = useState<EntryKind>();
  const checks = afterRunView(sheet);
  const offers: EntryKind[] = [
    ...(drierIn(sheet.circuitLog, 'suction') ? (['suction-drier-visit'] as const) : []),
    'moisture-indicator',
    'liquid-drier-drop',
  ];
  if (sheet.circuitLog.length === 0 || (signed && checks.length === 0)) return null;
  return (
    <Part name={t('web.after-run')}>
      {checks.length ? <CheckList checks={orderFindings(checks)} /> : null}
      {signed ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {offers.map((kind) => (
            <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => setEntry(kind)}>
              {say(ENTRIES[kind].title)}
            </Button>
          ))}
        </div>
      )}
      <EntryLog view={view} phase="hand-over" />
      {entry ? <EntrySheet key={entry} view={view} kind={entry} onClose={() => setEntry(undefined)} /> : null}
    </Part>
  );
}
