import type { JobSheet } from '@/core/job/sheet';
import { holdsFor, type Seen, seeing } from '@/core/numeric/seen-parts';
import { roundsOf } from '@/core/phases/start-up/rounds';
import { type RecordedStartUp, recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import type { Db } from '@/server/db/pool';
import { piecesOf, readRunData } from '@/server/features/instruments/run-data';

/** By the circuit as a sheet has it: what was judged of which run, of so many pieces. */
const known = new WeakMap<object, { run: string; seen: Seen<RecordedStartUp | undefined> }>();

/**
 * The recorded start-up of a sheet, with the samples its steadiness rests on. Samples are many and their judgement is long: it
 * is kept while nothing it looked at has changed, and no piece of the run was added (pieces themselves never change).
 */
export async function loadRecorded(db: Db, companyId: string, sheet: JobSheet): Promise<RecordedStartUp | undefined> {
  const last = roundsOf(sheet).at(-1);
  const streamed = last?.measurements.find((m) => m.runId !== null && m.runSeconds !== null);
  if (!streamed) return recordedStartUp(sheet, () => undefined);
  const { runId, runSeconds } = streamed;
  const run = `${runId}/${runSeconds}/${await piecesOf(db, companyId, runId!)}`;
  const there = known.get(sheet.circuit);
  if (there?.run === run && holdsFor(there.seen, sheet)) return there.seen.made;
  const data = await readRunData(db, companyId, runId!, runSeconds!);
  const seen = seeing(sheet, (s) => recordedStartUp(s, () => data));
  db.afterCommit(() => known.set(sheet.circuit, { run, seen }));
  return seen.made;
}
