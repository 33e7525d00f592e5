import { readBefore, readCommissioning } from '@/contract/snapshot';
import { circuitName, isEquipped, type JobSheet } from '@/core/job/sheet';
import { furnaceReport } from '@/core/phases/furnace-report';
import { buildReport, type Report } from '@/core/phases/report';
import { beforeSnapshotOf, type Snapshot, snapshotOf } from '@/core/phases/snapshot';
import { sheetGates } from '@/core/phases/standing';
import { hasCircuit } from '@/core/phases/survey/view';
import type { Db } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { everySheet, loadRecorded } from '@/server/features/jobs/job-summary';
import { mustBeEquipped, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';

/** The report of a job: from the newest frozen snapshot that holds a start-up, else a draft of what is on the sheet now. */
export async function reportOf(db: Db, person: Person, at: JobAt): Promise<Report & { number: number }> {
  const { jobId } = at;
  const sheet = await sheetFor(db, person, at);
  const frozen = await phasesStore.signOffsOf(db, person.companyId, jobId);
  if (!hasCircuit(sheet)) {
    const signed = frozen.find((s) => s.phase === 'hand-over');
    const snapshot = signed
      ? readBefore(signed.snapshot)
      : beforeSnapshotOf(sheet, 'hand-over', sheetGates(sheet, 'hand-over'));
    return {
      ...furnaceReport({
        company: person.companyName,
        snapshot,
        signOffs: sheet.signOffs,
        amendments: await amendmentsOf(),
      }),
      number: sheet.job.number,
    };
  }
  const sheets = await everySheet(db, person.companyId, jobId, person.certification);
  const handedOver = frozen.find((x) => x.phase === 'hand-over');
  const main = handedOver ? readCommissioning(handedOver.snapshot) : await recordOf(sheets[0]!);
  const named = (of: JobSheet): string => circuitName(of, of.circuits.find((c) => c.id === of.circuit.id)!);
  const others = [];
  for (const other of sheets)
    if (other.circuit.id !== main.circuit.id && isEquipped(other))
      others.push({ name: named(other), snapshot: await recordOf(other) });
  const several = sheets.length > 1;
  const signOffs = new Map(
    sheets.flatMap((of) =>
      of.signOffs.map((x) => [x.id, several && x.ownerId === of.circuit.id ? { ...x, circuit: named(of) } : x]),
    ),
  );
  return {
    ...buildReport({
      company: person.companyName,
      snapshot: main,
      signOffs: [...signOffs.values()].sort((a, b) => a.at.localeCompare(b.at)),
      amendments: await amendmentsOf(),
      ...(several ? { several: { name: named(sheets.find((x) => x.circuit.id === main.circuit.id)!), others } } : {}),
    }),
    number: sheet.job.number,
  };

  async function amendmentsOf() {
    const rows = await phasesStore.amendments(db, person.companyId, jobId);
    return rows.map((a) => ({ ...a, at: a.at.toISOString() }));
  }

  /** What a circuit's newest signed start-up froze, else a draft of what stands on its sheet now. */
  async function recordOf(of: JobSheet): Promise<Snapshot> {
    const signed = frozen.findLast((x) => x.phase === 'start-up' && x.ownerId === of.circuit.id);
    if (signed) return readCommissioning(signed.snapshot);
    const recorded = await loadRecorded(db, person.companyId, of);
    return snapshotOf(mustBeEquipped(of), 'start-up', sheetGates(of, 'start-up', recorded), recorded);
  }
}
