import { useEffect, useState, useSyncExternalStore } from 'react';
import { outboxOf } from './our-outbox';
import type { Outbox } from './outbox';
import type { Waiting } from './waiting';

const NONE: readonly Waiting[] = [];
const never = () => () => undefined;

/** What this person's device still has to send. */
export function useOutbox(personId: string | undefined): { waiting: readonly Waiting[]; box: Outbox | undefined } {
  const [box, setBox] = useState<Outbox>();
  useEffect(() => {
    let here = true;
    if (personId) void outboxOf(personId).then((b) => here && setBox(b));
    return () => {
      here = false;
    };
  }, [personId]);
  const waiting = useSyncExternalStore(box?.subscribe ?? never, box?.list ?? (() => NONE));
  return { waiting, box };
}
