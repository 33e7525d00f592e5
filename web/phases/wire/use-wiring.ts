import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { isSigned } from '@/core/job/sheet';
import { type CheckRow, nextOpen } from '@/core/phases/checks/row';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { nextProof } from '@/core/phases/wire/move';
import type { CircuitView } from '@/core/phases/wire/power';
import type { ProofRow } from '@/core/phases/wire/proofs';
import { wireView } from '@/core/phases/wire/view';
import { useAddress } from '@/web/kit/use-address';
import type { JobView } from '../job-context';
import type { Picked } from './BoardPart';
import { circuitStart, formStarts } from './form-starts';
import { findingsIn, WIRE_PARTS, type WirePart } from './parts';
import { useBoard } from './use-board';

/** What is open on the wiring page, and what each button of the next move opens. */
export function useWiring(view: JobView) {
  const { sheet } = view;
  const wire = wireView(sheet);
  const board = useBoard(wire, `${view.me.id}-${sheet.system.id}`);
  const [asked, go] = useAddress('part');
  const part: WirePart = WIRE_PARTS.find((p) => p === asked) ?? 'controls';
  const [check, setCheck] = useState<CheckRow>();
  const [form, setForm] = useState<{ kind: EntryKind; preset?: Answers; replaces?: string }>();
  const [reading, setReading] = useState(false);
  const [picked, setPicked] = useState<Picked>();
  const [proof, setProof] = useState<ProofRow>();
  const [taking, setTaking] = useState<ProofRow>();
  const stat = latestOf(sheet.systemLog, 'thermostat-set')?.body;
  const listed = latestOf(sheet.systemLog, 'sources') !== undefined;
  const presets = formStarts(sheet, wire.wiring);

  const openForm = (kind: EntryKind): void => setForm({ kind, ...(presets[kind] ? { preset: presets[kind] } : {}) });
  const write = (kind: EntryKind): void => (kind === 'thermostat-read' && stat ? setReading(true) : openForm(kind));
  const writeCircuit = (c: CircuitView | undefined): void => {
    if (c) setForm({ kind: 'power-circuit', preset: circuitStart(c), ...(c.entry ? { replaces: c.entry.id } : {}) });
  };
  const on =
    (p: WirePart, act: () => void = () => undefined) =>
    () => {
      go(p);
      act();
    };
  const forms: Partial<Record<EntryKind, () => void>> = {
    'wire-check': on('looks', () => setCheck(nextOpen(wire.rows))),
    'power-circuit': on('power', () =>
      writeCircuit(wire.circuits.find((c) => c.findings.some((f) => f.verdict !== 'good' && wire.open.includes(f)))),
    ),
    'isolation-step': on('safe', () => (listed ? showOpenSource() : write('sources'))),
    'starter-wiring': on('sheets'),
    'as-wired': on('controls'),
    'wiring-plan': on('controls', () => write('wiring-plan')),
    ...Object.fromEntries(
      (['thermostat-set', 'thermostat-read', 'blower-board', 'soft-starter', 'zoning'] as const).map((kind) => [
        kind,
        on('sheets', () => write(kind)),
      ]),
    ),
    'meter-reading': on('controls', () => {
      const next = wire.diagnosis?.next;
      if (next?.kind !== 'measure') return;
      board.setCall(next.at.call);
      setPicked({ node: next.at.a, against: next.at.b });
    }),
    'control-proof': on('controls', () => setProof(nextProof(wire))),
  };
  /** The source that is to be made safe next, once its part is shown. */
  function showOpenSource(): void {
    const open = wire.sources.find((s) => s.finding.verdict !== 'good')?.which;
    setTimeout(() => document.querySelector(`[data-testid="source-${open}"]`)?.scrollIntoView({ block: 'start' }));
  }
  return {
    wire,
    board,
    part,
    go: (p: WirePart) => go(p),
    signed: isSigned(sheet, 'wire'),
    findings: findingsIn(wire),
    stat,
    listed,
    presets,
    forms,
    write,
    openForm,
    writeCircuit,
    takeStarter: (preset: Answers) =>
      setForm({ kind: 'soft-starter', preset: { ...presets['soft-starter'], ...preset } }),
    check: [check, setCheck] as const,
    form: [form, setForm] as const,
    reading: [reading, setReading] as const,
    picked: [picked, setPicked] as const,
    proof: [proof, setProof] as const,
    taking: [taking, setTaking] as const,
  };
}
export type WiringState = ReturnType<typeof useWiring>;
