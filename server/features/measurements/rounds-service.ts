import type { DeviceRead, Round } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import { startUp } from '@/core/phases/start-up/phase';
import { now } from '@/server/clock';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { deviceSamples } from '@/server/features/instruments/device-read';
import { activeOf, runFor } from '@/server/features/instruments/instruments-service';
import { insertReadings } from '@/server/features/instruments/reading-record';
import type { JobAt } from '@/server/features/jobs/job-at';
import { changeOpenJob, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { signUnder } from '@/server/features/phases/phases-service';
import { must } from '@/server/who';
import { tell } from '@/server/words/tell';
import { isWritten, writesFirst } from '@/server/write-once';
import { mustBeOpen, storeTyped } from './measurements-service';

/**
 * One round of the start-up: what was typed and the mean of the last 15 s of each channel, and the signature under it where it
 * is the last. All of it or nothing: no reading is left without the signature that was asked for with it.
 */
export async function recordRound(
  deps: Deps,
  person: Person,
  at: JobAt,
  body: Round,
  agoS?: number,
): Promise<JobSheet> {
  const { jobId } = at;
  const { database } = deps;
  if (body.sign !== null) must(person, startUp.signedBy);
  const write = { id: body.setId, what: 'round', jobId, body };
  if (await isWritten(database, person, write)) return sheetFor(database, person, at);
  const streamed = body.run === null ? undefined : await streamOf(deps, person, jobId, body.run);
  return changeOpenJob({ database, person, at }, async ({ db, sheet, person, trail }) => {
    if (!(await writesFirst(db, person, write))) return;
    mustBeOpen(sheet, startUp.id);
    await storeTyped(db, person, sheet, body.typed);
    if (streamed) {
      const { run, samples, readAt } = streamed;
      const wanted = { setId: body.setId, stage: body.stage, quantities: body.run?.quantities };
      await insertReadings(db, run, sheet, person.id, samples, wanted, readAt);
    }
    await trail('round recorded', {
      setId: body.setId,
      stage: body.stage,
      run: body.run?.id ?? null,
    });
    if (body.sign !== null)
      await signUnder(db, person, await sheetFor(db, person, at), startUp, { id: body.sign }, agoS);
  });
}

type Streamed = { id: string; quantities: string[] | null; device?: DeviceRead | undefined };

/** The run's last samples, stored before anything rests on them, and when they were read. */
async function streamOf(deps: Deps, person: Person, jobId: string, { id, quantities, device }: Streamed) {
  const run = await runFor(deps, person, id);
  if (run.jobId !== jobId) throw new Problem('not-found', { message: tell('server.no-such-run-on-this-job') });
  if (run.onDevice === 1) {
    const samples = await deviceSamples(deps.database, person, run, device, quantities);
    return { run, samples, readAt: new Date(Math.min(now().getTime(), Date.parse(device!.occurredAt))) };
  }
  const active = activeOf(deps, run);
  const samples = [...active.recent];
  await active.commit();
  return { run, samples, readAt: now() };
}
