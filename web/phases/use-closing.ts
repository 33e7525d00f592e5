import { useEffect, useState } from 'react';

/** If the scale still moves after this long the valve is not closed: the button is back, ms. */
const SETTLES_MS = 8000;

/** Between "close the valve" and the scale at rest: the tap was heard, there is nothing more to press. */
export function useClosing(live: boolean): { closing: boolean; close: () => void } {
  const [closing, setClosing] = useState(false);
  useEffect(() => {
    if (!closing) return;
    const timer = setTimeout(() => setClosing(false), live ? SETTLES_MS : 0);
    return () => clearTimeout(timer);
  }, [closing, live]);
  return { closing: closing && live, close: () => setClosing(true) };
}
