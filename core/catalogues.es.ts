import { es as airEs } from './air/words.es';
import { es as joinEs } from './circuit/join/words.es';
import { es as logEs } from './circuit/log/words.es';
import { es as pressureEs } from './circuit/pressure/words.es';
import { es as recoveryEs } from './circuit/recovery/words.es';
import { es as vacuumEs } from './circuit/vacuum/words.es';
import { es as circuitEs } from './circuit/words.es';
import { es as equipmentEs } from './equipment/words.es';
import { es as findingEs } from './finding/words.es';
import { es as fitEs } from './fit/words.es';
import { es as furnaceEs } from './furnace/words.es';
import { es as liveEs } from './job/circuit/live/words.es';
import { es as workEs } from './job/circuit/words.es';
import { es as jobEs } from './job/words.es';
import { es as refrigerantEs } from './refrigerant/words.es';
import { es as surveyEs } from './scope/survey/words.es';
import { es as sizeEs } from './scope/tonnage/words.es';
import { es as scopeEs } from './scope/words.es';
import { es as sizingEs } from './sizing/words.es';
import { es as startupEs } from './startup/words.es';
import { es as wordsEs } from './words/words.es';

/** Every sentence of core by its id, in Spanish; each folder keeps its own beside the code that says it. */
export const SPANISH = {
  ...airEs,
  ...circuitEs,
  ...joinEs,
  ...logEs,
  ...pressureEs,
  ...recoveryEs,
  ...vacuumEs,
  ...equipmentEs,
  ...findingEs,
  ...fitEs,
  ...furnaceEs,
  ...jobEs,
  ...workEs,
  ...liveEs,
  ...refrigerantEs,
  ...scopeEs,
  ...surveyEs,
  ...sizeEs,
  ...sizingEs,
  ...startupEs,
  ...wordsEs,
} as const;
