import type { PhaseDescriptor } from '@/core/phases/phase';
import { gatesIn } from '@/core/phases/phase';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { signedOnly, waitsByMove } from '@/core/phases/waits';
import { setGates } from './gates';
import { setMove } from './move';
import { setsEquipment } from './needed';
import { setTables } from './report';
import { SET_RULES } from './rules';
import { setView } from './view';
import { tell } from './words';

/** The new equipment in its place: level, sealed, drained, closed up, proven by water. */
export const set: PhaseDescriptor = {
  id: 'set',
  owner: 'system',
  signedBy: 'sign-work',
  key: 'm',
  equipped: false,
  needsReadings: false,
  needed: setsEquipment,
  gates: setGates,
  gateWords: {
    'set-checks': tell('set.gate-set-checks'),
    'water-proven': tell('set.gate-water-proven'),
    'leakage-answered': tell('set.gate-leakage-answered'),
  },
  move: (sheet, asked) => signedOnly(asked, setMove(sheet, gatesIn(set, sheet), asked.maySign)),
  waits: (sheet) => waitsByMove(setMove(sheet, gatesIn(set, sheet), true)),
  note: (sheet, signed) => {
    if (signed) return undefined;
    const { rows, answered } = setView(sheet);
    return answered ? { say: tell('set.answered-of', { answered, count: rows.length }) } : undefined;
  },
  notGood: (sheet) => setView(sheet).open,
  rules: SET_RULES,
  snapshot: (sheet, gates) => beforeSnapshotOf(sheet, 'set', gates),
  tables: (s) => setTables(s.before?.setting),
};
