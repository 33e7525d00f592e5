import type { SheetWith } from '@/core/job/sheet';
import { type CircuitEntry, type EntryOf, entriesOf, isOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';

type Written = SheetWith<'circuit' | 'systemLog'>;

/** Entries of a system that were written on the sheet of this circuit: another one of it has readings of its own. */
export const ofCircuit = <K extends EntryKind>({ systemLog, circuit }: Written, kind: K): EntryOf<K>[] =>
  entriesOf(systemLog, kind).filter((e) => isOf(e as CircuitEntry, circuit));

/** The other circuits of the same system that are charged and read. */
export const othersOf = ({ circuits, circuit }: SheetWith<'circuits' | 'circuit'>) => {
  const here = circuits.find((c) => c.id === circuit.id);
  return circuits.filter((c) => c.id !== circuit.id && c.systemId === here?.systemId && c.equipped && c.cooled);
};
