import type { PhaseDescriptor } from '@/core/phases/phase';
import { tell } from '@/core/phases/scope/words';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { beganWithSurvey } from '@/core/phases/survey/view';
import { signedOnly } from '@/core/phases/waits';
import { scopeGates } from './gates';
import { scopeMove } from './move';
import { beforeTables } from './report';
import { scopeOf } from './view';
/** What is chosen, agreed and signed before the work, and the release to take the old unit out. */
export const scope: PhaseDescriptor = {
  id: 'scope',
  owner: 'system',
  signedBy: 'sign-before',
  key: 'o',
  equipped: false,
  always: true,
  note: (sheet, signed) =>
    signed && scopeOf(sheet).change
      ? { say: tell('scope.changed-not-answered'), mark: 'look-again' }
      : !signed && !beganWithSurvey(sheet)
        ? { say: tell('survey.none-on-this-job') }
        : undefined,
  needsReadings: false,
  needed: beganWithSurvey,
  gates: scopeGates,
  gateWords: {
    'survey-signed': tell('job.gate-survey-signed'),
    'new-unit': tell('job.gate-new-unit'),
    'items-decided': tell('job.gate-items-decided'),
    'customer-agreed': tell('job.gate-customer-agreed'),
  },
  move: (sheet, asked) => signedOnly(asked, scopeMove(sheet)),
  snapshot: (sheet, gates) => beforeSnapshotOf(sheet, 'scope', gates),
  tables: (s) => beforeTables(s.before),
};
