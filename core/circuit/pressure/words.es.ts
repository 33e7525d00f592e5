import type { en } from './words.en';

export const es: Record<keyof typeof en, string> = {};
