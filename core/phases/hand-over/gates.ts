import { stands } from '@/core/finding/accepted';
import { type Gate, gate } from '@/core/job/gates';
import {
  circuitName,
  isEquipped,
  isProven,
  isSigned,
  type JobSheet,
  otherCircuits,
  type SheetWith,
} from '@/core/job/sheet';
import { tell } from '@/core/phases/hand-over/words';
import { agreedGates } from '@/core/phases/scope/gates';
import { setsEquipment } from '@/core/phases/set/needed';
import { claimOf, signedGate } from '@/core/phases/signed-gate';
import { isTestModeLeft } from '@/core/phases/start-up/system';
import { hazardHolds } from '@/core/phases/survey/gates';
import { hasCircuit, owesFurnaceProof } from '@/core/phases/survey/view';
import { inrushFindings } from '@/core/phases/wire/inrush';
import { wiresEquipment } from '@/core/phases/wire/needed';
import { list } from '@/core/words/said';
import { balanceGates } from './balance';
import { furnaceFindings } from './furnace';
import { pipeGates } from './gas-pipe';
import { permitGates } from './permits';
import { afterRunView } from './view';
/** A suction drier that was left behind holds the job open until someone has come back for it. */
export function afterRunGates(sheet: SheetWith<'circuit' | 'circuitLog' | 'scopeSchools'>): Gate[] {
  const visit = isEquipped(sheet) ? claimOf(afterRunView(sheet), 'suction-drier-visit') : undefined;
  return visit
    ? [gate('suction-drier', tell('work.suction-drier-seen-to'), visit.verdict === 'good', visit.claim)]
    : [];
}

/** What newly burns fuel is not handed over without its typed proof; a stop in it nobody lets pass. */
function furnaceGates(sheet: SheetWith<'circuit' | 'furnace' | 'scope' | 'site' | 'survey'>): Gate[] {
  if (hasCircuit(sheet) && !owesFurnaceProof(sheet)) return [];
  const worst = furnaceFindings(sheet)?.[0];
  return [
    gate(
      'furnace-proof',
      tell('job.gas-pressures-temperature-rise-and-co'),
      worst?.verdict === 'good',
      !worst ? tell('job.not-read-yet') : worst.verdict === 'good' ? tell('job.all-good') : worst.claim,
      // Without its readings nobody hands it over; a stop in them nobody lets pass.
      worst?.verdict === 'look-again',
    ),
  ];
}

/** What must hold before the job is handed over. */
export function handOverGates(sheet: JobSheet): Gate[] {
  return [
    ...hazardHolds(sheet),
    ...agreedGates(sheet),
    ...permitGates(sheet),
    ...afterRunGates(sheet),
    // Where nothing is started up, setting and wiring hold the hand-over themselves.
    ...(!hasCircuit(sheet) && setsEquipment(sheet) ? [signedGate(sheet, 'set', 'set-signed')] : []),
    ...(!hasCircuit(sheet) && wiresEquipment(sheet) ? [signedGate(sheet, 'wire', 'wire-signed')] : []),
    ...pipeGates(sheet),
    ...furnaceGates(sheet),
    ...(hasCircuit(sheet)
      ? [
          gate(
            'charge-signed',
            tell('job.signed-charge'),
            isSigned(sheet, 'charge'),
            isSigned(sheet, 'charge') ? tell('job.charge-signed') : tell('job.charge-is-not-signed'),
          ),
          gate(
            'start-up-signed',
            tell('job.signed-start-up'),
            isSigned(sheet, 'start-up'),
            isSigned(sheet, 'start-up') ? tell('job.start-up-signed') : tell('job.start-up-is-not-signed'),
          ),
        ]
      : []),
    ...testModeGates(sheet),
    ...circuitGates(sheet),
    ...inrushGates(sheet),
    ...balanceGates(sheet),
  ];
}

/** A test mode that was set for the start-up is left again: in it the unit does not follow the thermostat. */
function testModeGates({ startUp }: SheetWith<'startUp'>): Gate[] {
  const { testModeCooling, testModeHeating } = startUp.confirmations;
  if (!testModeCooling && !testModeHeating) return [];
  const left = isTestModeLeft(startUp.confirmations);
  return [
    gate(
      'test-mode-left',
      tell('job.gate-test-mode-left-asks'),
      left,
      left ? tell('job.test-mode-is-left') : tell('job.test-mode-was-set-and-must-be-left'),
    ),
  ];
}

/** A soft starter that was fitted shows what it takes off the start before the job is handed over. */
function inrushGates(sheet: JobSheet): Gate[] {
  const held = inrushFindings(sheet).filter(
    (f) =>
      f.verdict !== 'good' &&
      !stands(
        f,
        sheet.acceptances.map((a) => a.finding),
      ),
  );
  if (inrushFindings(sheet).length === 0) return [];
  return [
    gate(
      'inrush-proven',
      tell('job.inrush-before-and-after'),
      held.length === 0,
      held[0]?.claim ?? tell('job.all-good'),
    ),
  ];
}

/** Every other circuit of the job is started up and signed too, every furnace alone proven. */
function circuitGates(sheet: SheetWith<'circuit' | 'circuits'>): Gate[] {
  const others = otherCircuits(sheet);
  if (others.length === 0) return [];
  const open = others.filter((c) => !isProven(c));
  return [
    gate(
      'circuits-signed',
      tell('job.every-circuit-signed'),
      open.length === 0,
      open.length === 0
        ? tell('job.circuits-all-signed')
        : tell('job.circuit-not-signed', { circuits: list(open.map((c) => circuitName(sheet, c))) }),
    ),
  ];
}
