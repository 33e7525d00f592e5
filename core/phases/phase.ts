import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { Finding, Verdict } from '@/core/finding/finding';
import type { Refusal } from '@/core/finding/outcome';
import type { Gate } from '@/core/job/gates';
import { withOverrides } from '@/core/job/gates';
import type { Move } from '@/core/job/move';
import type { Act } from '@/core/job/permissions';
import type { Phase } from '@/core/job/phases';
import type { ReportTable } from '@/core/job/report-parts';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { VALVE_CLOSED } from '@/core/job/weighing-move';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import type { RecordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import type { BenchKind } from '@/core/plant/bench/bench';
import type { Said } from '@/core/words/said';
import type { Snapshot, SnapshotOf } from './snapshot';

/** What a page knows beside the sheet: who looks at it, and what its instruments give now. */
export type Asked<Facts> = {
  maySign: boolean;
  /** The valve was closed a moment ago and the scale comes to rest. */
  closing?: boolean;
  facts?: Facts;
};

/** What an entry is held against besides the sheet. */
export type Written = { cylinder: Cylinder | undefined; today: string; nowMs: number; at: string; typed: boolean };
/** Why an entry of the log must not be written: rules that nobody overrides, and what makes no sense. */
export type EntryRules = {
  [K in EntryKind]?: (sheet: JobSheet, body: EntryBody<K>, written: Written) => Refusal | undefined;
};

/** Where a phase stands in one sentence, for the lists. */
export type Waits = { mark: Verdict; say: Said };

/** What a phase belongs to: the whole job, one system of the house, one refrigerant circuit of it. */
export type Owner = 'job' | 'system' | 'circuit';

/** A line under the phase in the rail, and its mark where that is not by the signature. */
export type Note = { say: Said; mark?: Verdict };

/**
 * One phase of the work: what jobs list, rail, keys, gates, report, server and tests know of it. Its code is in its own
 * folder; `registry.ts` lists them all.
 */
export type PhaseDescriptor<Facts = never> = {
  readonly id: Phase;
  /** What its log, plate, target and verdict belong to. */
  readonly owner: Owner;
  /** Who signs it. */
  readonly signedBy: Act;
  /** It follows the work; there is nothing to sign. */
  readonly unsigned?: true;
  /** The key after g that opens its page. */
  readonly key: string;
  /** Its page works on the plate of the new equipment. */
  readonly equipped: boolean;
  /** What its instruments hang on: a bench of its own, or the running system. */
  readonly instruments?: BenchKind | 'system';
  /** The gate without which none of it runs. */
  readonly runsAfter?: string;
  /** What the rail says while its instruments run. */
  readonly running?: Said;
  /** Its gates rest on the recorded reading of the start-up. */
  readonly needsReadings: boolean;
  /** Whether this job goes through it. */
  readonly needed: (sheet: JobSheet) => boolean;
  /** It stays in the rail of a job that goes without it. */
  readonly always?: true;
  /** Why this job does not need it, where that is known: it stays folded in the rail. */
  readonly because?: (sheet: JobSheet) => Said | undefined;
  readonly gates: (sheet: JobSheet, recorded?: RecordedStartUp) => Gate[];
  /** Gates of a release before its own work begins; a lead overrides them here too. */
  readonly releaseGates?: (sheet: JobSheet) => Gate[];
  /** What a lead let pass in an earlier phase and that stands for this one. */
  readonly passedBefore?: readonly { phase: Phase; gate: string }[];
  /** What each of its gates asks for, as a noun: where an override is told without its gate at hand. */
  readonly gateWords: Readonly<Record<string, Said>>;
  readonly move: (sheet: JobSheet, asked: Asked<Facts>) => Move;
  /** What the lists say it waits for, where that is not its next move. */
  readonly waits?: (sheet: JobSheet, recorded?: RecordedStartUp) => Waits;
  /** Its line in the rail, where it has its own. */
  readonly note?: (sheet: JobSheet, signed: boolean) => Note | undefined;
  /** What of its sheet is not as it should be; a lead and the customer may let a look-again of it stand. */
  readonly notGood?: (sheet: JobSheet) => Finding[];
  readonly rules?: EntryRules;
  /** What a signature under it freezes. */
  readonly snapshot: SnapshotOf;
  /** What is judged of its log, for the report. */
  readonly checks?: (record: NonNullable<Snapshot['circuitRecord']>) => readonly Finding[];
  /** Its own tables of the report. */
  readonly tables?: (snapshot: Snapshot) => ReportTable[];
};

/** The gates of a phase of this job, with what a lead let pass laid beside them. */
export function gatesIn(
  phase: Pick<PhaseDescriptor, 'id' | 'gates' | 'passedBefore'>,
  sheet: JobSheet,
  recorded?: RecordedStartUp,
): Gate[] {
  return phase.gates(sheet, recorded).map(withOverrides(overridesIn(phase, sheet)));
}

export const overridesIn = (
  { id, passedBefore = [] }: Pick<PhaseDescriptor, 'id' | 'passedBefore'>,
  sheet: SheetWith<'overrides'>,
) =>
  sheet.overrides.filter((o) => o.phase === id || passedBefore.some((b) => b.phase === o.phase && b.gate === o.gate));

/** The one next move of a phase, whatever the phase: what runs now lies over what the record asks for. */
export function nextMoveOf<Facts>(phase: PhaseDescriptor<Facts>, sheet: JobSheet, asked: Asked<Facts>): Move {
  return asked.closing ? VALVE_CLOSED : phase.move(sheet, asked);
}
