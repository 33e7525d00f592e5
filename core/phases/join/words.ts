import type { en as job } from '@/core/job/words.en';
import type { en as shared } from '@/core/phases/words.en';
import { teller } from '@/core/words/said';
import type { en } from './words.en';

export const tell = teller<typeof en & typeof shared & typeof job>();
/** The source of a check that no standard states. */
export const COMMON = tell('join.common-practice');
