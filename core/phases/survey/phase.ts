import type { PhaseDescriptor } from '@/core/phases/phase';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { tell } from '@/core/phases/survey/words';
import { signedOnly, waitsByMove } from '@/core/phases/waits';
import type { Place } from '@/core/scope/survey/fact';
import { surveyGates } from './gates';
import { surveyMove, surveyMoveAt } from './move';
import { beganWithSurvey, surveyOf } from './view';
/** What is there: facts, hazards, pictures, size without a plate. */
export const survey: PhaseDescriptor<{ place: Place | 'before' }> = {
  id: 'survey',
  owner: 'system',
  signedBy: 'sign-before',
  key: 'v',
  equipped: false,
  always: true,
  note: (sheet, signed) => {
    if (!beganWithSurvey(sheet)) return { say: tell('survey.none-on-this-job') };
    const open = surveyOf(sheet).neverAsked.length;
    if (open) return { say: tell('survey.to-ask', { open }) };
    return signed ? undefined : { say: tell('phases.ready-to-sign') };
  },
  needsReadings: false,
  needed: beganWithSurvey,
  gates: surveyGates,
  gateWords: {
    'system-type': tell('job.gate-system-type'),
    'survey-asked': tell('job.gate-survey-asked'),
    'no-hazard-stop': tell('job.gate-no-hazard-stop'),
  },
  move: (sheet, asked) => signedOnly(asked, surveyMoveAt(sheet, asked.facts?.place ?? 'before')),
  waits: (sheet) => waitsByMove(surveyMove(sheet)),
  snapshot: (sheet, gates) => beforeSnapshotOf(sheet, 'survey', gates),
};
