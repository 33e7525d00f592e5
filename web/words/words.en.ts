import { en as api } from '@/web/api/words.en';
import { en as bench } from '@/web/bench/words.en';
import { en as company } from '@/web/company/words.en';
import { en as csv } from '@/web/csv/words.en';
import { en as cylinders } from '@/web/cylinders/words.en';
import { en as jobs } from '@/web/jobs/words.en';
import { en as kit } from '@/web/kit/words.en';
import { en as late } from '@/web/late/words.en';
import { en as library } from '@/web/library/words.en';
import { en as memory } from '@/web/memory/words.en';
import { en as charge } from '@/web/phases/charge/words.en';
import { en as checks } from '@/web/phases/checks/words.en';
import { en as circuit } from '@/web/phases/circuit/words.en';
import { en as equipment } from '@/web/phases/equipment/words.en';
import { en as evacuate } from '@/web/phases/evacuate/words.en';
import { en as fit } from '@/web/phases/fit/words.en';
import { en as handOver } from '@/web/phases/hand-over/words.en';
import { en as instruments } from '@/web/phases/instruments/words.en';
import { en as join } from '@/web/phases/join/words.en';
import { en as metal } from '@/web/phases/metal/words.en';
import { en as offer } from '@/web/phases/offer/words.en';
import { en as plan } from '@/web/phases/plan/words.en';
import { en as pressureTest } from '@/web/phases/pressure-test/words.en';
import { en as recover } from '@/web/phases/recover/words.en';
import { en as scope } from '@/web/phases/scope/words.en';
import { en as set } from '@/web/phases/set/words.en';
import { en as startUp } from '@/web/phases/start-up/words.en';
import { en as survey } from '@/web/phases/survey/words.en';
import { en as wire } from '@/web/phases/wire/words.en';
import { en as phases } from '@/web/phases/words.en';
import { en as practice } from '@/web/practice/words.en';
import { en as settings } from '@/web/settings/words.en';
import { en as shell } from '@/web/shell/words.en';
import { en as trail } from '@/web/trail/words.en';
import { en as week } from '@/web/week/words.en';
import { en as shared } from './shared.en';

/** What the screens say, each area beside its pages; what several say is in `shared`. */
export const en = {
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
} as const;
