import { onceFor } from '@/core/numeric/once-for';
import {
  ENTRY_KINDS,
  type EntryBody,
  type EntryKind,
  type EntryPhase,
  entryOf,
  JOB_KINDS,
  phaseOfKind,
  SYSTEM_KINDS,
} from './entries';

type Head = {
  id: string;
  /** The circuit it is written down for. */
  circuitId: string;
  phase: EntryPhase;
  /** Where the figures in it came from; simulated and replayed ones are marked wherever they show. */
  source: 'typed' | 'instrument' | 'simulated' | 'replayed';
  supersedesId: string | null;
  by: string;
  at: string;
};

export type EntryOf<K extends EntryKind> = Head & { kind: K; body: EntryBody<K> };
/** One thing written down of the circuit. Entries are only ever added; a correction supersedes, a mistake is withdrawn. */
export type CircuitEntry = { [K in EntryKind]: EntryOf<K> }[EntryKind];

/** Entries that nothing later replaced or withdrew, oldest first. */
export const standingEntries = onceFor((log: readonly CircuitEntry[]) => [log], standing);

function standing(log: readonly CircuitEntry[]): readonly CircuitEntry[] {
  const replaced = new Set(log.flatMap((e) => (e.supersedesId === null ? [] : [e.supersedesId])));
  return log.filter((e) => !replaced.has(e.id) && e.kind !== 'withdrawn');
}

export function entriesOf<K extends EntryKind>(log: readonly CircuitEntry[], kind: K): EntryOf<K>[] {
  return standingEntries(log).filter((e): e is EntryOf<K> & CircuitEntry => e.kind === kind);
}

export type SheetLogs = { circuitLog: CircuitEntry[]; systemLog: CircuitEntry[]; jobLog: CircuitEntry[] };

/** Entries of the circuit, of its system and of the whole job, each with what withdrew or corrected it. */
export function splitLog(all: readonly CircuitEntry[]): SheetLogs {
  const owner = new Map<string, keyof SheetLogs>();
  for (const e of all) {
    const own = JOB_KINDS.includes(e.kind) ? 'jobLog' : SYSTEM_KINDS.includes(e.kind) ? 'systemLog' : 'circuitLog';
    owner.set(e.id, (e.supersedesId !== null && owner.get(e.supersedesId)) || own);
  }
  const of = (log: keyof SheetLogs): CircuitEntry[] => all.filter((e) => owner.get(e.id) === log);
  return { circuitLog: of('circuitLog'), systemLog: of('systemLog'), jobLog: of('jobLog') };
}

/** Phases that write nothing but what belongs to the system. */
const SYSTEM_PHASES = new Set<string>(
  SYSTEM_KINDS.flatMap((kind) => phaseOfKind(kind) ?? []).filter((phase) =>
    ENTRY_KINDS.every((kind) => phaseOfKind(kind) !== phase || SYSTEM_KINDS.includes(kind)),
  ),
);

/** The log that a phase is written in: its circuit's, or its system's. */
export const logOf = (sheet: Pick<SheetLogs, 'circuitLog' | 'systemLog'>, phase: string): CircuitEntry[] =>
  SYSTEM_PHASES.has(phase) ? sheet.systemLog : sheet.circuitLog;

/** Everything that is written down on a sheet: of the circuit, its system, the job. */
export const wholeLog = ({ circuitLog, systemLog, jobLog }: SheetLogs): CircuitEntry[] => [
  ...circuitLog,
  ...systemLog,
  ...jobLog,
];

/** The first record of what was corrected since: what hangs on an entry stays with it when it is put right. */
export function rootOf(log: readonly CircuitEntry[], e: CircuitEntry): string {
  const earlier = e.supersedesId === null ? undefined : log.find((x) => x.id === e.supersedesId);
  return earlier ? rootOf(log, earlier) : e.id;
}

/** The newest entry of a kind. */
export function latestOf<K extends EntryKind>(log: readonly CircuitEntry[], kind: K): EntryOf<K> | undefined {
  return entriesOf(log, kind).at(-1);
}

/** Whether an entry says something of this circuit: of its own, of its system, of the job; not of another circuit. */
export const isOf = ({ kind, circuitId }: CircuitEntry, circuit: { id: string }): boolean =>
  kind === 'withdrawn' || !entryOf(kind).ofItsCircuit || circuitId === circuit.id;

/** The newest entry of a kind that says something of the circuit that is looked at. */
export const newestHere = <K extends EntryKind>(
  sheet: SheetLogs & { circuit: { id: string } },
  kind: K,
): EntryOf<K> | undefined => entriesOf(wholeLog(sheet), kind).findLast((e) => isOf(e as CircuitEntry, sheet.circuit));

/** Entries after one, in order; all of them when there is none. */
export function entriesAfter(log: readonly CircuitEntry[], mark: { id: string } | undefined): readonly CircuitEntry[] {
  const standing = standingEntries(log);
  if (!mark) return standing;
  const at = log.findIndex((e) => e.id === mark.id);
  return standing.filter((e) => log.indexOf(e) > at);
}

export const isMarked = (source: CircuitEntry['source']): boolean => source === 'simulated' || source === 'replayed';
