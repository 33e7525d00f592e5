import { es as airEs } from './air/words.es';
import { es as joinEs } from './circuit/join/words.es';
import { es as recoveryEs } from './circuit/recovery/words.es';
import { es as vacuumEs } from './circuit/vacuum/words.es';
import { es as circuitEs } from './circuit/words.es';
import { es as controlsEs } from './controls/words.es';
import { es as diagnosisEs } from './diagnosis/words.es';
import { es as equipmentEs } from './equipment/words.es';
import { es as findingEs } from './finding/words.es';
import { es as fitEs } from './fit/words.es';
import { es as furnaceEs } from './furnace/words.es';
import { es as instrumentEs } from './instrument/words.es';
import { es as jobEs } from './job/words.es';
import { es as metalEs } from './metal/words.es';
import { es as moneyEs } from './money/words.es';
import { es as chargeEs } from './phases/charge/words.es';
import { es as checksEs } from './phases/checks/words.es';
import { es as evacuateEs } from './phases/evacuate/words.es';
import { es as handOverEs } from './phases/hand-over/words.es';
import { es as joinPhaseEs } from './phases/join/words.es';
import { es as logEs } from './phases/log/words.es';
import { es as dayPlanEs } from './phases/plan/words.es';
import { es as pressureTestEs } from './phases/pressure-test/words.es';
import { es as recoverEs } from './phases/recover/words.es';
import { es as scopePhaseEs } from './phases/scope/words.es';
import { es as setPhaseEs } from './phases/set/words.es';
import { es as startUpEs } from './phases/start-up/words.es';
import { es as surveyPhaseEs } from './phases/survey/words.es';
import { es as wireEs } from './phases/wire/words.es';
import { es as phasesEs } from './phases/words.es';
import { es as dayEs } from './plan/day/words.es';
import { es as takeOffEs } from './plan/take-off/words.es';
import { es as planEs } from './plan/words.es';
import { es as policyEs } from './policy/words.es';
import { es as powerEs } from './power/words.es';
import { es as practiceEs } from './practice/words.es';
import { es as refrigerantEs } from './refrigerant/words.es';
import { es as surveyEs } from './scope/survey/words.es';
import { es as sizeEs } from './scope/tonnage/words.es';
import { es as scopeEs } from './scope/words.es';
import { es as settingEs } from './set/words.es';
import { es as sizingEs } from './sizing/words.es';
import { es as acceptanceEs } from './startup/acceptance/words.es';
import { es as startupEs } from './startup/words.es';
import { es as wordsEs } from './words/words.es';

/** Every sentence of core by its id, in Spanish; each folder keeps its own beside the code that says it. */
export const SPANISH = {
  ...airEs,
  ...circuitEs,
  ...joinEs,
  ...logEs,
  ...recoveryEs,
  ...vacuumEs,
  ...diagnosisEs,
  ...equipmentEs,
  ...checksEs,
  ...setPhaseEs,
  ...wireEs,
  ...settingEs,
  ...controlsEs,
  ...powerEs,
  ...practiceEs,
  ...findingEs,
  ...fitEs,
  ...furnaceEs,
  ...instrumentEs,
  ...jobEs,
  ...phasesEs,
  ...surveyPhaseEs,
  ...scopePhaseEs,
  ...recoverEs,
  ...joinPhaseEs,
  ...pressureTestEs,
  ...evacuateEs,
  ...chargeEs,
  ...startUpEs,
  ...handOverEs,
  ...policyEs,
  ...refrigerantEs,
  ...scopeEs,
  ...surveyEs,
  ...sizeEs,
  ...sizingEs,
  ...startupEs,
  ...metalEs,
  ...planEs,
  ...takeOffEs,
  ...moneyEs,
  ...dayEs,
  ...dayPlanEs,
  ...acceptanceEs,
  ...wordsEs,
} as const;
