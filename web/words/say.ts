import { addWords, type Speak, speaker, talker } from '@/contract/words/speaker';
import { DEFAULT_READER, LANGUAGES, type Language, type Reader } from '@/core/words/render';
import { type Amount, type Label, lower, q } from '@/core/words/said';
import { en } from './words.en';

const words = talker({ en: [en] });

const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
/** The reader's language is known before the first word is said: words of a module are made when it loads. */
const KEPT = 'mb-language';
const kept = (): Language => {
  const stored = typeof localStorage === 'undefined' ? null : localStorage.getItem(KEPT);
  return LANGUAGES.find((l) => l === stored) ?? 'en';
};

let reader: Reader = { ...DEFAULT_READER, language: kept(), timeZone: here };
let speak: Speak = speaker(reader, words);

/** Says a sentence to whoever looks at this screen. The tree is built anew when the reader changes. */
export const say: Speak = (said) => speak(said);

/** A word of a sentence, not at its head. */
export const sayLow = (said: Label): string => speak(lower(said));

/** Another language: everything is said anew, so the page loads again. */
export function speakFromNow(language: Language): void {
  if (language === reader.language) return;
  localStorage.setItem(KEPT, language);
  location.reload();
}

/** The clock of another place, or another currency. */
export function readAs(change: Pick<Partial<Reader>, 'timeZone' | 'currency'>): void {
  reader = { ...reader, ...change };
  speak = speaker(reader, words);
}
export const readerNow = (): Reader => reader;

/** The same sentence in a customer's language. */
export const sayIn = (language: Language): Speak => speaker({ ...reader, language }, words);

/** Pounds and ounces, as a cylinder is spoken of. */
export const lbOz = (oz: number): string => speak(q(oz, 'lbOz'));

/** A figure and its unit apart, where the number is drawn large. */
export function figureOf(a: Amount): { value: string; unit: string } {
  const [, value = '', unit = ''] = /^(\S+)\s*(.*)$/.exec(speak(a)) ?? [];
  return { value, unit };
}

let core: Promise<void> | undefined;

/** The sentences of core come with the first page that needs them: the sign-in page does without. */
export function coreWords(): Promise<void> {
  core ??= import('@/core/catalogues').then(({ ENGLISH }) => addWords(words, 'en', ENGLISH));
  return core;
}
