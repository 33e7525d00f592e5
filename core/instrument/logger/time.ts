/** How a log tells the time of a row. */
export const TIME_FORMATS = ['seconds', 'minutes', 'clock', 'month first', 'day first', 'spreadsheet days'] as const;
export type TimeFormat = (typeof TIME_FORMATS)[number];

const S_PER_MIN = 60;
const S_PER_HOUR = 3600;
const S_PER_DAY = 86_400;
const CLOCK = /^(\d{1,3}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*([ap]m)?$/i;
const MOMENT = /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})[T ,]+(\d{1,2}:\d{2}(?::\d{2}(?:[.,]\d+)?)?\s*(?:[ap]m)?)Z?$/i;
/** A two-digit year is of this century. */
const CENTURY = 2000;
const SHORT_YEAR = 100;

function clockS(text: string): number | undefined {
  const m = CLOCK.exec(text.trim());
  if (!m) return undefined;
  const [hours, minutes, seconds] = [Number(m[1]), Number(m[2]), Number((m[3] ?? '0').replace(',', '.'))];
  const half = m[4]?.toLowerCase();
  if (minutes >= 60 || seconds >= 60 || (half && (hours < 1 || hours > 12))) return undefined;
  const h = half ? (hours % 12) + (half === 'pm' ? 12 : 0) : hours;
  return h * S_PER_HOUR + minutes * S_PER_MIN + seconds;
}

function momentS(text: string, dayFirst: boolean): number | undefined {
  const m = MOMENT.exec(text.trim());
  if (!m) return undefined;
  const clock = clockS(m[4]!.trim());
  const [a, b, c] = [Number(m[1]), Number(m[2]), Number(m[3])];
  const [year, month, day] = m[1]!.length === 4 ? [a, b, c] : dayFirst ? [c, b, a] : [c, a, b];
  const full = year < SHORT_YEAR ? CENTURY + year : year;
  const at = new Date(Date.UTC(full, month - 1, day));
  const real = at.getUTCMonth() === month - 1 && at.getUTCDate() === day;
  return clock === undefined || !real ? undefined : at.getTime() / 1000 + clock;
}

/** Seconds of a row by its own count, not yet from the first row; undefined where the cell says no such time. */
export function secondsIn(text: string, format: TimeFormat, number: (text: string) => number | undefined) {
  if (format === 'clock') return clockS(text);
  if (format === 'month first' || format === 'day first') return momentS(text, format === 'day first');
  const n = number(text);
  if (n === undefined) return undefined;
  return n * { seconds: 1, minutes: S_PER_MIN, 'spreadsheet days': S_PER_DAY }[format];
}

/** The first format that reads every cell; with two that do, a day above twelve tells which. */
export function guessTime(
  cells: readonly string[],
  header: string,
  number: (text: string) => number | undefined,
): TimeFormat | undefined {
  const reads = (f: TimeFormat): boolean =>
    cells.length > 0 && cells.every((c) => secondsIn(c, f, number) !== undefined);
  if (reads('clock')) return 'clock';
  if (reads('month first')) return 'month first';
  if (reads('day first')) return 'day first';
  if (!reads('seconds')) return undefined;
  const [first, last] = [number(cells[0]!)!, number(cells.at(-1)!)!];
  if (last <= first) return undefined;
  // A spreadsheet counts days from 1900: one of this century is above forty thousand, and grows by parts of a day.
  if (first > 30_000 && first < 80_000 && last - first < 3) return 'spreadsheet days';
  return /min/i.test(header) ? 'minutes' : 'seconds';
}
