import { useEffect, useRef } from 'react';

/** What lies over the page now, the newest last. */
const open: { close: () => void }[] = [];
/** The browser's newest entry is one of ours: Back from it closes what lies over the page, or goes on where nothing does. */
let ours = false;
/** The page's place in the history, as the router counts it. */
let place: unknown;
let listening = false;

const stateOf = (): Record<string, unknown> => (window.history.state as Record<string, unknown> | null) ?? {};

/**
 * Pages come and go while an entry of ours lies in the history: one that is pushed over it is the page's own, one that only changes its
 * address stays ours, so that the next Back is still one step.
 */
function watch(): void {
  const { history } = window;
  const push = history.pushState.bind(history);
  const replace = history.replaceState.bind(history);
  history.pushState = (state, ...rest) => {
    push(state, ...rest);
    ours = stateOf().over === true;
    place = stateOf().idx;
  };
  history.replaceState = (state, ...rest) =>
    replace(stateOf().over === true ? { ...state, over: true } : state, ...rest);
}

/** One entry of the history stands for all that lies over the page; an old one is used again. */
function mark(): void {
  if (stateOf().over !== true) window.history.pushState({ ...stateOf(), over: true }, '');
  ours = true;
  place = stateOf().idx;
}

function back(): void {
  const was = ours;
  const from = place;
  ours = stateOf().over === true;
  place = stateOf().idx;
  const top = open.at(-1);
  // Closed in the meantime by itself: its entry is passed by, so that one Back is one step.
  if (!top) {
    // The entry under ours has its place; forward to another page is not passed by.
    if (was && !ours && place === from) window.history.back();
    return;
  }
  top.close();
  // It may ask before it closes, or lie over another: then the next Back is theirs again.
  setTimeout(() => open.length > 0 && mark(), 0);
}

/** Back closes what lies over the page before it leaves the page. */
export function useBackCloses(shown: boolean, close: () => void): void {
  const closing = useRef(close);
  closing.current = close;
  useEffect(() => {
    if (!shown) return;
    if (!listening) {
      window.addEventListener('popstate', back);
      watch();
    }
    listening = true;
    const me = { close: () => closing.current() };
    open.push(me);
    mark();
    return () => {
      open.splice(open.indexOf(me), 1);
    };
  }, [shown]);
}
