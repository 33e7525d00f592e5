import type { Finding } from '@/core/finding/finding';
import { type Gate, passes } from '@/core/job/gates';
import { type Button, go, type Move, moveOf, write } from '@/core/job/move';
import type { JobSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
import { nextOpen } from '@/core/phases/checks/row';
import type { EntryKind } from '@/core/phases/log/entries';
import { pullsIn, voltsIn } from '@/core/plant/cabinet/cabinet';
import { type WireView, wireView } from './view';
import { tell } from './words';

/** What is open of a part, the worst first, and the form that answers it. */
type Part = { gate: string; of: readonly Finding[]; button: (f: Finding, view: WireView) => Button | undefined };

const PARTS: readonly ((view: WireView) => Part)[] = [
  (v) => ({ gate: 'power-fits', of: v.power, button: () => write('power-circuit', tell('wire.write-the-circuit')) }),
  (v) => ({ gate: 'made-safe', of: v.safe, button: () => write('isolation-step', tell('wire.go-step-by-step')) }),
  (v) => ({
    gate: 'controls-planned',
    of: v.controls,
    button: (f) =>
      f.id.endsWith(':board')
        ? write('as-wired', tell('wire.show-the-board'))
        : write('wiring-plan', tell('wire.open-the-plan')),
  }),
  (v) => ({ gate: 'controls-proven', of: v.proven ? [v.proven] : [], button: proofButton }),
  (v) => ({
    gate: 'thermostat-set',
    of: v.thermostat,
    button: (f) =>
      f.id.endsWith('stat:read')
        ? write('thermostat-read', tell('wire.read-back'))
        : write('thermostat-set', tell('wire.open-its-sheet')),
  }),
  (v) => ({ gate: 'blower-set', of: v.blower, button: () => write('blower-board', tell('wire.open-its-sheet')) }),
  (v) => ({
    gate: 'starter-proven',
    of: v.starter,
    button: (f) => write(STARTER_FORM[f.id.split(':').at(-1)!] ?? 'soft-starter', tell('wire.open-its-sheet')),
  }),
  (v) => ({ gate: 'zones-set', of: v.zones, button: () => write('zoning', tell('wire.open-its-sheet')) }),
];

/** The form that answers an open finding of the starter. */
const STARTER_FORM: Readonly<Record<string, EntryKind>> = { before: 'starter-wiring', after: 'starter-wiring' };

/** The next move of wiring: what is dangerous, then power, absence of voltage, the plan, its proofs, the sheets, the looks, the signature. */
export function wireMove(sheet: JobSheet, gates: readonly Gate[], maySign: boolean): Move {
  const signed = sheet.signOffs.find((s) => s.phase === 'wire');
  if (signed)
    return {
      kind: 'good',
      say: tell('wire.signed-go-on'),
      because: tell('wire.signed-by', { by: signed.by }),
      button: go(
        sheet.circuits.some((c) => c.id === sheet.circuit.id && c.cooled) ? 'join' : 'hand-over',
        tell('wire.go-on'),
      ),
    };
  if (allPass(gates)) return signMove('wire', gates, maySign);
  const held = (id: string): boolean => gates.some((g) => g.id === id && !passes(g));
  if (held('scope-signed'))
    return {
      kind: 'not-proven',
      say: tell('wire.sign-scope-first'),
      because: tell('wire.plan-is-made-from-it'),
      button: go('scope', tell('wire.go-to-scope')),
    };
  const view = wireView(sheet);
  const parts = PARTS.map((part) => part(view));
  const openIn = (p: Part): Finding | undefined => view.open.find((f) => p.of.includes(f));
  const stopIn = (p: Part): Finding | undefined => view.open.find((f) => f.verdict === 'stop' && p.of.includes(f));
  const danger = parts.find((p) => stopIn(p));
  if (danger) return moveOf(stopIn(danger)!, danger.button(stopIn(danger)!, view));
  const wrong = nextOpen(view.rows);
  if (wrong?.finding.verdict === 'stop')
    return moveOf(wrong.finding, write('wire-check', tell('wire.look-again-and-answer')));
  const next = parts.find((p) => held(p.gate) && openIn(p));
  if (next) {
    const f = openIn(next)!;
    const move = moveOf(f, next.button(f, view));
    return f.verdict === 'not-proven' ? { ...move, kind: 'now' } : move;
  }
  if (held('wire-checks') && wrong)
    return {
      ...moveOf(wrong.finding, write('wire-check', tell('wire.answer-it'))),
      kind: wrong.finding.verdict === 'not-proven' ? 'now' : wrong.finding.verdict,
    };
  const first = gates.find((g) => !passes(g))!;
  return { kind: 'not-proven', say: first.asks, because: first.say };
}

/** The trial that is made next: of those that separate the faults first, then in their order. */
export function nextProof({ proofs, diagnosis }: Pick<WireView, 'proofs' | 'diagnosis'>) {
  const next = diagnosis?.next?.kind === 'trial' ? diagnosis.next.trial : undefined;
  const named = next && proofs.find((p) => p.trial.call === next.call && p.trial.open.join() === next.open.join());
  return named ?? proofs.find((p) => p.state === 'open' || p.state === 'void' || p.state === 'wrong');
}

function proofButton(_f: Finding, view: WireView): Button | undefined {
  const { diagnosis, wiring } = view;
  const [only] = diagnosis?.left ?? [];
  const simulated = wiring.cabinet !== undefined;
  if (diagnosis?.left.length === 1 && only && only !== 'none')
    return {
      label: tell('wire.it-is-mended'),
      action: { kind: 'bench', orders: [], entry: { kind: 'fault-mended', body: { code: only, simulated } } },
    };
  if (diagnosis?.next?.kind === 'measure') {
    const { at } = diagnosis.next;
    if (!wiring.cabinet) return write('meter-reading', tell('wire.hold-the-meter-there'));
    const body = { ...at, volts: voltsIn(wiring.cabinet, at, at), simulated: true };
    return {
      label: tell('wire.hold-the-meter-there'),
      action: { kind: 'bench', orders: [], entry: { kind: 'meter-reading', body } },
    };
  }
  const row = nextProof(view);
  if (!row || !wiring.cabinet) return write('control-proof', tell('wire.write-what-pulls-in'));
  return {
    label: tell('wire.read-the-cabinet'),
    action: {
      kind: 'bench',
      orders: [],
      entry: {
        kind: 'control-proof',
        body: { ...row.trial, seen: pullsIn(wiring.cabinet, row.trial), simulated: true },
      },
    },
  };
}
