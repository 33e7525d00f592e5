import { readBefore, readCommissioning, readFurnaces } from '@/contract/snapshot';
import { DESK_SETTINGS } from '@/core/job/settings';
import type { JobSheet } from '@/core/job/sheet';
import { deskTemplate } from '@/core/phases/hand-over/desk-fields';
import { runsToDraw } from '@/core/phases/hand-over/recorded-curves';
import { type Frozen, jobReport } from '@/core/phases/job-report';
import { lateSaid } from '@/core/phases/late';
import { broughtFact, type Report } from '@/core/phases/report';
import type { RecordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import type { RunData } from '@/core/phases/start-up/system';
import { hasCircuit } from '@/core/phases/survey/view';
import { tell } from '@/core/phases/words';
import { type Label, moment } from '@/core/words/said';
import type { Db } from '@/server/db/pool';
import { readRunData } from '@/server/features/instruments/run-data';
import type { JobAt } from '@/server/features/jobs/job-at';
import { everySheet } from '@/server/features/jobs/job-summary';
import { notEquipped, sheetFor } from '@/server/features/jobs/jobs-service';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { loadRecorded } from '@/server/features/jobs/recorded';
import { lateStore } from '@/server/features/late/late-store';
import type { Person } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';
import { settingsStore } from '@/server/features/settings/settings-store';

/**
 * The report of a job: from the newest frozen snapshots, else a draft of what is on its sheets now.
 * With `curves` the streams of its recorded runs are read and drawn.
 */
export async function reportOf(
  db: Db,
  person: Person,
  at: JobAt,
  { curves = false }: { curves?: boolean } = {},
): Promise<Report & { number: number }> {
  const report = await asItStands(db, person, at, curves);
  const brought = await jobsStore.brought(db, person.companyId, at.jobId);
  if (!brought) return report;
  const fact = broughtFact({ at: brought.at.toISOString(), by: brought.by });
  return { ...report, facts: [...report.facts, fact] };
}

async function asItStands(db: Db, person: Person, at: JobAt, curves: boolean): Promise<Report & { number: number }> {
  const { number } = (await sheetFor(db, person, at)).job;
  const sheets = await everySheet(db, person.companyId, at.jobId, person.certification);
  const frozen = frozenOf(await phasesStore.signOffsOf(db, person.companyId, at.jobId), sheets);
  const { settings } = await settingsStore.read(db, person.companyId);
  const stored = (name: string) => (typeof settings[name] === 'string' ? settings[name] : undefined);
  const recorded = new Map<string, RecordedStartUp | undefined>();
  for (const s of sheets.filter(hasCircuit))
    if (!frozen.startUpOf(s.circuit.id)) recorded.set(s.circuit.id, await loadRecorded(db, person.companyId, s));
  const streams = new Map<string, RunData>();
  for (const runId of curves ? sheets.flatMap(runsToDraw) : [])
    streams.set(runId, await readRunData(db, person.companyId, runId));
  const report = jobReport({
    company: person.companyName,
    desk: deskTemplate(stored(DESK_SETTINGS.fields), stored(DESK_SETTINGS.own)),
    amendments: await amendmentsOf(db, person.companyId, at.jobId),
    sheets,
    frozen,
    recordedOf: (s) => recorded.get(s.circuit.id),
    streamOf: (runId) => streams.get(runId),
  });
  if (!report) throw notEquipped();
  return { ...report, number };
}

type SignedSnapshot = { phase: string; ownerId: string; snapshot: unknown };

function frozenOf(signed: readonly SignedSnapshot[], sheets: readonly JobSheet[]): Frozen {
  const all = signed.find((x) => x.phase === 'hand-over')?.snapshot;
  const cooled = sheets.some(hasCircuit);
  return {
    ...(all === undefined
      ? {}
      : {
          handedOver: {
            ...(cooled ? { record: readCommissioning(all) } : {}),
            furnaces: [...(cooled ? [] : [readBefore(all)]), ...readFurnaces(all)],
          },
        }),
    startUpOf: (circuitId) => {
      const own = signed.findLast((x) => x.phase === 'start-up' && x.ownerId === circuitId);
      return own && readCommissioning(own.snapshot);
    },
  };
}

/** What stands beside the signatures: what was written as such, and what came after them. */
async function amendmentsOf(db: Db, companyId: string, jobId: string) {
  const [written, late] = await Promise.all([
    phasesStore.amendments(db, companyId, jobId),
    lateStore.ofJob(db, companyId, jobId),
  ]);
  const all: { phase: string; by: string; note: Label; at: Date }[] = [
    ...written,
    ...late.map(({ phase, by, what, body, writtenAt, arrivedAt }) => ({
      phase,
      by,
      note: tell('late.to-amendment', {
        writtenAt: moment(writtenAt.toISOString()),
        arrivedAt: moment(arrivedAt.toISOString()),
        say: lateSaid(what, body),
      }),
      at: arrivedAt,
    })),
  ];
  return all.sort((a, b) => a.at.getTime() - b.at.getTime()).map((a) => ({ ...a, at: a.at.toISOString() }));
}
