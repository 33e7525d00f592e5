import type { KeyboardEvent } from 'react';

/** A part of a drawing that is pressed like a button, by hand or by key. */
export const pressed = (act: () => void) => ({
  role: 'button',
  tabIndex: 0,
  className: 'cursor-pointer outline-none focus-visible:[&>rect:last-of-type]:stroke-copper',
  onClick: act,
  onKeyDown: (e: KeyboardEvent) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    act();
  },
});
