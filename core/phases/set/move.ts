import { type Gate, passes } from '@/core/job/gates';
import { go, type Move, moveOf, write } from '@/core/job/move';
import { isSigned, type JobSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
import { isOpen } from '@/core/phases/checks/row';
import { LEAKAGE_FINDING, setView, WATER_FINDING } from './view';
import { tell } from './words';

/** The next move of setting: what is wrong, then the next check in the order of the work, water, ducts, the signature. */
export function setMove(sheet: JobSheet, gates: readonly Gate[], maySign: boolean): Move {
  const signed = sheet.signOffs.find((s) => s.phase === 'set');
  if (signed)
    return {
      kind: 'good',
      say: tell('set.signed-go-on'),
      because: tell('set.signed-by', { by: signed.by }),
      button: go(
        !isSigned(sheet, 'wire')
          ? 'wire'
          : sheet.circuits.some((c) => c.id === sheet.circuit.id && c.cooled)
            ? 'join'
            : 'hand-over',
        tell('set.go-on'),
      ),
    };
  if (allPass(gates)) return signMove('set', gates, maySign);
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  if (held('scope-signed'))
    return {
      kind: 'not-proven',
      say: tell('set.sign-scope-first'),
      because: tell('set.sheet-is-made-from-it'),
      button: go('scope', tell('set.go-to-scope')),
    };
  const { rows, water, leakage, open } = setView(sheet);
  const wrong =
    open.find((f) => f.verdict === 'stop') ?? open.find((f) => f.verdict === 'look-again' && held(gateOf(f.id)));
  if (wrong) {
    if (wrong.id === WATER_FINDING) return moveOf(wrong, write('water-test', tell('set.pour-again')));
    if (wrong.id === LEAKAGE_FINDING) return moveOf(wrong, write('duct-leakage', tell('set.measure-again')));
    return moveOf(wrong, write('set-check', tell('set.look-again-and-answer')));
  }
  const next = rows.find(isOpen);
  if (next && held('set-checks'))
    return {
      kind: 'now',
      say: next.finding.next?.say ?? next.finding.claim,
      because: next.finding.because,
      button: write('set-check', tell('set.answer-it')),
    };
  if (water && held('water-proven')) return moveOf(water, write('water-test', tell('set.write-the-test-down')));
  if (leakage && held('leakage-answered')) return moveOf(leakage, write('duct-leakage', tell('set.answer-it')));
  const first = gates.find((g) => !passes(g))!;
  return { kind: 'not-proven', say: first.asks, because: first.say };
}

const gateOf = (id: string): string =>
  id === WATER_FINDING ? 'water-proven' : id === LEAKAGE_FINDING ? 'leakage-answered' : 'set-checks';
