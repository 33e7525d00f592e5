import { entryFrom, standingFrom } from '@/core/phases/live/read-entry';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import type { Deps } from '@/server/deps';
import { Problem, usable } from '@/server/errors/problem';
import { benchNow } from '@/server/features/instruments/active-run';
import { runFor } from '@/server/features/instruments/instruments-service';
import { readRunData } from '@/server/features/instruments/run-data';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';

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
  // What a device read off instruments of its own it wrote into the entry; its run comes piece by piece.
  if (run.onDevice === 1) return { body, source: run.source };
  const active = hall.get(runId);
  await active?.commit();
  if (kind === 'standing') {
    const shown = await readRunData(database, person.companyId, runId);
    return { body: usable(standingFrom(body as EntryBody<'standing'>, shown)), source: run.source };
  }
  if (!active) throw new Problem('run-state', { message: tell('server.instruments-are-not-running-resume-them') });
  const { events } = await readRunData(database, person.companyId, runId);
  const switches = benchNow(active.feed, 1)?.switches;
  const read = entryFrom(kind, body, { samples: active.recent, events, switches });
  if (!read.ok) throw new Problem('run-state', read.refused);
  return { body: read.value, source: run.source };
}
