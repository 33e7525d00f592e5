import { coreEnglish as speak } from '@/contract/words/english';
import { spoken } from '@/contract/words/speaker';
import type { Cell, Label } from '@/core/words/said';

/** What a test may read: the English of a sentence, empty where nothing is said. Logic is held by ids and parameters. */
export const english = (said: unknown): string =>
  typeof said === 'object' || typeof said === 'string' ? speak(said as Label) : '';

/** An answer with every sentence in English, however deep. */
export const told = <T>(x: T): T => spoken(x, speak) as T;

/** The cells of a row of a report as they are printed. */
export const cells = (row: readonly Cell[] | undefined): string[] => (row ?? []).map(speak);
