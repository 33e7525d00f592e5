import { useSyncExternalStore } from 'react';

/** Whether a media query holds; the frame's own breakpoint is the desk layout. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (listener) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', listener);
      return () => list.removeEventListener('change', listener);
    },
    () => window.matchMedia(query).matches,
  );
}
export const useDesk = (): boolean => useMedia('(min-width: 1024px)');
