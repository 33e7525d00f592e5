import { CONFIRMATION_WORDS } from '@/core/phases/report';
import { tell } from '@/core/phases/words';
import { factOf, valueWords } from '@/core/scope/survey/facts';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { list, measured, q, type Said, typed } from '@/core/words/said';
import { type EntryKind, entryOf, entryWords } from './log/entries';

/** What can be written without a connection and come after the signature of its phase: the last word of where it is sent. */
export const LATE_KINDS = [
  'circuit-entries',
  'measurements',
  'rounds',
  'withdrawal',
  'vacuum',
  'furnace',
  'confirmations',
  'observations',
] as const;
export type LateKind = (typeof LATE_KINDS)[number];

type Read = { quantity: string; value: number };
type Bodies = {
  'circuit-entries': { kind: EntryKind; body: object };
  measurements: { measurements: readonly Read[] };
  rounds: { typed: readonly Read[]; run: { device?: { values: Record<string, number> } } | null };
  withdrawal: { reason: string };
  vacuum: { endMicrons: number; heldMin: number };
  furnace: object;
  confirmations: { confirmation: string; confirmed: boolean };
  observations: { observations: readonly { fact: string; value: unknown }[] };
};

const readings = (read: readonly Read[]): Said =>
  tell('late.readings', {
    readings: list(
      read.map(({ quantity, value }) =>
        quantity === 'chargeMovementOz'
          ? tell(value < 0 ? 'late.taken-out' : 'late.weighed-in', { oz: q(Math.abs(value), 'lbOz') })
          : tell('late.reading', {
              what: QUANTITIES[quantity as Quantity].label,
              figure: measured(value, QUANTITIES[quantity as Quantity].unit),
            }),
      ),
    ),
  });

const SAID: { [K in LateKind]: (body: Bodies[K]) => Said } = {
  'circuit-entries': (entry) => tell('late.entry', { title: entryOf(entry.kind).title, words: entryWords(entry) }),
  measurements: ({ measurements }) => readings(measurements),
  rounds: ({ typed: byHand, run }) =>
    readings([
      ...byHand,
      ...Object.entries(run?.device?.values ?? {}).map(([quantity, value]) => ({ quantity, value })),
    ]),
  withdrawal: ({ reason }) => tell('late.withdrawn', { reason: typed(reason) }),
  vacuum: ({ endMicrons, heldMin }) =>
    tell('late.vacuum', { endMicrons: q(endMicrons, 'microns'), heldMin: q(heldMin, 'min') }),
  furnace: () => tell('late.furnace'),
  confirmations: ({ confirmation, confirmed }) =>
    tell(confirmed ? 'late.confirmed' : 'late.taken-back', { what: CONFIRMATION_WORDS[confirmation] ?? confirmation }),
  observations: ({ observations }) =>
    tell('late.answers', {
      answers: list(
        observations.map(({ fact: key, value }) => {
          const fact = factOf(key);
          return fact && tell('late.entry', { title: fact.label, words: valueWords(fact, value as never) });
        }),
      ),
    }),
};

/** What came late, in a line. The body is what its route has checked. */
export const lateSaid = (what: LateKind, body: unknown): Said => (SAID[what] as (body: unknown) => Said)(body);
