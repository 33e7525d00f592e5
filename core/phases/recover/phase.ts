import { isSigned } from '@/core/job/sheet';
import { circuitBecause, circuitPhasesOf } from '@/core/phases/circuit-kept';
import { circuitMove } from '@/core/phases/circuit-move';
import type { LiveStream } from '@/core/phases/live/stream';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { tell } from '@/core/phases/recover/words';
import { removalGates } from '@/core/phases/scope/gates';
import { circuitSnapshotOf } from '@/core/phases/snapshot';
import { value } from '@/core/words/said';
import { recoverGates } from './gates';
import type { Recovering } from './live-machine';
import { liveRecover } from './live-recover';
import { RECOVER_WORK } from './move';
import { recoveredTable } from './report';
import { RECOVER_RULES } from './rules';
/** The old refrigerant out: absence of voltage, pump-down or machine, level, weight. */
export const recover: PhaseDescriptor<{ stream: LiveStream; on: Recovering }> = {
  id: 'recover',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 'r',
  equipped: false,
  instruments: 'recovery',
  runsAfter: 'removal-released',
  running: value('recovering'),
  needsReadings: false,
  needed: (sheet) => circuitPhasesOf(sheet).includes('recover'),
  because: (sheet) => circuitBecause(sheet, 'recover'),
  gates: recoverGates,
  releaseGates: removalGates,
  gateWords: {
    'scope-signed': tell('job.gate-scope-signed'),
    'before-list': tell('job.gate-before-list'),
    'no-fit-stop': tell('job.gate-no-fit-stop'),
    go: tell('job.gate-go'),
    'removal-released': tell('job.gate-removal-released'),
    'dead-proof': tell('job.gate-dead-proof'),
    'recovered-level': tell('job.gate-recovered-level'),
  },
  move: (sheet, asked) =>
    (asked.facts && !isSigned(sheet, 'recover')
      ? liveRecover(asked.facts.on, asked.facts.stream, sheet.circuitSchools)
      : undefined) ?? circuitMove(RECOVER_WORK, sheet, gatesIn(recover, sheet), asked.maySign),
  rules: RECOVER_RULES,
  snapshot: (sheet, gates) => circuitSnapshotOf(sheet, 'recover', gates),
  checks: (record) => record.recovery.checks,
  tables: (s) => [recoveredTable(s)],
};
