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
