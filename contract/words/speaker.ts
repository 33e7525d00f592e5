import i18next, { type i18n } from 'i18next';
import { todaysId } from '@/core/words/renamed';
import {
  amountText,
  bareNumber,
  clockText,
  dayText,
  LANGUAGES,
  type Language,
  momentText,
  monthText,
  type Reader,
} from '@/core/words/render';
import type { Catalogue, Label, List, Param } from '@/core/words/said';

/** Everything that the screens and the papers say, beside what core says: its own catalogues are added by the web and the server. */
export type Speak = (said: Label | Param | null | undefined) => string;

/** One instance for all readers, with these catalogues by language; more may be added later. */
export function talker(catalogues: Partial<Record<Language, readonly Catalogue[]>> = {}): i18n {
  const instance = i18next.createInstance();
  void instance.init({
    lng: 'en',
    fallbackLng: 'en',
    supportedLngs: [...LANGUAGES],
    resources: {},
    keySeparator: false,
    nsSeparator: false,
    initAsync: false,
    returnEmptyString: true,
    interpolation: { prefix: '{', suffix: '}', escapeValue: false, skipOnVariables: true },
  });
  for (const [language, list] of Object.entries(catalogues))
    for (const c of list) addWords(instance, language as Language, c);
  return instance;
}

export const addWords = (words: i18n, language: Language, catalogue: Catalogue): void =>
  void words.addResourceBundle(language, 'translation', catalogue, true, true);

/** Makes sentences for one reader. A plain string is a name or something typed: it is said as it is. */
export function speaker(reader: Reader, words: i18n): Speak {
  const t = words.getFixedT(reader.language);
  const text = (p: Param | null | undefined): string => {
    if (p === null || p === undefined) return '';
    if (typeof p === 'string') return p;
    // A number without a quantity counts or names something: a year and a job number have no thousands.
    if (typeof p === 'number') return bareNumber(p);
    if ('id' in p) return sentence(todaysId(p.id), p.with);
    if ('q' in p) return amountText(p, reader);
    if ('lower' in p) return first(text(p.lower), 'toLocaleLowerCase');
    if ('upper' in p) return first(text(p.upper), 'toLocaleUpperCase');
    if ('list' in p) return row(p);
    if ('at' in p) return momentText(p.at, reader);
    if ('clock' in p) return clockText(p.clock, reader);
    if ('day' in p) return dayText(p.day, reader);
    return monthText(p.month, reader);
  };
  const row = ({ list, by = ', ' }: List): string =>
    list
      .map(text)
      .filter((x) => x !== '')
      .join(text(by));
  const first = (s: string, how: 'toLocaleLowerCase' | 'toLocaleUpperCase'): string =>
    // An abbreviation stays as it is.
    how === 'toLocaleLowerCase' && /^.(?:[A-Z0-9]|-\d)/.test(s)
      ? s
      : `${s.charAt(0)[how](reader.language)}${s.slice(1)}`;
  const sentence = (id: string, params: Readonly<Record<string, Param>> | undefined): string => {
    // An answer that the catalogue does not know (a name, a refrigerant) is told as it is stored.
    if (!words.exists(id, { lng: reader.language })) return params?.stored === undefined ? id : text(params.stored);
    if (!params || 'stored' in params) return t(id);
    const replace: Record<string, string> = {};
    for (const [name, p] of Object.entries(params)) replace[name] = text(p);
    const count = typeof params.count === 'number' ? { count: params.count } : {};
    return t(id, { ...count, replace });
  };
  return text;
}

/** Renders every sentence in an answer, however deep: what leaves for the command line or another program is text. */
export function spoken(x: unknown, speak: Speak): unknown {
  if (Array.isArray(x)) return x.map((y) => spoken(y, speak));
  if (typeof x !== 'object' || x === null) return x;
  if (isSentence(x)) return speak(x);
  return Object.fromEntries(Object.entries(x).map(([k, v]) => [k, spoken(v, speak)]));
}

/** A sentence is an id of a catalogue, alone or with its parameters, and nothing else. */
function isSentence(x: object): x is { id: string } {
  const keys = Object.keys(x);
  return (
    'id' in x &&
    typeof x.id === 'string' &&
    (keys.length === 1 || (keys.length === 2 && 'with' in x)) &&
    x.id.includes('.')
  );
}
