import { useCallback, useState } from 'react';

const PREFIX = 'mb-kept-';

type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
const shelf = (): Shelf | undefined => (typeof sessionStorage === 'undefined' ? undefined : sessionStorage);

/** What stood under a key, when it can still be read. */
export function readKept<T>(key: string, from: Shelf | undefined = shelf()): T | undefined {
  try {
    const text = from?.getItem(PREFIX + key);
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    return undefined;
  }
}

/** Nothing that one person left half typed is shown to the next. */
export function forgetKept(from: Shelf | undefined = shelf()): void {
  if (!from) return;
  const keys = Array.from({ length: from.length }, (_, i) => from.key(i));
  for (const key of keys) if (key?.startsWith(PREFIX)) from.removeItem(key);
}

/**
 * Half-typed text that outlives a closed sheet, Back and a reload of this window, until it is written down.
 * `left` says whether something was there when it was opened.
 */
export function useKept<T>(key: string, empty: () => T) {
  const [left] = useState(() => readKept<T>(key) !== undefined);
  const [value, setValue] = useState<T>(() => readKept<T>(key) ?? empty());
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      try {
        shelf()?.setItem(PREFIX + key, JSON.stringify(next));
      } catch {
        // No room: it is kept as long as the sheet is open.
      }
    },
    [key],
  );
  const drop = useCallback(() => shelf()?.removeItem(PREFIX + key), [key]);
  return { value, keep, drop, left };
}
