import { addWords, type Speak, speaker, talker } from '@/contract/words/speaker';
import { quantityOfUnit, UNIT_WORDS } from '@/core/words/quantity';
import { DEFAULT_READER, LANGUAGES, type Language, type Reader } from '@/core/words/render';
import { type Amount, type Label, lower, q } from '@/core/words/said';
import { en } from './words.en';

const words = talker({ en: [en] });
const NAMES: Record<Language, string> = { en: 'English', es: 'Español' };
/** The languages by their own names. */
export const LANGUAGE_CHOICES = LANGUAGES.map((value) => ({ value, label: NAMES[value] }));

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

/** Another language: everything is said anew, so the page loads again. True when it does. */
export function speakFromNow(language: Language): boolean {
  if (language === reader.language) return false;
  localStorage.setItem(KEPT, language);
  location.reload();
  return true;
}

/** The clock of another place, or another currency. */
export function readAs(change: Pick<Partial<Reader>, 'timeZone' | 'currency'>): void {
  reader = { ...reader, ...change };
  speak = speaker(reader, words);
}
/** The company's own clock. */
let home: string | undefined;
/** What belongs to no site is told by the company's clock: from sign-in on, and again when a job is left. */
export function readAtHome(timeZone = home): void {
  home = timeZone;
  if (timeZone) readAs({ timeZone });
}

export const readerNow = (): Reader => reader;

/** The same sentence in a customer's language. */
export const sayIn = (language: Language): Speak => speaker({ ...reader, language }, words);

/** Pounds and ounces, as a cylinder is spoken of. */
export const lbOz = (oz: number): string => speak(q(oz, 'lbOz'));

/** A figure and its unit apart, where the number is drawn large. */
export function figureOf(a: Amount): { value: string; unit: string } {
  const [, value = '', unit = ''] = /^([\d.,−–/]+(?:[ \u00a0]\d+\/\d+)?)\s*(.*)$/.exec(speak(a)) ?? [];
  return { value, unit };
}

/** A unit as the reader's language writes it, beside a box. */
export const unitShown = (unit: string): string =>
  reader.language === 'en' ? unit : (UNIT_WORDS[reader.language][quantityOfUnit(unit)] ?? unit);

/** A day with its weekday, for a list of days. */
export const weekday = (on: Date, how: 'long' | 'short'): string =>
  new Intl.DateTimeFormat(reader.language === 'es' ? 'es-US' : 'en-US', {
    weekday: how,
    day: 'numeric',
    month: how,
  }).format(on);

const loaded = new Map<string, Promise<void>>();
const once = (name: string, load: () => Promise<void>): Promise<void> => {
  const known = loaded.get(name);
  if (known) return known;
  const loading = load().catch((error: unknown) => {
    loaded.delete(name);
    throw error;
  });
  loaded.set(name, loading);
  return loading;
};

/** The screens' own sentences in the reader's language; English is there from the start. */
export const screenWords = (language: Language = reader.language): Promise<void> =>
  language === 'en'
    ? Promise.resolve()
    : once(`screens ${language}`, async () => addWords(words, language, (await import('./words.es')).es));

/** The sentences of core come with the first page that needs them: the sign-in page does without. */
export const coreWords = (language: Language = reader.language): Promise<void> =>
  once(`core ${language}`, async () =>
    addWords(
      words,
      language,
      language === 'en' ? (await import('@/core/catalogues')).ENGLISH : (await import('@/core/catalogues.es')).SPANISH,
    ),
  );

/** What a customer reads in another language than the screen's. */
export async function wordsOf(language: Language): Promise<void> {
  await Promise.all([screenWords(language), coreWords(language)]);
}
