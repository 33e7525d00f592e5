import { QUANTITIES_SHOWN, type Quantity, UNIT_WORDS } from './quantity';
import type { Amount } from './said';

/** Languages of screens and papers. */
export const LANGUAGES = ['en', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];
const LOCALE: Record<Language, string> = { en: 'en-US', es: 'es-US' };

/** How a reader sees numbers, dates and money: language, the site's time zone, the company's currency. */
export type Reader = { language: Language; timeZone: string; currency: string };
export const DEFAULT_READER: Reader = { language: 'en', timeZone: 'UTC', currency: 'USD' };

const NONE = '–';
const OZ_PER_LB = 16;
const PSI_PER_INHG = 0.4911541;
const MINUS = '−';
const SIXTEENTHS = 16;
/** A space that no line breaks at. */
const TOGETHER = '\u00a0';
/** A current below this is written to the hundredth, A. */
const SMALL_A = 3;
const FRACTIONS: Record<string, string> = {
  '0.25': '1/4',
  '0.3125': '5/16',
  '0.375': '3/8',
  '0.5': '1/2',
  '0.625': '5/8',
  '0.75': '3/4',
  '0.875': '7/8',
  '1.125': '1-1/8',
  '1.375': '1-3/8',
};

const formats = new Map<string, Intl.NumberFormat>();
function numbers(language: Language, decimals: number, least: number): Intl.NumberFormat {
  const key = `${language} ${decimals} ${least}`;
  const known = formats.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat(LOCALE[language], {
    minimumFractionDigits: least,
    maximumFractionDigits: decimals,
    useGrouping: true,
  });
  formats.set(key, made);
  return made;
}

