import { useEffect, useRef } from 'react';

let made = 0;
const stateOf = (): Record<string, unknown> => (window.history.state as Record<string, unknown> | null) ?? {};

/**
 * Back closes what lies over the page before it leaves the page: an entry of the browser's history stands for it while it is
 * open. Closed by itself it takes the entry away again, unless the page has gone on in the meantime.
 */
export function useBackCloses(open: boolean, close: () => void): void {
  const closing = useRef(close);
  closing.current = close;
  useEffect(() => {
    if (!open) return;
    made += 1;
    const mine = made;
    const push = (): void => window.history.pushState({ ...stateOf(), over: mine }, '');
    push();
    let here = true;
    const back = (): void => {
      if (stateOf().over === mine) return;
      closing.current();
      // It may ask before it closes: then the next Back is its own again.
      setTimeout(() => here && push(), 0);
    };
    window.addEventListener('popstate', back);
    return () => {
      here = false;
      window.removeEventListener('popstate', back);
      if (stateOf().over === mine) window.history.back();
    };
  }, [open]);
}
