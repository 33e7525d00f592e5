import { tell } from '@/core/phases/hand-over/words';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { SET_SIGNED } from '@/core/phases/set/needed';
import { beforeSnapshotOf, commissioningSnapshot } from '@/core/phases/snapshot';
import { hasCircuit } from '@/core/phases/survey/view';
import { waitsByGate } from '@/core/phases/waits';
import { WIRE_SIGNED } from '@/core/phases/wire/needed';
import { refusesRegister } from './balance';
import { filterTable } from './filters';
import { handOverGates } from './gates';
import { handOverMove } from './move';
import { refusesClosing } from './open-items';
import { permitTable } from './permits';
import { serialTable } from './serials';
import { refusesEnd, visitTable } from './visits';
/** The customer gets what was done, in writing; the sheet is closed. */
export const handOver: PhaseDescriptor = {
  id: 'hand-over',
  owner: 'job',
  signedBy: 'sign-work',
  key: 'h',
  equipped: false,
  needsReadings: true,
  needed: () => true,
  gates: handOverGates,
  gateWords: {
    'circuits-signed': tell('job.gate-circuits-signed'),
    'start-up-signed': tell('job.gate-start-up-signed'),
    'gas-pipe': tell('job.gate-gas-pipe'),
    'vent-gas': tell('ventgas.gate'),
    'furnace-proof': tell('job.gate-furnace-proof'),
    disclosures: tell('job.gate-disclosures'),
    'change-answered': tell('job.gate-change-answered'),
    'musts-in': tell('job.gate-musts-in'),
    'suction-drier': tell('job.gate-suction-drier'),
    'set-signed': SET_SIGNED,
    'wire-signed': WIRE_SIGNED,
    'test-mode-left': tell('job.gate-test-mode-left'),
    'inrush-proven': tell('job.gate-inrush-proven'),
    'air-balanced': tell('balance.gate-air-balanced'),
    permit: tell('job.gate-permit'),
    inspection: tell('job.gate-inspection'),
  },
  move: (sheet, asked) => handOverMove(sheet, asked.maySign, gatesIn(handOver, sheet)),
  waits: (sheet, recorded) => waitsByGate(handOver, gatesIn(handOver, sheet, recorded)),
  snapshot: (sheet, gates, recorded) =>
    hasCircuit(sheet)
      ? commissioningSnapshot('hand-over')(sheet, gates, recorded)
      : beforeSnapshotOf(sheet, 'hand-over', gates),
  rules: { 'visit-end': refusesEnd, 'open-closed': refusesClosing, register: (_sheet, body) => refusesRegister(body) },
  tables: (s) => [serialTable(s.jobLog), filterTable(s.jobLog), visitTable(s.jobLog), permitTable(s.jobLog)],
};
