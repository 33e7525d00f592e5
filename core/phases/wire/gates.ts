import type { Finding } from '@/core/finding/finding';
import { type Gate, gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { isOpen } from '@/core/phases/checks/row';
import { signedGate } from '@/core/phases/signed-gate';
import { q, type Said } from '@/core/words/said';
import { wireView } from './view';
import { tell } from './words';

/** What must hold before the wiring is signed. */
export function wireGates(sheet: JobSheet): Gate[] {
  const view = wireView(sheet);
  const stop = view.open.find((f) => f.verdict === 'stop');
  const checks = view.rows.filter(isOpen);
  const all = (id: string, asks: Said, of: readonly Finding[], overridable = true): Gate[] => {
    if (of.length === 0) return [];
    const held = of.filter((f) => view.open.includes(f));
    return [gate(id, asks, held.length === 0, held[0]?.claim ?? tell('wire.all-good'), overridable)];
  };
  return [
    signedGate(sheet, 'scope', 'scope-signed'),
    ...all('power-fits', tell('wire.every-circuit-fits-its-plate'), view.power),
    // Nobody lets the proof of dead pass.
    ...all('made-safe', tell('wire.verified-without-voltage'), view.safe, false),
    ...all('controls-planned', tell('wire.controls-planned-and-wired'), view.controls),
    ...all('controls-proven', tell('wire.every-call-and-safety-proven'), view.proven ? [view.proven] : []),
    gate(
      'wire-checks',
      tell('wire.every-look-as-asked'),
      checks.length === 0,
      checks.length === 0
        ? tell('wire.all-good')
        : tell('wire.open-of', { open: q(checks.length, 'number', 0), first: checks[0]!.finding.claim }),
    ),
    ...all('thermostat-set', tell('wire.thermostat-set-and-read-back'), view.thermostat),
    ...all('blower-set', tell('wire.blower-and-boards-set'), view.blower),
    ...all('starter-proven', tell('wire.soft-starter-proven'), view.starter),
    ...all('zones-set', tell('wire.zones-set'), view.zones),
    ...(stop ? [gate('no-stop', tell('wire.no-stop'), false, stop.claim, false)] : []),
  ];
}
