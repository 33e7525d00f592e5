import { orderFindings } from '@/core/finding/order';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
import { type Gate, type GateId, passes } from './gates';
import { go, type Move, moveOf } from './move';
import { PHASE_WORDS } from './phases';
import type { JobSheet } from './sheet';
import { sheetGates } from './sheet-gates';

/** Where a gate of the hand-over is cleared, when not on its own page. */
const CLEARED_ON: Partial<Record<GateId, 'scope' | 'charge' | 'start-up'>> = {
  'no-hazard-stop': 'scope',
  'no-fit-stop': 'scope',
  'scope-signed': 'scope',
  disclosures: 'scope',
  'change-answered': 'scope',
  'musts-in': 'scope',
  'charge-signed': 'charge',
  'start-up-signed': 'start-up',
};

/** The hand-over: what still holds it, then the customer, then the signature. */
export function handOverMove(
  sheet: JobSheet,
  maySign: boolean,
  gates: readonly Gate[] = sheetGates(sheet, 'hand-over'),
): Move {
  const signed = sheet.signOffs.find((s) => s.phase === 'hand-over');
  if (signed)
    return {
      kind: 'good',
      say: 'Handed over. Give the customer the report.',
      because: `Signed by ${signed.by}. The record is frozen; an amendment stands beside it.`,
      button: { label: 'Open the PDF', action: { kind: 'open-report' } },
    };
  const barred = gates.find((g) => !passes(g));
  if (barred?.id === 'furnace-proof') return furnaceMove(sheet);
  if (barred) {
    const on = CLEARED_ON[barred.id];
    return {
      kind: 'not-proven',
      say: `Held: ${barred.asks}.`,
      because: barred.say,
      ...(on ? { button: go(on, `Go to ${PHASE_WORDS[on].toLowerCase()}`) } : {}),
    };
  }
  return {
    kind: 'now',
    say: 'Walk the customer through the report, then sign the hand-over.',
    because: 'Show the thermostat, the filter, the drain and the disconnect. Leave the report.',
    ...(maySign ? { button: { label: 'Sign the hand-over', action: { kind: 'sign' } } } : {}),
  };
}

function furnaceMove(sheet: JobSheet): Move {
  const proof = (label: string) => ({ label, action: { kind: 'type', what: 'furnace-proof' } as const });
  const worst = sheet.furnace ? orderFindings(judgeFurnace(sheet.furnace))[0] : undefined;
  if (worst) return moveOf(worst, proof('Read it again'));
  return {
    kind: 'not-proven',
    say: 'Type what the furnace shows: gas pressures, temperature rise, CO.',
    because: 'A furnace is not handed over without them. Combustion and gas are licensed work.',
    button: proof(sheet.furnace ? 'Read it again' : 'Type the readings'),
  };
}
