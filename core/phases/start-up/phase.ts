import { stands } from '@/core/finding/accepted';
import { passes } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { noCircuitBecause } from '@/core/phases/circuit-kept';
import { gatesIn, type Note, type PhaseDescriptor, type Waits } from '@/core/phases/phase';
import { SET_SIGNED } from '@/core/phases/set/needed';
import { commissioningSnapshot } from '@/core/phases/snapshot';
import { tell } from '@/core/phases/start-up/words';
import { hasCircuit } from '@/core/phases/survey/view';
import { heldMove, waitsByGate } from '@/core/phases/waits';
import { WIRE_SIGNED } from '@/core/phases/wire/needed';
import { clock } from '@/core/words/said';
import { changesTable, powerTable } from './changes-report';
import { startUpGates } from './gates';
import { type StartUpFacts, startUpMove } from './move';
import { acceptedTable, proofTables, writtenTable } from './report';
import { roundsOf } from './rounds';
import type { RecordedStartUp } from './start-up-sheet';
import { acceptedOn } from './system';
/** The running system: power, probes, steadiness, airflow, coils, charge, in this order. */
export const startUp: PhaseDescriptor<StartUpFacts> = {
  id: 'start-up',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 's',
  equipped: true,
  instruments: 'system',
  needsReadings: true,
  needed: hasCircuit,
  because: noCircuitBecause,
  gates: startUpGates,
  gateWords: {
    'charge-signed': tell('job.gate-charge-signed'),
    'set-signed': SET_SIGNED,
    'wire-signed': WIRE_SIGNED,
    steady: tell('job.gate-steady'),
    readings: tell('job.gate-readings'),
    'no-stop': tell('job.gate-no-stop'),
    'all-good': tell('job.gate-all-good'),
    enclosure: tell('job.gate-enclosure'),
  },
  move: (sheet, asked) =>
    asked.facts ? startUpMove({ ...asked.facts, maySign: asked.maySign }) : heldMove(gatesIn(startUp, sheet)),
  waits: waitsForStartUp,
  note: recordedNote,
  snapshot: commissioningSnapshot('start-up'),
  tables: (s) =>
    s.startUp ? [...proofTables(s), changesTable(s), writtenTable(s), powerTable(s), acceptedTable(s)] : [],
};

/** A reading that is on record: what it still waits for is judged on the whole run, which the rail does not have. */
function recordedNote(sheet: JobSheet, signed: boolean): Note | undefined {
  const last = signed || sheet.runs.some((r) => r.state === 'running') ? undefined : roundsOf(sheet).at(-1);
  return last && { say: tell('job.reading-recorded-at', { at: clock(last.at) }) };
}

/** A recorded reading waits for what its findings ask; before it the list says what runs. */
function waitsForStartUp(sheet: JobSheet, recorded?: RecordedStartUp): Waits {
  const gates = gatesIn(startUp, sheet, recorded);
  if (!recorded) {
    const running = sheet.runs.some((r) => r.state === 'running' && r.phase === 'start-up');
    return waitsByGate(startUp, gates, tell(running ? 'job.running-waits-for-steady-reading' : 'job.start-system'));
  }
  if (gates.every((g) => passes(g) || g.id === 'certification'))
    return { mark: 'good', say: tell('job.sign-start-up') };
  const accepted = acceptedOn(sheet);
  const first = recorded.judgement.findings.find((f) => f.verdict !== 'good' && !f.owed && !stands(f, accepted));
  return {
    mark: first?.verdict ?? 'good',
    say: first?.next?.say ?? first?.claim ?? tell('job.record-final-reading'),
  };
}
