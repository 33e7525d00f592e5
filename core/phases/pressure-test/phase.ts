import { isSigned } from '@/core/job/sheet';
import { circuitBecause, circuitPhasesOf } from '@/core/phases/circuit-kept';
import { circuitMove } from '@/core/phases/circuit-move';
import type { LiveStream } from '@/core/phases/live/stream';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { tell } from '@/core/phases/pressure-test/words';
import { circuitSnapshotOf } from '@/core/phases/snapshot';
import { pressureGates } from './gates';
import { type HoldGear, livePressure } from './live-pressure';
import { PRESSURE_WORK } from './move';
import { PRESSURE_RULES } from './rules';
import { pressureView } from './view';
/** Nitrogen: limit, stages, hold, soap test. */
export const pressureTest: PhaseDescriptor<{ stream: LiveStream; gear: HoldGear }> = {
  id: 'pressure-test',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 'p',
  equipped: true,
  instruments: 'nitrogen',
  runsAfter: 'join-signed',
  running: tell('pressure.under-nitrogen'),
  needsReadings: false,
  needed: (sheet) => circuitPhasesOf(sheet).includes('pressure-test'),
  because: (sheet) => circuitBecause(sheet, 'pressure-test'),
  gates: pressureGates,
  gateWords: {
    'join-signed': tell('job.gate-join-signed'),
    'plate-limit': tell('job.gate-plate-limit'),
    'expansion-open': tell('job.gate-expansion-open'),
    'pressure-held': tell('job.gate-pressure-held'),
    bubbled: tell('job.gate-bubbled'),
  },
  move: (sheet, asked) =>
    (asked.facts && !isSigned(sheet, 'pressure-test')
      ? livePressure(pressureView(sheet), asked.facts.stream, asked.facts.gear)
      : undefined) ?? circuitMove(PRESSURE_WORK, sheet, gatesIn(pressureTest, sheet), asked.maySign),
  rules: PRESSURE_RULES,
  snapshot: (sheet, gates) => circuitSnapshotOf(sheet, 'pressure-test', gates),
  checks: (record) => record.pressure.checks,
};
