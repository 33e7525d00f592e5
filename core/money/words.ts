import { teller } from '@/core/words/said';
import type { en } from './words.en';

export const tell = teller<typeof en>();
