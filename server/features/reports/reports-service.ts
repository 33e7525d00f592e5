import { readBefore, readCommissioning } from '@/contract/snapshot';
import { furnaceReport } from '@/core/phases/furnace-report';
import { buildReport, type Report } from '@/core/phases/report';
import { beforeSnapshotOf, type Snapshot, snapshotOf } from '@/core/phases/snapshot';
import { sheetGates } from '@/core/phases/standing';
import { hasCircuit } from '@/core/phases/survey/view';
import type { Db } from '@/server/db/pool';
import { loadRecorded } from '@/server/features/jobs/job-summary';
import { mustBeEquipped, sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';

/** The report of a job: from the newest frozen snapshot that holds a start-up, else a draft of what is on the sheet now. */
export async function reportOf(db: Db, person: Person, jobId: string): Promise<Report & { number: number }> {
  const sheet = await sheetFor(db, person, jobId);
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
  const newest = [...frozen].reverse().find((s) => s.phase === 'start-up' || s.phase === 'hand-over');
  const snapshot = newest ? readCommissioning(newest.snapshot) : await draft();
  const amendments = await amendmentsOf();
  return {
    ...buildReport({ company: person.companyName, snapshot, signOffs: sheet.signOffs, amendments }),
    number: sheet.job.number,
  };

  async function amendmentsOf() {
    const rows = await phasesStore.amendments(db, person.companyId, jobId);
    return rows.map((a) => ({ ...a, at: a.at.toISOString() }));
  }

  async function draft(): Promise<Snapshot> {
    const recorded = await loadRecorded(db, person.companyId, sheet);
    return snapshotOf(mustBeEquipped(sheet), 'start-up', sheetGates(sheet, 'start-up', recorded), recorded);
  }
}
