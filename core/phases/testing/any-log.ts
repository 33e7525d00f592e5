import fc from 'fast-check';
import { ACR_INSIDE_IN } from '@/core/circuit/acr-tube';
import { anyOf } from '@/core/finding/testing/any-of';
import type { CircuitEntry } from '../log/circuit-log';
import { ENTRY_KINDS, entryOf, phaseOfKind } from '../log/entries';

const minute = (n: number): string => new Date(Date.UTC(2026, 5, 1, 12, n)).toISOString();

const size = fc.constantFrom(...ACR_INSIDE_IN.keys());
const TUBES = { liquidOdIn: size, vaporOdIn: size, odIn: size };
const BODIES = Object.fromEntries(ENTRY_KINDS.map((kind) => [kind, anyOf(entryOf(kind).schema, TUBES)]));
/** Any log: entries of every kind in any order, some replacing or withdrawing what came before. */
export const anyLog: fc.Arbitrary<CircuitEntry[]> = fc
  .array(
    fc
      .constantFrom(...ENTRY_KINDS)
      .chain((kind) => fc.record({ kind: fc.constant(kind), body: BODIES[kind]!, back: fc.nat(5) })),
    { maxLength: 14 },
  )
  .map((drawn) =>
    drawn.map(({ kind, body, back }, i): CircuitEntry => {
      const before = back > 0 && i >= back ? drawn[i - back] : undefined;
      const replaces = before && (kind === 'withdrawn' || before.kind === kind) ? `e${i - back}` : null;
      return {
        id: `e${i}`,
        circuitId: 'k',
        phase: phaseOfKind(kind) ?? 'recover',
        source: 'typed',
        supersedesId: replaces,
        by: 'Tess Orlan',
        at: minute(i * 7),
        kind,
        body,
      } as CircuitEntry;
    }),
  );
