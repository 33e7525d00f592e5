import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';

export const STATES = ['open', 'done', 'all'] as const;
export type State = (typeof STATES)[number];
/** A list that is searched while someone types waits for a pause of this long, ms. */
const PAUSE_MS = 180;

/** Which jobs are shown. Filter and search stand in the address, so that Back from a job finds the list as it was left. */
export function useJobSearch() {
  const [params, setParams] = useSearchParams();
  const search = params.get('q') ?? '';
  const { pathname } = useLocation();
  const [text, setText] = useState(search);
  const state = STATES.find((s) => s === params.get('state')) ?? 'open';
  useEffect(() => {
    if (text.trim() === search) return undefined;
    const timer = setTimeout(() => {
      // A row was tapped meanwhile, and its page is still on its way: the address is no longer this list's.
      if (window.location.pathname !== pathname) return;
      const found = (now: URLSearchParams): URLSearchParams => {
        now.delete('q');
        if (text.trim()) now.set('q', text.trim());
        return now;
      };
      setParams(found, { replace: true });
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text, search, setParams, pathname]);
  return {
    search,
    text,
    setText,
    state,
    // A search looks among finished jobs too.
    shownState: search ? 'all' : state,
    show: (s: State): void => {
      setText('');
      setParams(s === 'open' ? {} : { state: s }, { replace: true });
    },
  };
}
