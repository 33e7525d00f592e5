import { readingId } from '@/contract/reading-id';
import { type NamedInstrument, readWith } from '@/core/instrument/register';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { heldInRun, steadinessOf } from '@/core/phases/start-up/held';
import { type KeptStood, keptStood } from '@/core/phases/start-up/judged';
import { type RunSample, readingsFromRun, toRecord } from '@/core/startup/live';
import { QUANTITIES } from '@/core/startup/quantities';
import { dayAt } from '@/core/words/calendar';
import type { Db } from '@/server/db/pool';
import { measurementsStore } from '@/server/features/measurements/measurements-store';
import { registerStore } from '@/server/features/register/register-store';
import { english } from '@/server/words/speak-to';
import { readRunData } from './run-data';
import type { RunRow } from './runs-store';

export type ReadingRequest = { setId: string; stage: string; quantities?: readonly string[] | null };

/** Stores the mean of the last 15 s of each channel as one round. */
export async function insertReadings(
  db: Db,
  run: RunRow,
  sheet: JobSheet,
  personId: string,
  samples: readonly RunSample[],
  request: ReadingRequest,
  occurredAt: Date,
): Promise<void> {
  const runSeconds = samples.at(-1)?.runSeconds ?? 0;
  const stood = await stoodAt(db, run, sheet, runSeconds);
  // What is simulated was read by none of the company's instruments.
  const kept = run.source === 'instrument' ? await registerStore.keptBy(db, run.companyId, personId) : [];
  const read = toRecord(readingsFromRun(samples, run.source, 0), request.quantities);
  for (const { quantity, value, uncertainty } of read) {
    const spec = QUANTITIES[quantity];
    await measurementsStore.insert(db, {
      id: readingId(request.setId, quantity),
      companyId: run.companyId,
      jobId: run.jobId,
      equipmentId: sheet.equipmentId,
      circuitId: run.circuitId,
      phase: run.phase,
      mode: sheet.job.mode,
      stage: request.stage,
      setId: request.setId,
      quantity,
      value,
      uncertainty,
      location: english(spec.location),
      barometerPsia: quantity.endsWith('Psig') ? sheet.site.barometerPsia : null,
      source: run.source,
      instrument: `${run.source} ${english(spec.label).toLowerCase()} probe`,
      personId,
      runId: run.id,
      runSeconds,
      detail: {
        ...(quantity === 'airflowCfm' ? { method: 'flow grid or hood' } : stood),
        ...named(readWith(quantity, kept, dayAt(occurredAt, sheet.site.timeZone))),
      },
      supersedesId: null,
      occurredAt,
    });
  }
}

const named = (instrument: NamedInstrument | undefined): object => (instrument ? { instrument } : {});

/** How the run stood at that second, kept beside its readings: the proof of another mode is judged without the run at hand. */
async function stoodAt(db: Db, run: RunRow, sheet: JobSheet, runSeconds: number): Promise<KeptStood | null> {
  if (!isEquipped(sheet) || run.phase !== 'start-up') return null;
  const data = await readRunData(db, run.companyId, run.id, runSeconds);
  return keptStood({ steady: steadinessOf(sheet, data), held: heldInRun(sheet, data) });
}
