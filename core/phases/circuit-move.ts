import { type Gate, passes } from '@/core/job/gates';
import { go, type Move } from '@/core/job/move';
import { PHASE_NOUNS, PHASE_WORDS, type Phase } from '@/core/job/phases';
import { isSigned, type JobSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
import { setsEquipment } from '@/core/phases/set/needed';
import { tell } from '@/core/phases/words';
import { lower, type Said, upper } from '@/core/words/said';
import { type CircuitPhase, circuitPhasesOf, isCircuitPhase } from './circuit-kept';
/** What a phase of the circuit needs to know for its next move. */
export type CircuitWork = {
  id: CircuitPhase;
  /** The phase that follows it. */
  after: Phase;
  /** Where its first gate is cleared, when that is another page. */
  first: { gate: string; say: Said; to: string; label: Said };
  /** What it asks for, in the order of the work. */
  asks: (sheet: JobSheet) => Ask[];
};

/** One thing a phase asks for, and the gate that it clears; without a gate it is asked whatever a lead let pass. */
export type Ask = { gate: string | undefined; move: Move };
export const ask = (gate: string | undefined, move: Move | undefined | false): Ask[] => (move ? [{ gate, move }] : []);

const overridden = (gates: readonly Gate[], id: string | undefined): boolean =>
  id !== undefined && gates.some((g) => g.id === id && g.override !== undefined);

/** The next move of a phase of the circuit by its record: go back first, then its own work, then the signature. */
export function circuitMove(
  { id, after, first: before, asks }: CircuitWork,
  sheet: JobSheet,
  gates: readonly Gate[],
  maySign: boolean,
): Move {
  const signed = sheet.signOffs.find((s) => s.phase === id);
  // What came sealed is neither tested nor evacuated here.
  const next = isCircuitPhase(after) && !circuitPhasesOf(sheet).includes(after) ? 'charge' : after;
  // The old one is out: the new one is set before its lines are joined.
  const to = id === 'recover' && setsEquipment(sheet) && !isSigned(sheet, 'set') ? 'set' : next;
  if (signed)
    return {
      kind: 'good',
      say: tell('work.signed-go-on-to', { phase: upper(PHASE_NOUNS[id]), to: lower(PHASE_WORDS[to]) }),
      because: tell('work.signed-by-record-is-frozen-corrections', { by: signed.by }),
      button: go(to, tell('work.go-to-2', { phase: lower(PHASE_WORDS[to]) })),
    };
  // What a lead let pass is not asked for again: with every gate held or overridden there is only the signature left.
  if (allPass(gates)) return signMove(id, gates, maySign);
  const first = gates[0];
  if (first && !passes(first) && first.id === before.gate)
    return {
      kind: 'not-proven',
      say: tell('work.say', { say: before.say }),
      because: tell('work.held-2', {
        asks: first.asks,
        say: first.say,
        overridable: first.overridable ? tell('work.lead-may-override-it-with-written') : '',
      }),
      button: go(before.to, before.label),
    };
  const own = asks(sheet).find(({ gate }) => !overridden(gates, gate));
  if (own) return own.move;
  const held = gates.find((g) => !passes(g))!;
  return { kind: 'not-proven', say: tell('work.held', { asks: held.asks }), because: held.say };
}
