import { teller, type With } from '@/core/words/said';
import { say } from './say';
import type { en } from './words.en';

type En = typeof en;

/** Sentences that the screens say themselves. */
export const tell = teller<En>();

/** The same in the words of whoever looks at this screen. */
export const t = <K extends keyof En & string>(id: K, ...rest: With<En[K]>): string => say(tell(id, ...rest));
