import { tell } from '@/core/startup/words';

/** The two answers of a form of the start-up. */
export const YES_OR_NO = [
  [true, tell('startup.yes')],
  [false, tell('startup.no')],
] as const;
