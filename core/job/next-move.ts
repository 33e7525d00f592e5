import type { Place } from '@/core/scope/survey/fact';
import { scopeMove, surveyMoveAt } from './before-move';
import { type ChargeFacts, chargeMove } from './circuit/charge-move';
import { circuitMove } from './circuit/circuit-moves';
import { evacuationView, pressureView } from './circuit/circuit-views';
import { liveEvacuate, type VacuumFits } from './circuit/live/live-evacuate';
import type { Recovering } from './circuit/live/live-machine';
import { type HoldGear, livePressure } from './circuit/live/live-pressure';
import { liveRecover } from './circuit/live/live-recover';
import type { LiveStream } from './circuit/live/stream';
import { handOverMove } from './hand-over-move';
import type { Move } from './move';
import type { BuiltPhase } from './phases';
import type { JobSheet } from './sheet';
import { sheetGates } from './sheet-gates';
import { type StartUpFacts, startUpMove } from './start-up-move';
import { VALVE_CLOSED } from './weighing-move';

/** What a page knows beside the sheet: who looks at it, and what its instruments give now. */
export type Live = {
  maySign: boolean;
  /** The place of the walk that is shown. */
  place?: Place | 'before';
  /** The valve was closed a moment ago and the scale comes to rest. */
  closing?: boolean;
  recover?: { stream: LiveStream; on: Recovering };
  pressureTest?: { stream: LiveStream; gear: HoldGear };
  evacuate?: { stream: LiveStream; fits: VacuumFits | undefined };
  charge?: ChargeFacts;
  startUp?: StartUpFacts;
};

/** The one next move of a phase, whatever the phase: what runs now lies over what the record asks for. */
export function nextMoveOf(sheet: JobSheet, phase: BuiltPhase, live: Live): Move {
  if (live.closing) return VALVE_CLOSED;
  switch (phase) {
    case 'survey':
      return mine(surveyMoveAt(sheet, live.place ?? 'before'), live);
    case 'scope':
      return mine(scopeMove(sheet), live);
    case 'recover':
    case 'join':
    case 'pressure-test':
    case 'evacuate':
      return liveOver(sheet, phase, live) ?? circuitMove(sheet, phase, sheetGates(sheet, phase), live.maySign);
    case 'charge':
      return chargeMove({ ...live.charge!, maySign: live.maySign });
    case 'start-up':
      return startUpMove({ ...live.startUp!, maySign: live.maySign });
    case 'hand-over':
      return handOverMove(sheet, live.maySign);
  }
}

/** Without the right to sign there is nothing to press at a signature. */
const mine = (move: Move, live: Live): Move =>
  move.button?.action.kind === 'sign' && !live.maySign ? { ...move, button: undefined } : move;

function liveOver(sheet: JobSheet, phase: BuiltPhase, live: Live): Move | undefined {
  if (sheet.signOffs.some((s) => s.phase === phase)) return undefined;
  if (phase === 'recover' && live.recover)
    return liveRecover(live.recover.on, live.recover.stream, sheet.circuitSchools);
  if (phase === 'pressure-test' && live.pressureTest)
    return livePressure(pressureView(sheet), live.pressureTest.stream, live.pressureTest.gear);
  if (phase === 'evacuate' && live.evacuate)
    return liveEvacuate(evacuationView(sheet), live.evacuate.stream, live.evacuate.fits);
  return undefined;
}
