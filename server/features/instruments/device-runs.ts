import { type ScaleMovement, scaleMovementSchema } from '@/contract/movement-id';
import type { DeviceLogBody, DeviceRunBody } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import type { StoredEvent } from '@/core/plant/feed/block';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import type { JobAt } from '@/server/features/jobs/job-at';
import { changeOpenJob } from '@/server/features/jobs/jobs-service';
import { answersFor } from '@/server/features/people/certified';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { runFor } from './instruments-service';
import { recordMovement } from './movement-record';
import { runsStore } from './runs-store';

/** The run of simulated instruments that a device reads by itself, told before anything that was read in it. */
export function openDeviceRun(
  { database }: Pick<Deps, 'database'>,
  person: Person,
  at: JobAt,
  body: DeviceRunBody,
): Promise<JobSheet> {
  return changeOpenJob({ database, person, at }, async ({ db, sheet, person, jobId, first, trail }) => {
    if (!(await first('device run', body))) return;
    await runsStore.insertDevice(db, {
      id: body.id,
      companyId: person.companyId,
      jobId,
      circuitId: sheet.circuit.id,
      phase: body.phase,
      startedBy: person.id,
      startedAt: new Date(body.startedAt),
    });
    await trail('run started', {
      runId: body.id,
      phase: body.phase,
      source: 'simulated',
      on: 'device',
    });
  });
}

/** A piece of such a run. Pieces come in any order and more than once; each is stored once, by its number. */
export async function takeDeviceLog(
  deps: Pick<Deps, 'database'>,
  person: Person,
  runId: string,
  { id, seq, samples, events, certifiedId }: DeviceLogBody,
  agoS = 0,
): Promise<void> {
  const run = await runFor(deps, person, runId);
  if (run.onDevice !== 1) throw new Problem('run-state', { message: tell('server.this-run-is-not-a-devices') });
  if (run.startedBy !== person.id) throw new Problem('not-allowed', { message: tell('server.run-of-another-person') });
  const { runSeconds, values } = samples;
  const uneven = Object.entries(values).find(([, column]) => column.length !== runSeconds.length);
  if (uneven)
    throw badInput(
      `samples.values.${uneven[0]}`,
      tell('server.column-is-not-as-long-as-its-seconds'),
      tell('server.one-value-a-second'),
    );
  if (runSeconds.some((s, i) => i > 0 && s <= runSeconds[i - 1]!))
    throw badInput('samples.runSeconds', tell('server.seconds-do-not-rise'), tell('server.each-second-once-in-order'));
  const moved = events.filter((e) => e.kind === 'scale-movement').map((e) => weighingOf(e));
  const certified = moved.length ? await answersFor(deps.database, person, certifiedId) : undefined;
  await deps.database.transaction(async (db) => {
    const { companyId } = person;
    if (
      !(await writesFirst(db, person, {
        id,
        what: 'device log',
        jobId: run.jobId,
        body: { runId, seq, samples, events, ...(certifiedId ? { certifiedId } : {}) },
      }))
    )
      return;
    await runsStore.addChunk(db, { runId, seq, companyId, samples, events, feed: null });
    if (certified) await runsStore.setCertified(db, runId, certified.id);
    const at = new Date(Date.now() - agoS * 1000);
    for (const event of moved) await recordMovement(db, { ...run, certifiedId: certified?.id ?? null }, event, at);
  });
}

/** A weighing as the scale of the device ended it. */
function weighingOf(event: object): StoredEvent & ScaleMovement {
  const read = scaleMovementSchema.safeParse(event);
  if (read.success) return read.data;
  throw badInput(
    `events.${read.error.issues[0]!.path.join('.')}`,
    tell('server.weighing-is-not-whole'),
    tell('server.weighing-has-these'),
  );
}
