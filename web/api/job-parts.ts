import type { JobSheet, SurveyRecord } from '@/core/job/sheet';
import { pictureOfHouse } from '@/core/scope/survey/before-dismantling';
import { isOfHouse } from '@/core/scope/survey/facts';

/** What of a sheet is the job's, the same whichever circuit is looked at. */
const JOB_PARTS = [
  'job',
  'customer',
  'site',
  'cancelled',
  'circuits',
  'jobLog',
] as const satisfies readonly (keyof JobSheet)[];
/** What is its system's, the same for all circuits of that system. */
const SYSTEM_PARTS = [
  'system',
  'survey',
  'scope',
  'fits',
  'removal',
  'furnace',
  'systemLog',
  'scopeSchools',
] as const satisfies readonly (keyof JobSheet)[];

/** The sheet of one circuit with what another's answer brought of the job, of their system, of the house they share. */
export function withJobOf(sheet: JobSheet, answer: JobSheet): JobSheet {
  const same = sheet.system.id === answer.system.id;
  const parts = [...JOB_PARTS, ...(same ? SYSTEM_PARTS : [])].map((part) => [part, answer[part]]);
  const survey = same ? answer.survey : withHouseOf(sheet.survey, answer.survey);
  return { ...sheet, ...Object.fromEntries(parts), survey };
}

/** One system's survey with what another's says of the house. */
const withHouseOf = (mine: SurveyRecord, theirs: SurveyRecord): SurveyRecord => ({
  ...mine,
  observations: [
    ...theirs.observations.filter((o) => isOfHouse(o.fact)),
    ...mine.observations.filter((o) => !isOfHouse(o.fact)),
  ],
  photos: [...theirs.photos.filter(pictureOfHouse), ...mine.photos.filter((p) => !pictureOfHouse(p))],
});
