import type { z } from 'zod';
import { hidden, words } from '@/core/form/field';
import { chargeEntries } from '@/core/phases/charge/entries';
import { evacuateEntries } from '@/core/phases/evacuate/entries';
import { handOverEntries } from '@/core/phases/hand-over/entries';
import { joinEntries } from '@/core/phases/join/entries';
import { planEntries } from '@/core/phases/plan/entries';
import { pressureEntries } from '@/core/phases/pressure-test/entries';
import { recoverEntries } from '@/core/phases/recover/entries';
import { scopeEntries } from '@/core/phases/scope/entries';
import { setEntries } from '@/core/phases/set/entries';
import { startUpEntries } from '@/core/phases/start-up/entries';
import { wireEntries } from '@/core/phases/wire/entries';
import { typed } from '@/core/words/said';
import { type EntryDef, entry } from './entry';
import { tell } from './words';

/** What each phase writes down of the refrigerant circuit. A phase with a log has a line here. */
const OF_PHASE = {
  plan: planEntries,
  scope: scopeEntries,
  recover: recoverEntries,
  set: setEntries,
  wire: wireEntries,
  join: joinEntries,
  'pressure-test': pressureEntries,
  evacuate: evacuateEntries,
  charge: chargeEntries,
  'start-up': startUpEntries,
  'hand-over': handOverEntries,
};
export type EntryPhase = keyof typeof OF_PHASE;

/** Takes an earlier entry back; the reason stays beside it. */
const withdrawn = entry(tell('log.withdrawn'), { reason: hidden(words(300, 5)) }, (b) => typed(b.reason), {
  byTap: true,
});

export const ENTRIES = {
  ...planEntries,
  ...scopeEntries,
  ...recoverEntries,
  ...setEntries,
  ...wireEntries,
  ...joinEntries,
  ...pressureEntries,
  ...evacuateEntries,
  ...chargeEntries,
  ...startUpEntries,
  ...handOverEntries,
  withdrawn,
};
export type EntryKind = keyof typeof ENTRIES;
export type EntryBody<K extends EntryKind> = z.infer<(typeof ENTRIES)[K]['schema']>;
export const ENTRY_KINDS = Object.keys(ENTRIES) as [EntryKind, ...EntryKind[]];

/** The definition of a kind that is known only at run time. */
export const entryOf = (kind: EntryKind): EntryDef => ENTRIES[kind] as unknown as EntryDef;
/** Kinds that belong to the whole job and stand on the sheet of each of its circuits. */
export const JOB_KINDS: readonly EntryKind[] = ENTRY_KINDS.filter((kind) => entryOf(kind).ofJob);

/** Kinds that belong to one system and stand on the sheet of each of its circuits. */
export const SYSTEM_KINDS: readonly EntryKind[] = ENTRY_KINDS.filter((kind) => entryOf(kind).ofSystem);

/** One entry in a line. */
export const entryWords = ({ kind, body }: { kind: EntryKind; body: object }) => entryOf(kind).line(body as never);

/** The phase an entry of this kind belongs to; a withdrawal belongs to the phase of what it withdraws. */
export const phaseOfKind = (kind: EntryKind): EntryPhase | undefined =>
  (Object.keys(OF_PHASE) as EntryPhase[]).find((p) => kind in OF_PHASE[p]);

/** Everything that a phase writes. */
export const entryKindsOf = (phase: EntryPhase): EntryKind[] => Object.keys(OF_PHASE[phase]) as EntryKind[];

/** What a phase offers by hand, in the order of the work. */
export const offeredIn = (phase: string): EntryKind[] =>
  (Object.keys(OF_PHASE[phase as EntryPhase] ?? {}) as EntryKind[]).filter((kind) => entryOf(kind).offered);
