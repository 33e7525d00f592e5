import type { Request } from 'express';
import { type Speak, speaker, talker } from '@/contract/words/speaker';
import { ENGLISH } from '@/core/catalogues';
import { DEFAULT_READER, type Language } from '@/core/words/render';
import { en } from './words.en';

const words = talker({ en: [ENGLISH, en] });

/** Makes sentences for a language and, where moments are told, a time zone. */
export const speakIn = (language: Language, timeZone = DEFAULT_READER.timeZone): Speak =>
  speaker({ ...DEFAULT_READER, language, timeZone }, words);

/** Makes sentences for whoever asks: the signed-in person's language. */
export const speakTo = (request: Request | undefined): Speak => speakIn(request?.person?.language ?? 'en');

/** What goes into files for other programs, and into the log, is English. */
export const english = speakIn('en');
