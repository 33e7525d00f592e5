import { useState } from 'react';
import { ENTRIES, type EntryKind } from '@/core/phases/log/entries';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';

const OFFERS = ['permit', 'inspection'] as const satisfies readonly EntryKind[];

/** What the authority says of the whole job: permits and inspections, with who and when. */
export function Permits({ view, signed }: { view: JobView; signed: boolean }) {
  const [entry, setEntry] = useState<EntryKind>();
  if (signed && view.sheet.jobLog.length === 0) return null;
  return (
    <section aria-label={say(tell('web.permits'))}>
      <h2 className="text-[15px] font-[680]">{say(tell('web.permits'))}</h2>
      {signed ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {OFFERS.map((kind) => (
            <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => setEntry(kind)}>
              {say(ENTRIES[kind].title)}
            </Button>
          ))}
        </div>
      )}
      <EntryLog view={view} phase="hand-over" ofJob />
      {entry ? <EntrySheet key={entry} view={view} kind={entry} onClose={() => setEntry(undefined)} /> : null}
    </section>
  );
}
