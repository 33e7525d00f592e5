import { useEffect, useRef, useState } from 'react';
import type { JobSheet } from '@/core/job/sheet';
import { scopeInputOf } from '@/core/phases/scope/view';
import { isEmptyDelta, type ScopeDelta, scopeDelta, scopeItems } from '@/core/scope/scope';
import type { Said } from '@/core/words/said';

export type ScopeChange = { what: Said; delta: ScopeDelta };

/** What the last answer did to the scope: told at once, until the next answer. */
export function useScopeChange(sheet: JobSheet): { changed: ScopeChange | undefined; answering: (what: Said) => void } {
  const [changed, setChanged] = useState<ScopeChange>();
  const items = useRef(scopeItems(scopeInputOf(sheet)));
  const waiting = useRef<Said>(undefined);
  useEffect(() => {
    const now = scopeItems(scopeInputOf(sheet));
    const delta = scopeDelta(items.current, now, sheet.scopeSchools.labourPerHour);
    if (waiting.current) setChanged(isEmptyDelta(delta) ? undefined : { what: waiting.current, delta });
    waiting.current = undefined;
    items.current = now;
  }, [sheet]);
  const answering = (what: Said): void => {
    waiting.current = what;
  };
  return { changed, answering };
}
