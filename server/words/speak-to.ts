import type { Request } from 'express';
import { type Speak, speaker, talker } from '@/contract/words/speaker';
import { ENGLISH } from '@/core/catalogues';
import { SPANISH } from '@/core/catalogues.es';
import { DEFAULT_READER, LANGUAGES, type Language, type Reader } from '@/core/words/render';
import { en } from './words.en';
import { es } from './words.es';

const words = talker({ en: [ENGLISH, en], es: [SPANISH, es] });

/** Makes sentences for a language and, where moments and money are told, a time zone and a currency. */
export const speakIn = (
  language: Language,
  { timeZone, currency }: Pick<Reader, 'timeZone' | 'currency'> = DEFAULT_READER,
): Speak => speaker({ language, timeZone, currency }, words);

/** Makes sentences for whoever asks: the signed-in person's language, before that the one the browser asks for. */
export const speakTo = (request: Request | undefined): Speak =>
  speakIn(request?.person?.language ?? LANGUAGES.find((l) => l === request?.acceptsLanguages(...LANGUAGES)) ?? 'en');

/** What goes into files for other programs, and into the log, is English. */
export const english = speakIn('en');
