import type { Wire } from '@/core/controls/plan';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';

/** The roles of the plan that an old letter may stand for. */
const ROLES: Readonly<Record<string, readonly string[]>> = {
  R: ['R'],
  C: ['C'],
  Y: ['Y1'],
  Y2: ['Y2'],
  G: ['G'],
  O: ['OB'],
  B: ['OB'],
  W: ['W', 'W1', 'W2'],
  W2: ['W2'],
  E: [],
  L: [],
  other: [],
};

export type CarriedOver = 'carries over' | 'changes' | 'new';

/** What becomes of a planned conductor: an old one carries over or changes, or it is new; by what was found in its cable under its letter. */
export function carriedOver(log: readonly CircuitEntry[], { cable, role }: Pick<Wire, 'cable' | 'role'>): CarriedOver {
  const old = entriesOf(log, 'found-wire').findLast(
    (e) => e.body.cable === cable && (ROLES[e.body.letter] ?? []).includes(role),
  );
  return !old || old.body.after === 'out' ? 'new' : old.body.after;
}
