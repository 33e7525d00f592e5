import type { Report } from '@/core/job/report-parts';
import { circuitName, type EquippedSheet, isEquipped, type JobSheet } from '@/core/job/sheet';
import type { PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { furnaceReport } from './furnace-report';
import type { StreamOf } from './hand-over/recorded-curves';
import { ownerOf } from './registry';
import { buildReport } from './report';
import type { Signed } from './signed-tables';
import { beforeSnapshotOf, type FurnaceSnapshot, type Snapshot, snapshotOf } from './snapshot';
import { sheetGates } from './standing';
import type { RecordedStartUp } from './start-up/start-up-sheet';
import { hasCircuit } from './survey/view';

/** What signatures froze of a job: of the hand-over all of it, else of each circuit's start-up. */
export type Frozen = {
  handedOver?: { record?: Snapshot; furnaces: readonly FurnaceSnapshot[] };
  startUpOf: (circuitId: string) => Snapshot | undefined;
};

export type JobReportInput = Pick<Signed, 'amendments'> & {
  company: string;
  desk?: Signed['desk'];
  /** The job as each of its circuits sees it, in their order; at least one. */
  sheets: readonly JobSheet[];
  frozen: Frozen;
  /** The recorded start-up of a circuit that is not signed for yet. */
  recordedOf: (sheet: JobSheet) => RecordedStartUp | undefined;
  /** What instruments gave in a run of `runsToDraw`. */
  streamOf?: StreamOf;
};

/**
 * The report of a job: from the newest frozen snapshots, else a draft of what is on its sheets now.
 * @returns undefined where nothing is equipped yet that a record could be of
 */
export function jobReport({
  company,
  desk,
  amendments,
  sheets,
  frozen,
  recordedOf,
  streamOf,
}: JobReportInput): Report | undefined {
  const paper = {
    company,
    signOffs: signOffsOf(sheets),
    jobLog: sheets[0]!.jobLog,
    photos: photosOf(sheets),
    answers: answersOf(sheets),
    ...(desk ? { desk } : {}),
    amendments,
  };
  const furnaces = frozen.handedOver?.furnaces ?? furnacesNow(sheets);
  const cooled = sheets.filter(hasCircuit);
  if (cooled.length === 0) {
    const [snapshot, ...others] = furnaces;
    return snapshot && furnaceReport({ ...paper, snapshot, others });
  }
  const first = cooled.find(isEquipped);
  const snapshot = frozen.handedOver?.record ?? (first && recordOf(first));
  if (!snapshot) return undefined;
  if (sheets.length === 1) return buildReport({ ...paper, snapshot, streamOf });
  const others = cooled.flatMap((s) =>
    s.circuit.id !== snapshot.circuit.id && isEquipped(s) ? [{ name: nameOf(s), snapshot: recordOf(s) }] : [],
  );
  const several = {
    name: nameOf(sheets.find((s) => s.circuit.id === snapshot.circuit.id)!),
    others,
    furnaces: furnaces.map((f) => ({ name: f.system.name, snapshot: f })),
  };
  return buildReport({ ...paper, snapshot, several, streamOf });

  /** What a circuit's newest signed start-up froze, else a draft of what stands on its sheet now. */
  function recordOf(of: EquippedSheet): Snapshot {
    const signed = frozen.startUpOf(of.circuit.id);
    if (signed) return signed;
    const recorded = recordedOf(of);
    return snapshotOf(of, 'start-up', sheetGates(of, 'start-up', recorded), recorded);
  }
}

/** Furnaces installed alone, one for each such system, as their sheets stand. */
const furnacesNow = (sheets: readonly JobSheet[]): FurnaceSnapshot[] =>
  sheets.filter((s) => !hasCircuit(s)).map((s) => beforeSnapshotOf(s, 'hand-over', sheetGates(s, 'hand-over')));

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

/** Every signature of the job once; under the name of its circuit or system where there are several. */
function signOffsOf(sheets: readonly JobSheet[]): Signed['signOffs'] {
  const systems = new Set(sheets.map((s) => s.system.id)).size;
  const all = sheets.flatMap((of) =>
    of.signOffs.map((x) => {
      if (sheets.length > 1 && x.ownerId === of.circuit.id) return { ...x, circuit: nameOf(of) };
      return systems > 1 && x.ownerId === ownerOf(of, 'survey') ? { ...x, circuit: of.system.name } : x;
    }),
  );
  return [...new Map(all.map((x) => [x.id, x])).values()].sort((a, b) => a.at.localeCompare(b.at));
}
