import { LEAST_MOVED_OZ, movedOz, movementId, type ScaleMovement } from '@/contract/movement-id';
import { recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import type { JobSheet } from '@/core/job/sheet';
import { SCALE_UNCERTAINTY_OZ } from '@/core/phases/charge/charge-sheet';
import type { StoredEvent } from '@/core/plant/feed/block';
import { dayAt } from '@/core/words/calendar';
import type { Db } from '@/server/db/pool';
import { moveWithSystem } from '@/server/features/cylinders/cylinder-moves';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { refreshSummary } from '@/server/features/jobs/job-summary';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { readJobSheet } from '@/server/features/jobs/kept-sheets';
import { measurementsStore } from '@/server/features/measurements/measurements-store';
import { peopleStore } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';
import type { RunRow } from './runs-store';

/** Stores what the scale says moved; recovered ounces are negative. */
export async function recordMovement(db: Db, run: RunRow, event: StoredEvent, occurredAt = new Date()): Promise<void> {
  const { on, startOz, endOz, startS } = event as unknown as ScaleMovement;
  const value = movedOz({ startOz, endOz });
  if (Math.abs(value) < LEAST_MOVED_OZ) return;
  await jobsStore.lock(db, run.companyId, run.jobId);
  const sheet = await readJobSheet(db, run.companyId, run, 'none');
  if (!sheet) return;
  const id = movementId(run.id, startS);
  if ((await measurementsStore.find(db, [id])).length) return;
  const signOff = sheet.signOffs.find((s) => s.phase === run.phase);
  if (signOff) {
    // What moved after the signature stands beside the frozen record, never in it; the cylinder's ledger has it all the same.
    await phasesStore.insertAmendment(db, {
      id,
      companyId: run.companyId,
      signOffId: signOff.id,
      personId: run.startedBy,
      note: `After the signature ${value.toFixed(1)} oz moved on the scale (${startOz.toFixed(1)} to ${endOz.toFixed(1)} oz).`,
    });
  } else
    await measurementsStore.insert(db, {
      id,
      companyId: run.companyId,
      jobId: run.jobId,
      equipmentId: sheet.equipmentId,
      circuitId: run.circuitId,
      phase: run.phase,
      mode: sheet.job.mode,
      stage: on === 'recovery' ? 'recover' : run.phase === 'start-up' ? 'trim' : 'weigh-in',
      setId: id,
      quantity: 'chargeMovementOz',
      value,
      uncertainty: SCALE_UNCERTAINTY_OZ,
      location: 'refrigerant scale',
      barometerPsia: null,
      source: run.source,
      instrument: run.source === 'simulated' ? 'simulated scale' : 'scale',
      personId: run.startedBy,
      runId: run.id,
      runSeconds: event.runSeconds,
      detail: { startOz, endOz, startS, ...(await under(db, run)) },
      supersedesId: null,
      occurredAt,
    });
  const person = await peopleStore.byId(db, run.certifiedId ?? run.startedBy);
  await moveWithSystem(db, run.companyId, sheet, {
    cause: id,
    oz: value,
    personId: run.startedBy,
    certificate: person?.certificateNumber ?? null,
    source: run.source,
    occurredAt,
    intoCylinderId: value < 0 ? await intoCylinder(db, run.companyId, sheet, -value) : undefined,
    startOz,
    endOz,
  });
  await refreshSummary(db, run.companyId, run.jobId);
}

/** The recovery cylinder that a streamed recovery goes into; none where none may take it: then only the sheet has it. */
async function intoCylinder(db: Db, companyId: string, sheet: JobSheet, oz: number): Promise<string | undefined> {
  const today = dayAt(new Date(), sheet.site.timeZone);
  return recoveryCylinder(
    await cylindersStore.list(db, companyId),
    sheet.circuit.plate?.refrigerant,
    today,
    undefined,
    oz,
  )?.id;
}

/** Who answers for it, where that is not the person at the scale. */
async function under(db: Db, run: RunRow): Promise<{ certifiedBy?: string }> {
  if (!run.certifiedId || run.certifiedId === run.startedBy) return {};
  const certified = await peopleStore.byId(db, run.certifiedId);
  return certified ? { certifiedBy: certified.fullName } : {};
}
