import { useState } from 'react';
import { ENTRIES, type EntryKind } from '@/core/phases/log/entries';
import type { Said } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';

type Props = {
  view: JobView;
  signed: boolean;
  title: Said;
  kinds: readonly EntryKind[];
  /** They belong to the system, not to the whole job. */
  ofSystem?: boolean;
  /** The hand-over after which they are still written, where it is signed. */
  since?: string | undefined;
};

/** What is written down of the whole job under one heading: permits and inspections, serials. */
export function JobEntries({ view, signed, title, kinds, ofSystem = false, since }: Props) {
  const [entry, setEntry] = useState<EntryKind>();
  const closed = signed && since === undefined;
  if (closed && !(ofSystem ? view.sheet.systemLog : view.sheet.jobLog).some((e) => kinds.includes(e.kind))) return null;
  return (
    <Part name={say(title)}>
      {closed ? null : (
        <div className="mt-1 flex flex-wrap gap-x-1">
          {kinds.map((kind) => (
            <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => setEntry(kind)}>
              {say(ENTRIES[kind].title)}
            </Button>
          ))}
        </div>
      )}
      <EntryLog view={view} phase="hand-over" ofJob={!ofSystem} ofSystem={ofSystem} kinds={kinds} since={since} />
      {entry ? <EntrySheet key={entry} view={view} kind={entry} onClose={() => setEntry(undefined)} /> : null}
    </Part>
  );
}
