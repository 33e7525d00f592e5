import { isSigned } from '@/core/job/sheet';
import { circuitBecause, circuitPhasesOf } from '@/core/phases/circuit-kept';
import { circuitMove } from '@/core/phases/circuit-move';
import { tell } from '@/core/phases/evacuate/words';
import type { LiveStream } from '@/core/phases/live/stream';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { circuitSnapshotOf } from '@/core/phases/snapshot';
import { evacuateGates } from './gates';
import { liveEvacuate, type VacuumFits } from './live-evacuate';
import { EVACUATE_WORK } from './move';
import { EVACUATE_RULES } from './rules';
import { evacuationView } from './view';
/** Vacuum: gauge and pump proven, depth, standing test. */
export const evacuate: PhaseDescriptor<{ stream: LiveStream; fits: VacuumFits | undefined }> = {
  id: 'evacuate',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 'u',
  equipped: true,
  instruments: 'vacuum',
  runsAfter: 'pressure-signed',
  running: tell('evacuate.on-pump'),
  needsReadings: false,
  needed: (sheet) => circuitPhasesOf(sheet).includes('evacuate'),
  because: (sheet) => circuitBecause(sheet, 'evacuate'),
  gates: evacuateGates,
  gateWords: {
    'pressure-signed': tell('job.gate-pressure-signed'),
    'compressor-locked': tell('job.gate-compressor-locked'),
    'gauge-proven': tell('job.gate-gauge-proven'),
    'deep-enough': tell('job.gate-deep-enough'),
    'standing-vacuum': tell('job.gate-standing-vacuum'),
  },
  move: (sheet, asked) =>
    (asked.facts && !isSigned(sheet, 'evacuate')
      ? liveEvacuate(evacuationView(sheet), asked.facts.stream, asked.facts.fits)
      : undefined) ?? circuitMove(EVACUATE_WORK, sheet, gatesIn(evacuate, sheet), asked.maySign),
  rules: EVACUATE_RULES,
  snapshot: (sheet, gates) => circuitSnapshotOf(sheet, 'evacuate', gates),
  checks: (record) => record.evacuation.checks,
};
