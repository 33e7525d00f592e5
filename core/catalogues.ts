import { en as airEn } from './air/words.en';
import { en as joinEn } from './circuit/join/words.en';
import { en as logEn } from './circuit/log/words.en';
import { en as pressureEn } from './circuit/pressure/words.en';
import { en as recoveryEn } from './circuit/recovery/words.en';
import { en as vacuumEn } from './circuit/vacuum/words.en';
import { en as circuitEn } from './circuit/words.en';
import { en as equipmentEn } from './equipment/words.en';
import { en as findingEn } from './finding/words.en';
import { en as fitEn } from './fit/words.en';
import { en as furnaceEn } from './furnace/words.en';
import { en as liveEn } from './job/circuit/live/words.en';
import { en as workEn } from './job/circuit/words.en';
import { en as jobEn } from './job/words.en';
import { en as refrigerantEn } from './refrigerant/words.en';
import { en as surveyEn } from './scope/survey/words.en';
import { en as sizeEn } from './scope/tonnage/words.en';
import { en as scopeEn } from './scope/words.en';
import { en as sizingEn } from './sizing/words.en';
import { en as startupEn } from './startup/words.en';
import { en as wordsEn } from './words/words.en';

/** Every sentence of core by its id, in English; each folder keeps its own beside the code that says it. */
export const ENGLISH = {
  ...airEn,
  ...circuitEn,
  ...joinEn,
  ...logEn,
  ...pressureEn,
  ...recoveryEn,
  ...vacuumEn,
  ...equipmentEn,
  ...findingEn,
  ...fitEn,
  ...furnaceEn,
  ...jobEn,
  ...workEn,
  ...liveEn,
  ...refrigerantEn,
  ...scopeEn,
  ...surveyEn,
  ...sizeEn,
  ...sizingEn,
  ...startupEn,
  ...wordsEn,
} as const;
