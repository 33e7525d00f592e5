import { es as api } from '@/web/api/words.es';
import { es as bench } from '@/web/bench/words.es';
import { es as company } from '@/web/company/words.es';
import { es as csv } from '@/web/csv/words.es';
import { es as cylinders } from '@/web/cylinders/words.es';
import { es as jobs } from '@/web/jobs/words.es';
import { es as kit } from '@/web/kit/words.es';
import { es as late } from '@/web/late/words.es';
import { es as library } from '@/web/library/words.es';
import { es as memory } from '@/web/memory/words.es';
import { es as charge } from '@/web/phases/charge/words.es';
import { es as checks } from '@/web/phases/checks/words.es';
import { es as circuit } from '@/web/phases/circuit/words.es';
import { es as equipment } from '@/web/phases/equipment/words.es';
import { es as evacuate } from '@/web/phases/evacuate/words.es';
import { es as fit } from '@/web/phases/fit/words.es';
import { es as handOver } from '@/web/phases/hand-over/words.es';
import { es as instruments } from '@/web/phases/instruments/words.es';
import { es as join } from '@/web/phases/join/words.es';
import { es as metal } from '@/web/phases/metal/words.es';
import { es as offer } from '@/web/phases/offer/words.es';
import { es as plan } from '@/web/phases/plan/words.es';
import { es as pressureTest } from '@/web/phases/pressure-test/words.es';
import { es as recover } from '@/web/phases/recover/words.es';
import { es as scope } from '@/web/phases/scope/words.es';
import { es as set } from '@/web/phases/set/words.es';
import { es as startUp } from '@/web/phases/start-up/words.es';
import { es as survey } from '@/web/phases/survey/words.es';
import { es as wire } from '@/web/phases/wire/words.es';
import { es as phases } from '@/web/phases/words.es';
import { es as practice } from '@/web/practice/words.es';
import { es as settings } from '@/web/settings/words.es';
import { es as shell } from '@/web/shell/words.es';
import { es as trail } from '@/web/trail/words.es';
import { es as week } from '@/web/week/words.es';
import { es as shared } from './shared.es';
import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {
  ...shared,
  ...memory,
  ...trail,
  ...week,
  ...api,
  ...bench,
  ...company,
  ...practice,
  ...csv,
  ...cylinders,
  ...jobs,
  ...kit,
  ...late,
  ...library,
  ...charge,
  ...circuit,
  ...equipment,
  ...evacuate,
  ...fit,
  ...handOver,
  ...instruments,
  ...join,
  ...metal,
  ...offer,
  ...plan,
  ...pressureTest,
  ...recover,
  ...scope,
  ...checks,
  ...set,
  ...wire,
  ...startUp,
  ...survey,
  ...phases,
  ...settings,
  ...shell,
};
