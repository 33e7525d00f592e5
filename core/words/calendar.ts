/** The clocks of places are read through the calendar of the language itself; formats are made once a zone. */
const formats = new Map<string, Intl.DateTimeFormat>();

function format(timeZone: string): Intl.DateTimeFormat {
  const known = formats.get(timeZone);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-US', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' });
  formats.set(timeZone, made);
  return made;
}

/**
 * The day of the calendar at a place: what a person there calls today, not the day in Greenwich.
 *
 * @param at a moment, ISO 8601 or a Date · @param timeZone an IANA name
 * @returns YYYY-MM-DD
 * @example dayAt('2026-06-02T02:30:00Z', 'America/New_York') // '2026-06-01'
 */
export function dayAt(at: string | Date, timeZone: string): string {
  const moment = typeof at === 'string' ? new Date(at) : at;
  const parts = Object.fromEntries(
    format(timeZone)
      .formatToParts(moment)
      .map((p) => [p.type, p.value]),
  );
  return `${parts.year}-${parts.month}-${parts.day}`;
}

const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;
const zones = new Map<string, Intl.DateTimeFormat>();

/** How far the clock of a place is ahead of Greenwich at a moment, ms. */
function aheadMs(ms: number, timeZone: string): number {
  const made =
    zones.get(timeZone) ??
    new Intl.DateTimeFormat('en-US', {
      timeZone,
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
    });
  zones.set(timeZone, made);
  const p = Object.fromEntries(made.formatToParts(ms).map(({ type, value }) => [type, Number(value)]));
  const shown = Date.UTC(p.year!, p.month! - 1, p.day!, p.hour!, p.minute!, p.second!);
  return shown - Math.floor(ms / 1000) * 1000;
}

/**
 * The moment at which the clock of a place stands so many hours past midnight of a day.
 *
 * @param day YYYY-MM-DD · @param hours by its clock, may pass 24
 * @returns ISO 8601; where the clock is set forward over it, the hour after
 * @example momentAt('2026-06-02', 8.5, 'America/New_York') // '2026-06-02T12:30:00.000Z'
 */
export function momentAt(day: string, hours: number, timeZone: string): string {
  const wall = Date.parse(`${day}T00:00:00Z`) + hours * HOUR_MS;
  const guess = wall - aheadMs(wall, timeZone);
  return new Date(wall - aheadMs(guess, timeZone)).toISOString();
}

/** Hours by the clock of a place from midnight of a day to a moment: past 24 on the days after it. */
export const hoursFrom = (day: string, at: string | number, timeZone: string): number => {
  const ms = typeof at === 'number' ? at : Date.parse(at);
  return (ms + aheadMs(ms, timeZone) - Date.parse(`${day}T00:00:00Z`)) / HOUR_MS;
};

/** Days from one to another. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);

/** The day so many days after another, YYYY-MM-DD; before it where they are negative. */
export const daysAfter = (from: string, days: number): string =>
  new Date(Date.parse(`${from}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
