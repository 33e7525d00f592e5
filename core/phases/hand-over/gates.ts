import { orderFindings } from '@/core/finding/order';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
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
import { hazardHolds } from '@/core/phases/survey/gates';
import { hasCircuit, owesFurnaceProof } from '@/core/phases/survey/view';
import { list } from '@/core/words/said';
import { balanceGates } from './balance';
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
function furnaceGates(sheet: SheetWith<'circuit' | 'furnace' | 'survey'>): Gate[] {
  if (hasCircuit(sheet) && !owesFurnaceProof(sheet)) return [];
  const worst = sheet.furnace ? orderFindings(judgeFurnace(sheet.furnace))[0] : undefined;
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
    // Where nothing is started up, the setting holds the hand-over itself.
    ...(!hasCircuit(sheet) && setsEquipment(sheet) ? [signedGate(sheet, 'set', 'set-signed')] : []),
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
    ...circuitGates(sheet),
    ...balanceGates(sheet),
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