/** Making a formatter takes longer than a hundred uses of it: each is made once. */
const calendars = new Map<string, Intl.DateTimeFormat>();
function calendar(language: Language, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${language} ${Object.entries(options).join(' ')}`;
  const made = calendars.get(key) ?? new Intl.DateTimeFormat(LOCALE[language], options);
  calendars.set(key, made);
  return made;
}

const currencies = new Map<string, Intl.NumberFormat>();
function currencyFormat({ language, currency }: Reader, digits: number): Intl.NumberFormat {
  const key = `${language} ${currency} ${digits}`;
  const made =
    currencies.get(key) ??
    new Intl.NumberFormat(LOCALE[language], {
      style: 'currency',
      currency,
      maximumFractionDigits: digits,
      minimumFractionDigits: digits,
    });
  currencies.set(key, made);
  return made;
}

function plain(v: number, decimals: number | 'as is', language: Language): string {
  const most = decimals === 'as is' ? 6 : decimals;
  const text = numbers(language, most, decimals === 'as is' ? 0 : decimals).format(Math.abs(v));
  return v < 0 && /[1-9]/.test(text) ? `${MINUS}${text}` : text;
}

/** A number that counts or names: as it is, to six decimals, without thousands. */
export const bareNumber = (v: number): string =>
  Number.isFinite(v) ? String(Number(v.toFixed(6))).replace('-', MINUS) : NONE;

const withUnit = (text: string, unit: string): string =>
  unit === '' ? text : unit === '°' ? `${text}°` : `${text} ${unit}`;

/** Pounds and ounces, as a cylinder is spoken of. */
function lbOz(oz: number, language: Language): string {
  const tenths = Math.round(Math.abs(oz) * 10);
  const lb = Math.floor(tenths / (OZ_PER_LB * 10));
  const rest = (tenths - lb * OZ_PER_LB * 10) / 10;
  return `${oz < 0 && tenths > 0 ? MINUS : ''}${lb} lb ${plain(rest, 1, language)} oz`;
}

/** Inches and sixteenths, as a tape is read. */
export function tape(inches: number): string {
  const all = Math.round(Math.abs(inches) * SIXTEENTHS);
  const whole = Math.floor(all / SIXTEENTHS);
  let top = all % SIXTEENTHS;
  let bottom = SIXTEENTHS;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const part = top ? `${top}/${bottom}` : '';
  return `${inches < 0 && all > 0 ? MINUS : ''}${[whole || !part ? String(whole) : '', part].filter(Boolean).join(TOGETHER)} in`;
}

const money = (v: number, reader: Reader, digits = 0): string =>
  currencyFormat(reader, digits)
    .format(Math.abs(v))
    .replace(/^/, v < 0 ? MINUS : '');

const SPECIAL: Partial<Record<Quantity, (v: number, a: Amount, reader: Reader) => string>> = {
  lbOz: (v, _a, r) => lbOz(v, r.language),
  od: (v) => `${FRACTIONS[String(v)] ?? v} in`,
  // Inches are read off a tape, in sixteenths; what is measured finer says its decimals.
  in: (v, a, r) => (typeof a.d === 'number' && a.d > 0 ? `${plain(v, a.d, r.language)} in` : tape(v)),
  money: (v, _a, r) => money(v, r),
  cents: (v, _a, r) => money(v, r, 2),
  moneyChange: (v, _a, r) => `${v >= 0 ? '+' : MINUS}${money(Math.abs(v), r)}`,
  hChange: (v, _a, r) => `${v >= 0 ? '+' : MINUS}${plain(Math.abs(v), 1, r.language)} h`,
  // Below atmosphere a technician reads inches of mercury, never a minus on a gauge.
  psig: (v, a, r) =>
    v <= -0.05
      ? `${plain(-v / PSI_PER_INHG, 1, r.language)} inHg`
      : `${plain(v, a.d ?? QUANTITIES_SHOWN.psig.decimals, r.language)} psig`,
  A: (v, a, r) => `${plain(v, a.d ?? (Math.abs(v) < SMALL_A ? 2 : 1), r.language)} A`,
};

/** A figure with its unit, as its reader writes it; a dash where there is none. */
export function amountText(a: Amount, reader: Reader): string {
  if (a.v === null || a.v === undefined || !Number.isFinite(a.v)) return NONE;
  const special = SPECIAL[a.q];
  if (special) return special(a.v, a, reader);
  const { unit: sign, decimals } = QUANTITIES_SHOWN[a.q];
  const unit = (reader.language === 'en' ? undefined : UNIT_WORDS[reader.language][a.q]) ?? sign;
  return withUnit(plain(a.v, a.d ?? decimals, reader.language), unit);
}

const date = (iso: string): Date => new Date(iso.length === 10 ? `${iso}T12:00:00Z` : iso);

/** A day of the calendar: it has no time zone. */
export function dayText(iso: string, { language }: Reader): string {
  const d = date(iso.slice(0, 10));
  if (Number.isNaN(d.getTime())) return iso;
  return calendar(language, { dateStyle: 'medium', timeZone: 'UTC' }).format(d);
}

export function monthText(iso: string, { language }: Reader): string {
  const d = date(iso.slice(0, 10));
  if (Number.isNaN(d.getTime())) return iso;
  return calendar(language, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(d);
}

/** A moment to the minute, in the site's time zone, which is said with it. */
export function momentText(iso: string, { language, timeZone }: Reader): string {
  const d = date(iso);
  if (Number.isNaN(d.getTime())) return iso;
  return calendar(language, {
    year: 'numeric',
    month: 'short',
    day: 'numeric',
    hour: 'numeric',
    minute: '2-digit',
    timeZone,
    timeZoneName: 'short',
  }).format(d);
}

/** A time of the day as it is typed, HH:MM: it has no time zone. */
const TYPED_TIME = /^\d\d:\d\d$/;

/** The time of day at the site. */
export function clockText(iso: string, { language, timeZone }: Reader): string {
  const typed = TYPED_TIME.test(iso);
  const d = date(typed ? `2000-01-01T${iso}:00Z` : iso);
  if (Number.isNaN(d.getTime())) return iso;
  return calendar(language, {
    hour: 'numeric',
    minute: '2-digit',
    timeZone: typed ? 'UTC' : timeZone,
  }).format(d);
}
