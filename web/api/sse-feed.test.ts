import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type RigView, STREAM_VERSION } from '@/contract/answers/stream';
import { moved, sampleSheet } from '@/core/job/testing/sample-sheet';
import { steadyState } from '@/core/startup/steady-state';
import { liveMovement, unsheetedOz } from '@/web/phases/live-movement';
import { EMPTY_FEED, type FeedSnapshot } from './instrument-feed';
import { SseFeed } from './sse-feed';

/** A stand-in for the browser's EventSource that the test speaks through. */
class FakeSource {
  static last: FakeSource;
  closed = false;
  onerror: (() => void) | undefined;
  private readonly heard = new Map<string, (event: { data: string }) => void>();
  constructor(readonly url: string) {
    FakeSource.last = this;
  }
  addEventListener(type: string, listener: (event: { data: string }) => void): void {
    this.heard.set(type, listener);
  }
  say(type: string, data: unknown): void {
    this.heard.get(type)!({ data: JSON.stringify(data) });
  }
  close(): void {
    this.closed = true;
  }
}

const RIG: RigView = {
  running: true,
  cutout: 'none',
  defrosting: false,
  valveOpen: false,
  on: 'charge',
  moveLeftOz: 0,
  movementStartOz: null,
  speed: 1,
  conditions: {
    outdoorF: 94,
    indoorEndF: 76,
    indoorAir: 1,
    outdoorAir: 1,
    condenserClean: 1,
    meterOpening: 1,
    nonCondensablePsi: 0,
    filterLoaded: 1,
    stripsOn: null,
    onset: 'none',
    testMode: null,
    probeFaults: {},
  },
};
const history = (change: object = {}) => ({
  v: STREAM_VERSION,
  seq: 3,
  durableSeq: 2,
  samples: [{ runSeconds: 1, values: { liquidPsig: 370 } }],
  events: [{ runSeconds: 0, kind: 'compressor-start' }],
  rig: RIG,
  state: 'running',
  ...change,
});
const batch = (runSeconds: number[], change: object = {}) => ({
  v: STREAM_VERSION,
  seq: 4,
  durableSeq: 3,
  producedAt: Date.now(),
  samples: { runSeconds, values: { liquidPsig: runSeconds.map(() => 371) } },
  events: [],
  rig: RIG,
  ...change,
});

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('EventSource', FakeSource);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a feed over server-sent events', () => {
  it('joins history and batches without a sample twice or out of order', () => {
    const feed = new SseFeed('run-1');
    expect(FakeSource.last.url).toBe('/api/runs/run-1/stream');
    expect(feed.snapshot().state).toBe('connecting');
    FakeSource.last.say('history', history());
    FakeSource.last.say('batch', batch([1, 2]));
    FakeSource.last.say('batch', batch([2, 3]));
    expect(feed.snapshot()).toMatchObject({ state: 'live', seq: 4, durableSeq: 3 });
    expect(feed.snapshot().samples.map((s) => s.runSeconds)).toEqual([1, 2, 3]);
  });
  it('an event is kept once', () => {
    const feed = new SseFeed('run-1');
    FakeSource.last.say('history', history());
    FakeSource.last.say(
      'batch',
      batch([2], {
        events: [
          { runSeconds: 0, kind: 'compressor-start' },
          { runSeconds: 2, kind: 'refrigerant' },
        ],
      }),
    );
    expect(feed.snapshot().events.map((e) => e.kind)).toEqual(['compressor-start', 'refrigerant']);
  });
  it('tells the screen at once on the first news, then at most every 180 ms, and never forgets the last', () => {
    const feed = new SseFeed('run-1');
    const told = vi.fn();
    feed.subscribe(told);
    FakeSource.last.say('history', history());
    expect(told).toHaveBeenCalledTimes(1);
    for (let s = 2; s < 12; s++) FakeSource.last.say('batch', batch([s]));
    expect(told).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(200);
    expect(told).toHaveBeenCalledTimes(2);
    expect(feed.snapshot().samples.length).toBe(11);
  });
  it('a broken stream is lost, and a new history makes it live again', () => {
    const feed = new SseFeed('run-1');
    FakeSource.last.say('history', history());
    FakeSource.last.onerror!();
    expect(feed.snapshot().state).toBe('lost');
    FakeSource.last.say('history', history({ samples: [{ runSeconds: 9, values: {} }] }));
    expect(feed.snapshot()).toMatchObject({ state: 'live', samples: [{ runSeconds: 9 }] });
  });
  it.each([
    ['another version', { v: STREAM_VERSION + 1 }],
    ['no version', { v: undefined }],
    ['samples that are no numbers', { samples: { runSeconds: [4], values: { liquidPsig: ['x'] } } }],
    ['a rig nobody knows', { rig: { running: 'yes' } }],
  ])('a batch of %s is not read: the stream counts as lost, and what came before stays', (_, change) => {
    const feed = new SseFeed('run-1');
    FakeSource.last.say('history', history());
    FakeSource.last.say('batch', batch([2]));
    FakeSource.last.say('batch', batch([3], change));
    expect(feed.snapshot()).toMatchObject({ state: 'lost' });
    expect(feed.snapshot().samples.map((s) => s.runSeconds)).toEqual([1, 2]);
    FakeSource.last.say('batch', batch([4]));
    expect(feed.snapshot()).toMatchObject({ state: 'live' });
  });
  it('a run that has ended closes the stream and is not called lost', () => {
    const feed = new SseFeed('run-1');
    FakeSource.last.say('history', history({ state: 'stopped', rig: null }));
    expect(FakeSource.last.closed).toBe(true);
    FakeSource.last.onerror!();
    expect(feed.snapshot().state).toBe('ended');
  });
  it('a long history that came thinned on odd seconds is not thinned away', () => {
    const feed = new SseFeed('run-1');
    const old = Array.from({ length: 8000 }, (_, i) => ({ runSeconds: 1 + i * 10, values: { microns: 400 } }));
    FakeSource.last.say('history', { ...history(), samples: old });
    const from = old.at(-1)!.runSeconds;
    for (let s = from + 1; s < from + 6000; s += 300)
      FakeSource.last.say('batch', batch(Array.from({ length: 300 }, (_, i) => s + i)));
    const seconds = feed.snapshot().samples.map((x) => x.runSeconds);
    expect(seconds[0]).toBe(1);
    expect(seconds.filter((s) => s <= from).length).toBe(8000);
  });
  it('what the screen kept of a long run is judged as the whole of it is', () => {
    const feed = new SseFeed('run-1');
    const at = (s: number) => {
      // Steady after an hour, with a drift before it and a little noise all along.
      const drift = Math.max(0, 3600 - s) / 200;
      const noise = Math.sin(s * 12.9) / 5;
      return {
        superheatF: 10 + drift + noise,
        subcoolingF: 9 - drift + noise,
        suctionPsig: 118 + noise,
        liquidPsig: 370,
        returnDryBulbF: 76,
        supplyDryBulbF: 57,
        compressorA: 11,
      };
    };
    FakeSource.last.say('history', history({ samples: [{ runSeconds: 0, values: at(0) }] }));
    const whole = [{ runSeconds: 0, ...at(0) }];
    const event = [{ runSeconds: 0, kind: 'compressor-start' as const }];
    for (let s = 1; s < 15_000; s += 60) {
      const seconds = Array.from({ length: 60 }, (_, i) => s + i);
      const values = Object.fromEntries(
        (Object.keys(at(0)) as (keyof ReturnType<typeof at>)[]).map((n) => [n, seconds.map((x) => at(x)[n])]),
      );
      FakeSource.last.say('batch', batch(seconds, { samples: { runSeconds: seconds, values } }));
      whole.push(...seconds.map((x) => ({ runSeconds: x, ...at(x) })));
      if (s % 600 !== 1) continue;
      const kept = feed.snapshot().samples.map((x) => ({ runSeconds: x.runSeconds, ...x.values }));
      expect(steadyState(kept, event)).toEqual(steadyState(whole, event));
    }
    expect(feed.snapshot().samples.length).toBeLessThan(whole.length / 2);
    expect(steadyState(whole, event)).toMatchObject({ state: 'steady', steadyForS: 3000 });
  });
  it('keeps the last hour whole and thins the day before it, start to end', () => {
    const feed = new SseFeed('run-1');
    FakeSource.last.say('history', history());
    const DAY = 86_400;
    for (let s = 2; s < DAY; s += 300)
      FakeSource.last.say('batch', batch(Array.from({ length: 300 }, (_, i) => s + i)));
    const seconds = feed.snapshot().samples.map((x) => x.runSeconds);
    expect(seconds[0]).toBeLessThanOrEqual(10);
    expect(seconds.length).toBeLessThan(3600 + 900 + DAY / 10);
    const hour = seconds.filter((s) => seconds.at(-1)! - s < 3600);
    expect(hour.length).toBe(3600);
    expect(seconds.every((s, i) => i === 0 || s > seconds[i - 1]!)).toBe(true);
  });
});

