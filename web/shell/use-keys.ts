import { useEffect, useRef } from 'react';

export type Keys = Record<string, () => void>;
const CHORD_MS = 1500;

/** Single keys and `g` + letter. Off while typing, in a dialog, or with a modifier held. */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  latest.current = keys;
  useEffect(() => {
    let chord = 0;
    const onKey = (e: KeyboardEvent): void => {
      const at = e.target as HTMLElement;
      // A key held down is one press.
      if (
        e.repeat ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        at.closest('input, textarea, select, [role=dialog], [role=radiogroup]')
      )
        return;
      if (e.key === 'g') {
        chord = Date.now();
        return;
      }
      const name = Date.now() - chord < CHORD_MS ? `g ${e.key}` : e.key;
      chord = 0;
      const action = latest.current[name];
      if (action) {
        e.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
