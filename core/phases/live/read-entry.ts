import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import type { Stream } from '@/core/form/field';
import { MOST_STANDING_SAMPLES } from '@/core/phases/evacuate/entries';
import { type EntryBody, type EntryKind, entryOf } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/words';
import type { StoredEvent } from '@/core/plant/feed/block';
import { READING_MEAN_S, type RunSample } from '@/core/startup/live';
import type { Switches } from './told-switches';

/** What stands now is the mean of its last seconds, s. */
const NOW_S = 2;
const S_PER_MIN = 60;
/** A watch is kept as at most this long, as the entry allows, min. */
const MOST_WATCH_MIN = 600;

/** What a stream shows: its samples, oldest first, its events, and how the switches stand. */
export type StreamShown = {
  samples: readonly RunSample[];
  events: readonly StoredEvent[];
  switches: Switches | undefined;
};

/** How long ago an order was ended, by the run's own clock: where the stop was given or told in this run. */
function minutesSince(events: readonly StoredEvent[], order: string, nowS: number): number | undefined {
  const last = (events as readonly { kind: string; order?: string; on?: boolean; runSeconds: number }[])
    .filter((e) => e.kind === 'order' && e.order === order)
    .at(-1);
  return last?.on === false ? Math.min(MOST_WATCH_MIN, Math.floor((nowS - last.runSeconds) / S_PER_MIN)) : undefined;
}

/** Orders to a bench that end a standing test: the pump or its valve opened, gas let in. */
const TOUCHES = new Set(['pump', 'sweep', 'break']);
const isTouched = (event: { kind: string }): boolean => {
  const e = event as { kind: string; order?: string; open?: boolean };
  return e.kind === 'order' && (TOUCHES.has(e.order ?? '') || (e.order === 'valve' && e.open === true));
};

function thinned(points: [number, number][]): [number, number][] {
  if (points.length <= MOST_STANDING_SAMPLES) return points;
  const step = (points.length - 1) / (MOST_STANDING_SAMPLES - 1);
  return Array.from({ length: MOST_STANDING_SAMPLES }, (_, i) => points[Math.round(i * step)]!);
}

/** A standing test from the samples of its time, microns over minutes; refused where something was moved in it. */
export function standingFrom(
  body: EntryBody<'standing'>,
  { samples, events }: Pick<StreamShown, 'samples' | 'events'>,
): Outcome<EntryBody<'standing'>> {
  const { fromS, toS, ...rest } = body;
  const from = fromS ?? 0;
  const to = toS ?? samples.at(-1)?.runSeconds ?? 0;
  const touched = events.find((e) => isTouched(e) && e.runSeconds > from && e.runSeconds <= to);
  if (touched)
    return refuse(
      'fromS',
      tell('live.pump-or-valve-was-moved-at', { runSeconds: Math.round(touched.runSeconds / S_PER_MIN) }),
      tell('live.time-in-which-nothing-was-touched'),
    );
  const inside = samples.flatMap((s): [number, number][] =>
    s.runSeconds >= from && s.runSeconds <= to && typeof s.values.microns === 'number'
      ? [[(s.runSeconds - from) / S_PER_MIN, s.values.microns]]
      : [],
  );
  return inside.length === 0
    ? refuse('fromS', tell('live.run-has-no-readings-in-this'), tell('live.time-within-run'))
    : ok({ ...rest, fromS: from, toS: to, samples: thinned(inside) });
}

/**
 * An entry with each field that an instrument stands in for as the stream shows it now, whatever the screen sent: the mean of
 * the last seconds of a channel, a switch, the clock of the run. Refused where a channel gives no signal.
 */
export function entryFrom(
  kind: EntryKind,
  body: EntryBody<EntryKind>,
  { samples, events, switches }: StreamShown,
): Outcome<EntryBody<EntryKind>> {
  const nowS = samples.at(-1)?.runSeconds ?? 0;
  const { fields, settle } = entryOf(kind);
  const read: Record<string, unknown> = {};
  for (const [name, { stream }] of Object.entries(fields)) {
    if (!stream) continue;
    const value = readingOf(stream);
    if (Number.isNaN(value))
      return refuse(channelOf(stream), tell('live.this-instrument-gives-no-signal-type'), tell('live.type-it'));
    if (value !== undefined && value !== null) read[name] = value;
  }
  return ok(settle({ ...body, ...read } as never) as EntryBody<EntryKind>);

  /** NaN: the channel gives no signal. */
  function readingOf(stream: Stream): unknown {
    if ('clock' in stream) return nowS;
    if ('bench' in stream) return switches?.[stream.bench];
    if ('minutesSince' in stream) return minutesSince(events, stream.minutesSince, nowS);
    const fromS = nowS - (stream.take === 'mean' ? READING_MEAN_S : NOW_S);
    return Number(meanOf(samples, stream.channel, fromS).toFixed(stream.digits));
  }
}

const channelOf = (stream: Stream): string => ('channel' in stream ? stream.channel : 'run');

function meanOf(samples: readonly RunSample[], channel: string, fromS: number): number {
  const values = samples.flatMap((s) => {
    const v = s.values[channel];
    return s.runSeconds >= fromS && typeof v === 'number' ? [v] : [];
  });
  return values.length === 0 ? Number.NaN : values.reduce((sum, v) => sum + v, 0) / values.length;
}
