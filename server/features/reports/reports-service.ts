import { readBefore, readCommissioning, readFurnaces } from '@/contract/snapshot';
import { DESK_SETTINGS } from '@/core/job/settings';
import { circuitName, isEquipped, type JobSheet } from '@/core/job/sheet';
import { furnaceReport } from '@/core/phases/furnace-report';
import { deskTemplate } from '@/core/phases/hand-over/desk-fields';
import { lateSaid } from '@/core/phases/late';
import { ownerOf } from '@/core/phases/registry';
import { broughtFact, buildReport, type Report } from '@/core/phases/report';
import { beforeSnapshotOf, type FurnaceSnapshot, type Snapshot, snapshotOf } from '@/core/phases/snapshot';
import { sheetGates } from '@/core/phases/standing';
import { hasCircuit } from '@/core/phases/survey/view';
import { tell } from '@/core/phases/words';
import type { PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { type Label, moment } from '@/core/words/said';
import type { Db } from '@/server/db/pool';
import type { JobAt } from '@/server/features/jobs/job-at';
import { everySheet, loadRecorded } from '@/server/features/jobs/job-summary';
import { mustBeEquipped, sheetFor } from '@/server/features/jobs/jobs-service';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { lateStore } from '@/server/features/late/late-store';
import type { Person } from '@/server/features/people/people-store';
import { phasesStore } from '@/server/features/phases/phases-store';
import { settingsStore } from '@/server/features/settings/settings-store';

/** The report of a job: from the newest frozen snapshots, else a draft of what is on its sheets now. */
export async function reportOf(db: Db, person: Person, at: JobAt): Promise<Report & { number: number }> {
  const report = await asItStands(db, person, at);
  const brought = await jobsStore.brought(db, person.companyId, at.jobId);
  if (!brought) return report;
  const fact = broughtFact({ at: brought.at.toISOString(), by: brought.by });
  return { ...report, facts: [...report.facts, fact] };
}

async function asItStands(db: Db, person: Person, at: JobAt): Promise<Report & { number: number }> {
  const { number } = (await sheetFor(db, person, at)).job;
  const sheets = await everySheet(db, person.companyId, at.jobId, person.certification);
  const frozen = await phasesStore.signOffsOf(db, person.companyId, at.jobId);
  const handedOver = frozen.find((x) => x.phase === 'hand-over')?.snapshot;
  const cooled = sheets.filter(hasCircuit);
  const { settings } = await settingsStore.read(db, person.companyId);
  const stored = (name: string) => (typeof settings[name] === 'string' ? settings[name] : undefined);
  const paper = {
    company: person.companyName,
    signOffs: signOffsOf(sheets),
    jobLog: sheets[0]!.jobLog,
    photos: photosOf(sheets),
    answers: answersOf(sheets),
    desk: deskTemplate(stored(DESK_SETTINGS.fields), stored(DESK_SETTINGS.own)),
    amendments: await amendmentsOf(db, person.companyId, at.jobId),
  };
  const furnaces = furnacesOf(sheets, handedOver);
  if (cooled.length === 0) {
    const [main, ...others] = furnaces;
    return { ...furnaceReport({ ...paper, snapshot: main!, others }), number };
  }

  const main = handedOver ? readCommissioning(handedOver) : await recordOf(cooled.find(isEquipped) ?? cooled[0]!);
  const others = [];
  for (const other of cooled)
    if (other.circuit.id !== main.circuit.id && isEquipped(other))
      others.push({ name: nameOf(other), snapshot: await recordOf(other) });
  const first = sheets.find((x) => x.circuit.id === main.circuit.id)!;
  const several = {
    name: nameOf(first),
    others,
    furnaces: furnaces.map((f) => ({ name: f.system.name, snapshot: f })),
  };
  return { ...buildReport({ ...paper, snapshot: main, ...(sheets.length > 1 ? { several } : {}) }), number };

  /** What a circuit's newest signed start-up froze, else a draft of what stands on its sheet now. */
  async function recordOf(of: JobSheet): Promise<Snapshot> {
    const signed = frozen.findLast((x) => x.phase === 'start-up' && x.ownerId === of.circuit.id);
    if (signed) return readCommissioning(signed.snapshot);
    const recorded = await loadRecorded(db, person.companyId, of);
    return snapshotOf(mustBeEquipped(of), 'start-up', sheetGates(of, 'start-up', recorded), recorded);
  }
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

/** Every picture of the job once: those of the house stand on each sheet. */
const photosOf = (sheets: readonly JobSheet[]): PhotoMeta[] => [
  ...new Map(sheets.flatMap((of) => of.survey.photos.map((p) => [p.id, p]))).values(),
];

/** What customers answered under each system, each once, the oldest first. */
const answersOf = (sheets: readonly JobSheet[]) =>
  [...new Map(sheets.flatMap((s) => s.scope.signatures.map((x) => [x.id, x]))).values()].sort((a, b) =>
    a.at.localeCompare(b.at),
  );

const nameOf = (of: JobSheet): string => circuitName(of, of.circuits.find((c) => c.id === of.circuit.id)!);

/** Furnaces installed alone, one for each such system: as the hand-over froze them, else as their sheets stand. */
function furnacesOf(sheets: readonly JobSheet[], handedOver: unknown): FurnaceSnapshot[] {
  const alone = sheets.filter((s) => !hasCircuit(s));
  if (handedOver === undefined) return alone.map((s) => beforeSnapshotOf(s, 'hand-over', sheetGates(s, 'hand-over')));
  const rest = readFurnaces(handedOver);
  return alone.length === sheets.length ? [readBefore(handedOver), ...rest] : rest;
}

/** Every signature of the job once; under the name of its circuit or system where there are several. */
function signOffsOf(sheets: readonly JobSheet[]) {
  const systems = new Set(sheets.map((s) => s.system.id)).size;
  const all = sheets.flatMap((of) =>
    of.signOffs.map((x) => {
      if (sheets.length > 1 && x.ownerId === of.circuit.id) return { ...x, circuit: nameOf(of) };
      return systems > 1 && x.ownerId === ownerOf(of, 'survey') ? { ...x, circuit: of.system.name } : x;
    }),
  );
  return [...new Map(all.map((x) => [x.id, x])).values()].sort((a, b) => a.at.localeCompare(b.at));
}
