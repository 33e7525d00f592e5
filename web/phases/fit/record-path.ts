/** The value at a dotted path of a record. */
export function valueAt(record: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
      (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
      record,
    );
}

/** A copy of a record with one value put at a dotted path. */
export function withValue<T>(record: T, path: string, value: unknown): T {
  const copy = structuredClone(record);
  const keys = path.split('.');
  let at = copy as Record<string, unknown>;
  for (const key of keys.slice(0, -1)) at = at[key] as Record<string, unknown>;
  at[keys[keys.length - 1]!] = value;
  return copy;
}
