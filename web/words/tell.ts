import { teller } from '@/core/words/said';
import type { en } from './words.en';

/** Sentences that the screens say themselves. */
export const tell = teller<typeof en>();
