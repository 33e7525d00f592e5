import { circuitBecause, circuitPhasesOf } from '@/core/phases/circuit-kept';
import { circuitMove } from '@/core/phases/circuit-move';
import { tell } from '@/core/phases/join/words';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { circuitSnapshotOf } from '@/core/phases/snapshot';
import { joinGates } from './gates';
import { JOIN_WORK } from './move';
/** The line set: sizes and lengths, joints, driers, metering. */
export const join: PhaseDescriptor = {
  id: 'join',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 'n',
  equipped: true,
  needsReadings: false,
  needed: (sheet) => circuitPhasesOf(sheet).includes('join'),
  because: (sheet) => circuitBecause(sheet, 'join'),
  gates: joinGates,
  gateWords: {
    'recover-signed': tell('job.gate-recover-signed'),
    'line-drawn': tell('job.gate-line-drawn'),
    'joints-logged': tell('job.gate-joints-logged'),
    'join-checks': tell('job.gate-join-checks'),
  },
  move: (sheet, asked) => circuitMove(JOIN_WORK, sheet, gatesIn(join, sheet), asked.maySign),

  snapshot: (sheet, gates) => circuitSnapshotOf(sheet, 'join', gates),
  checks: (record) => record.joining?.checks ?? [],
};
