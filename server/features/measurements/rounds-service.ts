import type { Round } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import { startUp } from '@/core/phases/start-up/phase';
import { audit } from '@/server/audit';
import { now } from '@/server/clock';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
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
export async function recordRound(deps: Deps, person: Person, at: JobAt, body: Round): Promise<JobSheet> {
  const { jobId } = at;
  const { database } = deps;
  if (body.sign !== null) must(person, startUp.signedBy);
  const write = { id: body.setId, what: 'round', jobId, body };
  if (await isWritten(database, person, write)) return sheetFor(database, person, at);
  const streamed = body.run === null ? undefined : await streamOf(deps, person, jobId, body.run.id);
  return changeOpenJob(database, person, at, async (db, sheet) => {
    if (!(await writesFirst(db, person, write))) return;
    mustBeOpen(sheet, startUp.id);
    await storeTyped(db, person, sheet, body.typed);
    if (streamed) {
      const wanted = { setId: body.setId, stage: body.stage, quantities: body.run?.quantities ?? undefined };
      await insertReadings(db, streamed.run, sheet, person.id, streamed.samples, wanted, now());
    }
    await audit(db, person, jobId, 'round recorded', {
      setId: body.setId,
      stage: body.stage,
      run: body.run?.id ?? null,
    });
    if (body.sign !== null) await signUnder(db, person, await sheetFor(db, person, at), startUp, { id: body.sign });
  });
}

/** The run's last samples, stored before anything rests on them. */
async function streamOf(deps: Deps, person: Person, jobId: string, runId: string) {
  const run = await runFor(deps, person, runId);
  if (run.jobId !== jobId) throw new Problem('not-found', { message: tell('server.no-such-run-on-this-job') });
  const active = activeOf(deps, run);
  const samples = [...active.recent];
  await active.commit();
  return { run, samples };
}
