import { teller } from '@/core/words/said';
import type { en } from './words.en';

/** Sentences that the server says itself. */
export const tell = teller<typeof en>();
