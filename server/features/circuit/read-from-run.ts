import { type EntryBody, type EntryKind, MOST_STANDING_SAMPLES } from '@/core/phases/log/entry-bodies';
import type { RunSample } from '@/core/startup/live';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import { type ActiveRun, benchView } from '@/server/features/instruments/active-run';
import { runFor } from '@/server/features/instruments/instruments-service';
import { readRunData } from '@/server/features/instruments/run-data';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';

/** A reading is the mean of this long, s. */
const MEAN_S = 15;
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
  if (runId === null) return { body, source: 'typed' };
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
  const read = withReadings(kind, body, active);
  const off = STOPS[kind];
  if (!off) return { body: read, source: run.source };
  // How long it was watched is told by the run's own clock, where the stop was given or told in this run.
  const { events } = await readRunData(database, person.companyId, runId);
  const waited = minutesSinceOff(events, off, active.recent.at(-1)?.runSeconds ?? 0);
  return {
    body:
      waited === undefined ? read : ({ ...read, [kind === 'level' ? 'waitMin' : 'minutes']: waited } as typeof read),
    source: run.source,
  };
}

/** A watch is kept as at most this long, as the entry allows. */
const MOST_WATCH_MIN = 600;
/** The order whose end begins the watch of an entry. */
const STOPS: Partial<Record<EntryKind, string>> = { level: 'machine', rebound: 'call' };

function minutesSinceOff(
  events: readonly { kind: string; runSeconds: number }[],
  order: string,
  nowS: number,
): number | undefined {
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

function withReadings(kind: EntryKind, body: EntryBody<EntryKind>, active: ActiveRun): EntryBody<EntryKind> {
  const { recent } = active;
  const runSeconds = recent.at(-1)?.runSeconds ?? 0;
  const read = (channel: string): number => meanOf(recent, channel, runSeconds);
  switch (kind) {
    case 'hold-start':
    case 'hold-end':
      return {
        ...(body as EntryBody<'hold-end'>),
        psig: tenth(read('testPsig')),
        pipeF: tenth(read('pipeF')),
        runSeconds,
      };
    case 'isolated':
      return { ...(body as EntryBody<'isolated'>), microns: Math.round(last(recent, 'microns')), runSeconds };
    case 'rebound':
      return { ...(body as EntryBody<'rebound'>), afterPsig: tenth(read('suctionPsig')) };
    case 'level': {
      const sent = body as EntryBody<'level'>;
      const afterPsig = tenth(read('suctionPsig'));
      return { ...sent, afterPsig, reachedPsig: Math.min(sent.reachedPsig, afterPsig) };
    }
    case 'pump-down':
      return { ...(body as EntryBody<'pump-down'>), stopPsig: tenth(last(recent, 'suctionPsig')), runSeconds };
    case 'recovered': {
      const switches = benchView(active.feed, 1)?.switches;
      const start = switches?.startGrossOz;
      const sent = body as EntryBody<'recovered'>;
      return {
        ...sent,
        // What came over is in the cylinder that stood on the scale, whatever the screen thought.
        cylinderId: typeof switches?.cylinderId === 'string' ? switches.cylinderId : sent.cylinderId,
        startGrossOz: typeof start === 'number' ? start : sent.startGrossOz,
        endGrossOz: last(recent, 'scaleOz'),
      };
    }
    default:
      return body;
  }
}

const tenth = (v: number): number => Math.round(v * 10) / 10;

function valuesOf(samples: readonly RunSample[], channel: string, fromS: number): number[] {
  return samples.flatMap((s) => {
    const v = s.values[channel];
    return s.runSeconds >= fromS && typeof v === 'number' ? [v] : [];
  });
}

function meanOf(samples: readonly RunSample[], channel: string, nowS: number): number {
  const values = valuesOf(samples, channel, nowS - MEAN_S);
  if (values.length === 0)
    throw new Problem('run-state', { field: channel, message: tell('server.this-instrument-gives-no-signal-type') });
  return values.reduce((s, v) => s + v, 0) / values.length;
}

const last = (samples: readonly RunSample[], channel: string): number =>
  meanOf(samples, channel, (samples.at(-1)?.runSeconds ?? 0) + MEAN_S - 2);
