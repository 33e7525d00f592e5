import { type Gate, passes } from '@/core/job/gates';
import { type Button, go, type Move, moveOf, write } from '@/core/job/move';
import { PHASE_WORDS } from '@/core/job/phases';
import { circuitName, isProven, otherCircuits, type SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { day, lower, type Said } from '@/core/words/said';
import { furnaceFindings } from './furnace';
import { pipeFindings } from './gas-pipe';
import { purposeOf, visitNow } from './visits';

/** Where a gate of the hand-over is cleared, when not on its own page. */
const CLEARED_ON: Partial<Record<string, 'scope' | 'set' | 'wire' | 'charge' | 'start-up'>> = {
  'set-signed': 'set',
  'wire-signed': 'wire',
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
  sheet: SheetWith<
    'circuit' | 'circuits' | 'furnace' | 'job' | 'jobLog' | 'scope' | 'signOffs' | 'site' | 'survey' | 'systemLog'
  >,
  maySign: boolean,
  gates: readonly Gate[],
): Move {
  const signed = sheet.signOffs.find((s) => s.phase === 'hand-over');
  const back = signed && visitNow(sheet);
  if (back)
    return {
      kind: 'now',
      say: tell('visit.come-back-on', { n: back.n, day: day(back.on), purpose: purposeOf(back) }),
      because: tell('visit.handed-over-new-readings-by-amendment'),
      button: write('visit-end', tell('visit.end-the-visit')),
    };
  if (signed)
    return {
      kind: 'good',
      say: tell('job.handed-over-give-customer-report'),
      because: tell('job.signed-by-record-is-frozen-amendment', { by: signed.by }),
      button: { label: tell('job.open-pdf'), action: { kind: 'open-report' } },
    };
  const barred = gates.find((g) => !passes(g));
  if (barred?.id === 'gas-pipe') return pipeMove(sheet);
  if (barred?.id === 'furnace-proof') return furnaceMove(sheet);
  if (barred?.id === 'test-mode-left')
    return {
      kind: 'not-proven',
      say: tell('job.gate-test-mode-left-asks'),
      because: barred.say,
      button: {
        label: tell('job.i-looked-test-mode-is-left'),
        action: { kind: 'confirm', confirmation: 'testModeLeft' },
      },
    };
  if (barred) {
    const button = clears(barred.id, sheet);
    return {
      kind: 'not-proven',
      say: tell('job.held', { asks: barred.asks }),
      because: barred.say,
      ...(button ? { button } : {}),
    };
  }
  return {
    kind: 'now',
    say: tell('job.walk-customer-through-report-then-sign'),
    because: tell('job.show-thermostat-filter-drain-and-disconnect'),
    ...(maySign ? { button: { label: tell('job.sign-hand-over'), action: { kind: 'sign' } } } : {}),
  };
}

/** Where a gate is cleared, when not on this page: another phase, or the first circuit that is still open. */
function clears(gateId: string, sheet: SheetWith<'circuit' | 'circuits'>): Button | undefined {
  const on = CLEARED_ON[gateId];
  if (on) return go(on, tell('job.go-to', { phase: lower(PHASE_WORDS[on]) }));
  if (gateId !== 'circuits-signed') return undefined;
  const open = otherCircuits(sheet).find((c) => !isProven(c));
  return (
    open && {
      label: tell('job.go-to-circuit', { circuit: circuitName(sheet, open) }),
      action: {
        kind: 'go',
        to: open.cooled && !open.signed.includes('start-up') ? 'start-up' : 'hand-over',
        circuitId: open.id,
      },
    }
  );
}

function pipeMove(sheet: Parameters<typeof pipeFindings>[0]): Move {
  const button = write('gas-test', tell('job.type-readings'));
  const worst = pipeFindings(sheet)?.[0];
  if (worst) return moveOf(worst, button);
  return {
    kind: 'not-proven',
    say: tell('gas.prove-the-pipe-tight'),
    because: tell('gas.before-anything-burns'),
    button,
  };
}

function furnaceMove(sheet: SheetWith<'furnace' | 'scope' | 'site' | 'survey'>): Move {
  const proof = (label: Said) => ({ label, action: { kind: 'type', what: 'furnace-proof' } as const });
  const worst = furnaceFindings(sheet)?.[0];
  if (worst) return moveOf(worst, proof(tell('job.read-it-again')));
  return {
    kind: 'not-proven',
    say: tell('job.type-what-furnace-shows-gas-pressures'),
    because: tell('job.furnace-is-not-handed-over-without'),
    button: proof(sheet.furnace ? tell('job.read-it-again') : tell('job.type-readings')),
  };
}
