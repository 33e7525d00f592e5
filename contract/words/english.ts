import { ENGLISH } from '@/core/catalogues';
import { DEFAULT_READER } from '@/core/words/render';
import { type Speak, speaker, talker } from './speaker';

/** English as core says it: for the command line, the demo and the tests. */
export const coreEnglish: Speak = speaker(DEFAULT_READER, talker({ en: [ENGLISH] }));
