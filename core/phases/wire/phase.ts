import type { PhaseDescriptor } from '@/core/phases/phase';
import { gatesIn } from '@/core/phases/phase';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { signedOnly, waitsByMove } from '@/core/phases/waits';
import { wireGates } from './gates';
import { wireMove } from './move';
import { wiresEquipment } from './needed';
import { wireTables } from './report';
import { WIRE_RULES } from './rules';
import { wireView } from './view';
import { tell } from './words';

/** Power and controls: circuits that fit their plates, verified without voltage, a control network planned, wired and proven. */
export const wire: PhaseDescriptor = {
  id: 'wire',
  owner: 'system',
  signedBy: 'sign-work',
  key: 'w',
  equipped: false,
  needsReadings: false,
  needed: wiresEquipment,
  gates: wireGates,
  gateWords: {
    'power-fits': tell('wire.gate-power-fits'),
    'made-safe': tell('wire.gate-made-safe'),
    'controls-planned': tell('wire.gate-controls-planned'),
    'controls-proven': tell('wire.gate-controls-proven'),
    'wire-checks': tell('wire.gate-wire-checks'),
    'thermostat-set': tell('wire.gate-thermostat-set'),
    'blower-set': tell('wire.gate-blower-set'),
    'starter-proven': tell('wire.gate-starter-proven'),
    'zones-set': tell('wire.gate-zones-set'),
  },
  move: (sheet, asked) => signedOnly(asked, wireMove(sheet, gatesIn(wire, sheet), asked.maySign)),
  waits: (sheet) => waitsByMove(wireMove(sheet, gatesIn(wire, sheet), true)),
  note: (sheet, signed) => {
    if (signed || !sheet.systemLog.some((e) => e.phase === 'wire')) return undefined;
    const { proofs } = wireView(sheet);
    const good = proofs.filter((p) => p.state === 'good').length;
    const wrong = proofs.some((p) => p.state === 'wrong');
    return {
      say: wrong ? tell('wire.a-call-runs-otherwise') : tell('wire.proven-short', { good, count: proofs.length }),
      ...(wrong ? { mark: 'look-again' as const } : {}),
    };
  },
  notGood: (sheet) => wireView(sheet).open,
  rules: WIRE_RULES,
  snapshot: (sheet, gates) => beforeSnapshotOf(sheet, 'wire', gates),
  tables: (s) => wireTables(s.before?.wiring),
};
