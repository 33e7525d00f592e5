import { useEffect, useState, useSyncExternalStore } from 'react';
import { EMPTY_FEED, type FeedSnapshot, type InstrumentFeed } from './instrument-feed';
import { SseFeed } from './sse-feed';

const nothing = (): (() => void) => () => undefined;
const empty = (): FeedSnapshot => EMPTY_FEED;

/** The live readings of a run, or the empty feed when there is none; `own` reads it on this device. */
export function useFeed(runId: string | undefined, generation: number, own: InstrumentFeed | undefined): FeedSnapshot {
  const [feed, setFeed] = useState<InstrumentFeed | undefined>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new generation means the run was resumed and must be joined again
  useEffect(() => {
    if (!runId || own) {
      setFeed(undefined);
      return;
    }
    const made = new SseFeed(runId);
    setFeed(made);
    return () => made.close();
  }, [runId, generation, own]);
  const carrier = own ?? feed;
  return useSyncExternalStore(carrier?.subscribe ?? nothing, carrier?.snapshot ?? empty);
}
