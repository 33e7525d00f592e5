import type { en as startup } from '@/core/startup/words.en';
import { teller } from '@/core/words/said';
import type { en } from './words.en';

/** Sentences of what is typed as it is seen, and those of the start-up that it shares. */
export const tell = teller<typeof en & typeof startup>();
