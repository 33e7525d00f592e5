import { PHASE_WORDS } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/job/words';
import { standingOf } from '@/core/phases/standing';
import { type RunData, recordedStartUp, roundsOf } from '@/core/phases/start-up/start-up-sheet';
import { systemWords } from '@/core/phases/survey/view';
import { LANGUAGES } from '@/core/words/render';
import { day, value } from '@/core/words/said';
import type { Db } from '@/server/db/pool';
import { readRunData } from '@/server/features/instruments/run-data';
import { speakIn } from '@/server/words/speak-to';
import { readJobSheet } from './job-sheet-store';

/** The recorded start-up of a sheet, with the samples its steadiness rests on. */
export async function loadRecorded(db: Db, companyId: string, sheet: JobSheet) {
  const last = roundsOf(sheet).at(-1);
  const streamed = last?.measurements.find((m) => m.runId !== null && m.runSeconds !== null);
  const run: RunData | undefined = streamed
    ? await readRunData(db, companyId, streamed.runId!, streamed.runSeconds!)
    : undefined;
  return recordedStartUp(sheet, () => run);
}

export async function summaryOf(db: Db, companyId: string, sheet: JobSheet) {
  const standing = standingOf(sheet, await loadRecorded(db, companyId, sheet));
  const { plate } = sheet.circuit;
  const address = `${sheet.site.address}, ${sheet.site.town}`;
  const system = tell('job.named-system', {
    name: sheet.system.name,
    system: plate
      ? tell('job.tons-and-kind', {
          nominalTons: plate.nominalTons,
          kind: value(sheet.system.kind),
          refrigerant: plate.refrigerant,
        })
      : systemWords(sheet),
  });
  // Found in either language: what it is, when, and where it stands.
  const found = LANGUAGES.flatMap((l) =>
    [system, day(sheet.job.scheduledFor), PHASE_WORDS[standing.phase]].map(speakIn(l)),
  ).join(' ');
  return {
    jobId: sheet.job.id,
    companyId,
    number: sheet.job.number,
    customer: sheet.customer.name,
    address,
    system,
    leadName: sheet.job.lead,
    scheduledFor: sheet.job.scheduledFor,
    phase: standing.phase,
    state: standing.state,
    mark: standing.mark,
    waitsFor: standing.waitsFor,
    searchText:
      `${sheet.job.number} ${sheet.customer.name} ${address} ${sheet.job.scheduledFor} ${found} ${plate ? `${plate.maker} ${plate.model} ` : ''}${sheet.job.lead}`
        .toLowerCase()
        .slice(0, 600),
  };
}

/** Writes the projection that lists read, in the transaction of whatever changed the job. */
export async function refreshSummary(db: Db, companyId: string, jobId: string): Promise<void> {
  const sheet = await readJobSheet(db, companyId, jobId, 'none');
  if (!sheet) return;
  const row = await summaryOf(db, companyId, sheet);
  await db.run(
    `replace into job_summary (job_id, company_id, number, customer, address, system, lead_name, scheduled_for, phase, state, mark, waits_for, search_text)
     values (:jobId, :companyId, :number, :customer, :address, :system, :leadName, :scheduledFor, :phase, :state, :mark, :waitsFor, :searchText)`,
    { ...row, system: JSON.stringify(row.system), waitsFor: JSON.stringify(row.waitsFor) },
  );
}
