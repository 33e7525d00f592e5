import { movementsOf } from '@/core/job/movements';
import { isEquipped } from '@/core/job/sheet';
import { tell } from '@/core/phases/charge/words';
import { noCircuitBecause } from '@/core/phases/circuit-kept';
import { gatesIn, type PhaseDescriptor } from '@/core/phases/phase';
import { commissioningSnapshot } from '@/core/phases/snapshot';
import { hasCircuit } from '@/core/phases/survey/view';
import { heldMove, waitsByGate } from '@/core/phases/waits';
import { q } from '@/core/words/said';
import { chargeInOz } from './charge-sheet';
import { chargeGates } from './gates';
import { type ChargeFacts, chargeMove } from './move';
import { chargeTable, movementTable } from './report';
import { CHARGE_RULES } from './rules';
/** The charge: build-up, weigh-in, room, label. */
export const charge: PhaseDescriptor<ChargeFacts> = {
  id: 'charge',
  owner: 'circuit',
  signedBy: 'sign-work',
  key: 'c',
  equipped: true,
  instruments: 'system',
  running: tell('charge.weighing-in'),
  note: (sheet, signed) =>
    signed && isEquipped(sheet)
      ? { say: tell('phases.amount', { amount: q(chargeInOz(sheet), 'lbOz') }) }
      : movementsOf(sheet.measurements).length
        ? { say: tell('charge.weighing-in') }
        : undefined,
  needsReadings: false,
  needed: hasCircuit,
  because: noCircuitBecause,
  gates: chargeGates,
  passedBefore: [{ phase: 'evacuate', gate: 'standing-vacuum' }],
  gateWords: {
    'evacuate-signed': tell('job.gate-evacuate-signed'),
    'vacuum-broken': tell('job.gate-vacuum-broken'),
    room: tell('job.gate-room'),
    cylinder: tell('job.gate-cylinder'),
    plate: tell('job.gate-plate'),
    'weighed-charge': tell('job.gate-weighed-charge'),
    label: tell('job.gate-label'),
  },
  move: (sheet, asked) =>
    asked.facts ? chargeMove({ ...asked.facts, maySign: asked.maySign }) : heldMove(gatesIn(charge, sheet)),
  waits: (sheet) => waitsByGate(charge, gatesIn(charge, sheet)),
  rules: CHARGE_RULES,
  snapshot: commissioningSnapshot('charge'),
  tables: (s) => [chargeTable(s), movementTable(s)],
};
