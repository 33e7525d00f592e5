import type { CircuitEntry } from './circuit-log';

/** An override with the last entry that was in the log when it was given; null when there was none, or nobody noted it. */
type Given = { phase: string; afterEntryId: string | null };

/**
 * The overrides that still stand: a lead passed what was on record at that moment, so his override falls when an entry of
 * its phase that stood then is withdrawn or corrected afterwards. It stays in the audit; on the sheet and in the report it
 * is gone, and the gate asks again. Ordered by arrival, as the log is, so that no device's clock decides.
 * Does not cover records outside the circuit's log (fit sheets, readings, the furnace's proof).
 */
export function standingOverrides<O extends Given>(
  overrides: readonly O[],
  log: readonly CircuitEntry[],
): Omit<O, 'afterEntryId'>[] {
  const place = new Map(log.map((e, i) => [e.id, i]));
  const taken = log.flatMap((change, until) => {
    const from = change.supersedesId === null ? undefined : place.get(change.supersedesId);
    return from === undefined ? [] : [{ phase: log[from]!.phase, from, until }];
  });
  return overrides.flatMap(({ afterEntryId, ...override }) => {
    const at = (afterEntryId === null ? undefined : place.get(afterEntryId)) ?? -1;
    return taken.some((t) => t.phase === override.phase && t.from <= at && at < t.until) ? [] : [override];
  });
}
