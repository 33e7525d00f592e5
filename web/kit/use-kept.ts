import { useCallback, useState } from 'react';

const PREFIX = 'mb-kept-';

type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>;
const shelf = (): Shelf | undefined => (typeof localStorage === 'undefined' ? undefined : localStorage);

/** What stood under a key, when it can still be read. */
export function readKept<T>(key: string, from: Shelf | undefined = shelf()): T | undefined {
  try {
    const text = from?.getItem(PREFIX + key);
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    return undefined;
  }
}

/** Puts it there; without room it lives as long as the page. */
export function writeKept(key: string, value: unknown, to: Shelf | undefined = shelf()): void {
  try {
    to?.setItem(PREFIX + key, JSON.stringify(value));
  } catch {
    // No room, or a private window.
  }
}

export const dropKept = (key: string, from: Shelf | undefined = shelf()): void => from?.removeItem(PREFIX + key);

/**
 * Half-typed text that outlives a closed sheet, Back and a reload, until it is saved. Its key names the person: on a shared
 * device nobody sees what another left.
 * `left` says whether something was there when it was opened.
 */
export function useKept<T>(key: string, empty: () => T) {
  const [left] = useState(() => readKept<T>(key) !== undefined);
  const [value, setValue] = useState<T>(() => readKept<T>(key) ?? empty());
  const keep = useCallback(
    (next: T) => {
      setValue(next);
      writeKept(key, next);
    },
    [key],
  );
  const drop = useCallback(() => dropKept(key), [key]);
  return { value, keep, drop, left };
}