describe('a weighing on the screen', () => {
  const run = {
    id: 'r',
    circuitId: 'circuit',
    phase: 'charge',
    source: 'simulated' as const,
    speed: 1,
    state: 'running' as const,
    startedAt: '',
  };
  const feed = (change: Partial<FeedSnapshot>): FeedSnapshot => ({ ...EMPTY_FEED, ...change });
  it('is the start weight less the weight now, while one is open', () => {
    const live = feed({
      rig: { ...RIG, movementStartOz: 640, moveLeftOz: 7.5 },
      samples: [{ runSeconds: 1, values: { scaleOz: 634.6 } }],
    });
    expect(liveMovement({ feed: live, run })).toMatchObject({
      oz: expect.closeTo(5.4, 6),
      leftOz: 7.5,
      recovering: false,
    });
    expect(liveMovement({ feed: feed({ rig: RIG, samples: live.samples }), run })).toBeUndefined();
    expect(liveMovement({ feed: live, run: undefined })).toBeUndefined();
  });
  it('a finished weighing counts until the sheet holds it, then no longer', () => {
    const events = [
      { runSeconds: 40, kind: 'scale-movement', startOz: 640, endOz: 627.1 },
    ] as unknown as FeedSnapshot['events'];
    expect(unsheetedOz({ feed: feed({ events }), run, sheet: sampleSheet() })).toBeCloseTo(12.9, 6);
    const held = sampleSheet({ measurements: [moved(12.9, { runId: 'r', runSeconds: 40 })] });
    expect(unsheetedOz({ feed: feed({ events }), run, sheet: held })).toBe(0);
  });
});
