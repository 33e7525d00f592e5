import { en as airEn } from './air/words.en';
import { en as joinEn } from './circuit/join/words.en';
import { en as recoveryEn } from './circuit/recovery/words.en';
import { en as vacuumEn } from './circuit/vacuum/words.en';
import { en as circuitEn } from './circuit/words.en';
import { en as controlsEn } from './controls/words.en';
import { en as diagnosisEn } from './diagnosis/words.en';
import { en as equipmentEn } from './equipment/words.en';
import { en as findingEn } from './finding/words.en';
import { en as fitEn } from './fit/words.en';
import { en as furnaceEn } from './furnace/words.en';
import { en as instrumentEn } from './instrument/words.en';
import { en as jobEn } from './job/words.en';
import { en as metalEn } from './metal/words.en';
import { en as moneyEn } from './money/words.en';
import { en as chargeEn } from './phases/charge/words.en';
import { en as checksEn } from './phases/checks/words.en';
import { en as evacuateEn } from './phases/evacuate/words.en';
import { en as handOverEn } from './phases/hand-over/words.en';
import { en as joinPhaseEn } from './phases/join/words.en';
import { en as logEn } from './phases/log/words.en';
import { en as dayPlanEn } from './phases/plan/words.en';
import { en as pressureTestEn } from './phases/pressure-test/words.en';
import { en as recoverEn } from './phases/recover/words.en';
import { en as scopePhaseEn } from './phases/scope/words.en';
import { en as setPhaseEn } from './phases/set/words.en';
import { en as startUpEn } from './phases/start-up/words.en';
import { en as surveyPhaseEn } from './phases/survey/words.en';
import { en as wireEn } from './phases/wire/words.en';
import { en as phasesEn } from './phases/words.en';
import { en as dayEn } from './plan/day/words.en';
import { en as takeOffEn } from './plan/take-off/words.en';
import { en as planEn } from './plan/words.en';
import { en as policyEn } from './policy/words.en';
import { en as powerEn } from './power/words.en';
import { en as practiceEn } from './practice/words.en';
import { en as refrigerantEn } from './refrigerant/words.en';
import { en as surveyEn } from './scope/survey/words.en';
import { en as sizeEn } from './scope/tonnage/words.en';
import { en as scopeEn } from './scope/words.en';
import { en as settingEn } from './set/words.en';
import { en as sizingEn } from './sizing/words.en';
import { en as acceptanceEn } from './startup/acceptance/words.en';
import { en as startupEn } from './startup/words.en';
import { en as wordsEn } from './words/words.en';

/** Every sentence of core by its id, in English; each folder keeps its own beside the code that says it. */
export const ENGLISH = {
  ...airEn,
  ...circuitEn,
  ...joinEn,
  ...logEn,
  ...recoveryEn,
  ...vacuumEn,
  ...diagnosisEn,
  ...equipmentEn,
  ...checksEn,
  ...setPhaseEn,
  ...wireEn,
  ...settingEn,
  ...controlsEn,
  ...powerEn,
  ...practiceEn,
  ...findingEn,
  ...fitEn,
  ...furnaceEn,
  ...instrumentEn,
  ...jobEn,
  ...phasesEn,
  ...surveyPhaseEn,
  ...scopePhaseEn,
  ...recoverEn,
  ...joinPhaseEn,
  ...pressureTestEn,
  ...evacuateEn,
  ...chargeEn,
  ...startUpEn,
  ...handOverEn,
  ...policyEn,
  ...refrigerantEn,
  ...scopeEn,
  ...surveyEn,
  ...sizeEn,
  ...sizingEn,
  ...startupEn,
  ...metalEn,
  ...planEn,
  ...takeOffEn,
  ...moneyEn,
  ...dayEn,
  ...dayPlanEn,
  ...acceptanceEn,
  ...wordsEn,
} as const;
