import type { en as job } from '@/core/job/words.en';
import { teller } from '@/core/words/said';
import type { en } from './words.en';

/** What several phases say, and what every job says. */
export const tell = teller<typeof en & typeof job>();
