import type { Stream } from '@/core/form/field';
import { MOST_STANDING_SAMPLES } from '@/core/phases/evacuate/entries';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import { entryOf } from '@/core/phases/log/entries';
import { READING_MEAN_S, type RunSample } from '@/core/startup/live';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import { type ActiveRun, benchView } from '@/server/features/instruments/active-run';
import { runFor } from '@/server/features/instruments/instruments-service';
import { readRunData, type StoredEvent } from '@/server/features/instruments/run-data';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';

/** What stands now is the mean of its last seconds, s. */
const NOW_S = 2;
const S_PER_MIN = 60;

export type ReadEntry = { body: EntryBody<EntryKind>; source: 'typed' | 'instrument' | 'simulated' | 'replayed' };

/**
 * An entry that names a run takes its figures from that run's stored samples, not from the screen that sent it: one tap
 * records what the instruments read. Without a run it is what a person typed.
 */
export async function readFromRun(
  { database, hall }: Pick<Deps, 'database' | 'hall'>,
  person: Person,
  jobId: string,
  kind: EntryKind,
  body: EntryBody<EntryKind>,
): Promise<ReadEntry> {
  const runId = 'runId' in body ? ((body.runId as string | null | undefined) ?? null) : null;
  // What a simulated stand-in gave without a run says so itself.
  if (runId === null) return { body, source: 'simulated' in body && body.simulated ? 'simulated' : 'typed' };
  const run = await runFor({ database }, person, runId);
  if (run.jobId !== jobId) throw new Problem('not-found', { message: tell('server.no-such-run-on-this-job') });
  const active = hall.get(runId);
  await active?.commit();
  if (kind === 'standing') {
    const { fromS, toS, ...rest } = body as EntryBody<'standing'>;
    const { samples, events } = await readRunData(database, person.companyId, runId);
    const from = fromS ?? 0;
    const to = toS ?? samples.at(-1)?.runSeconds ?? 0;
    const touched = events.find((e) => isTouched(e) && e.runSeconds > from && e.runSeconds <= to);
    if (touched)
      throw badInput({
        field: 'fromS',
        message: tell('server.pump-or-valve-was-moved-at', { runSeconds: Math.round(touched.runSeconds / S_PER_MIN) }),
        allowed: tell('server.time-in-which-nothing-was-touched'),
      });
    const inside = samples.flatMap((s): [number, number][] =>
      s.runSeconds >= from && s.runSeconds <= to && typeof s.values.microns === 'number'
        ? [[(s.runSeconds - from) / S_PER_MIN, s.values.microns]]
        : [],
    );
    if (inside.length === 0)
      throw badInput({
        field: 'fromS',
        message: tell('server.run-has-no-readings-in-this'),
        allowed: tell('server.time-within-run'),
      });
    return { body: { ...rest, fromS: from, toS: to, samples: thinned(inside) }, source: run.source };
  }
  if (!active) throw new Problem('run-state', { message: tell('server.instruments-are-not-running-resume-them') });
  const { events } = await readRunData(database, person.companyId, runId);
  return { body: withReadings(kind, body, active, events), source: run.source };
}

/** A watch is kept as at most this long, as the entry allows. */
const MOST_WATCH_MIN = 600;

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

/** Each field that an instrument stands in for is read from it, whatever the screen sent. */
function withReadings(
  kind: EntryKind,
  body: EntryBody<EntryKind>,
  active: ActiveRun,
  events: readonly StoredEvent[],
): EntryBody<EntryKind> {
  const { recent } = active;
  const nowS = recent.at(-1)?.runSeconds ?? 0;
  const switches = benchView(active.feed, 1)?.switches;
  const { fields, settle } = entryOf(kind);
  const read = Object.entries(fields).flatMap(([name, { stream }]): [string, unknown][] => {
    const value = stream && readingOf(stream);
    return value === undefined || value === null ? [] : [[name, value]];
  });
  return settle({ ...body, ...Object.fromEntries(read) } as never) as EntryBody<EntryKind>;

  function readingOf(stream: Stream): unknown {
    if ('clock' in stream) return nowS;
    if ('bench' in stream) return switches?.[stream.bench];
    if ('minutesSince' in stream) return minutesSince(events, stream.minutesSince, nowS);
    return Number(
      meanOf(recent, stream.channel, nowS - (stream.take === 'mean' ? READING_MEAN_S : NOW_S)).toFixed(stream.digits),
    );
  }
}

function valuesOf(samples: readonly RunSample[], channel: string, fromS: number): number[] {
  return samples.flatMap((s) => {
    const v = s.values[channel];
    return s.runSeconds >= fromS && typeof v === 'number' ? [v] : [];
  });
}

function meanOf(samples: readonly RunSample[], channel: string, fromS: number): number {
  const values = valuesOf(samples, channel, fromS);
  if (values.length === 0)
    throw new Problem('run-state', { field: channel, message: tell('server.this-instrument-gives-no-signal-type') });
  return values.reduce((s, v) => s + v, 0) / values.length;
}
