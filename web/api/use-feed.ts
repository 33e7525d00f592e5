import { startTransition, useEffect, useRef, useState } from 'react';
import { EMPTY_FEED, type FeedSnapshot, type InstrumentFeed } from './instrument-feed';
import { SseFeed } from './sse-feed';

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
  return useSnapshot(own ?? feed);
}

/** A picture rests this many times as long as it took: with what else a page does it is busy for less than half (design default). */
const REST = 2;

/**
 * What a carrier has read, as fast as this device draws it and no faster: a picture is begun once the one before it stands, and
 * rests after it. Taps and typing go before it; on a slow phone a run at 60× is drawn less often, never late.
 */
function useSnapshot(carrier: InstrumentFeed | undefined): FeedSnapshot {
  const [drawn, setDrawn] = useState<{ of: InstrumentFeed; feed: FeedSnapshot }>();
  const begun = useRef<number>(undefined);
  useEffect(() => {
    if (!carrier) return;
    let last: FeedSnapshot | undefined;
    const draw = (): void => {
      const feed = carrier.snapshot();
      if (begun.current !== undefined || feed === last) return;
      last = feed;
      begun.current = performance.now();
      startTransition(() => setDrawn({ of: carrier, feed }));
    };
    draw();
    const leave = carrier.subscribe(draw);
    again.current = draw;
    return () => {
      leave();
      begun.current = undefined;
      again.current = undefined;
    };
  }, [carrier]);
  const again = useRef<() => void>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is drawn now stands
  useEffect(() => {
    if (begun.current === undefined) return;
    const tookMs = performance.now() - begun.current;
    const timer = setTimeout(() => {
      begun.current = undefined;
      again.current?.();
    }, REST * tookMs);
    return () => clearTimeout(timer);
  }, [drawn]);
  if (!carrier) return EMPTY_FEED;
  return drawn?.of === carrier ? drawn.feed : carrier.snapshot();
}
