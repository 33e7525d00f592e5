import { useSyncExternalStore } from 'react';

/** Whether the server answers, as the last request found it; and how old what is shown may be. */
export type Connection = { lost: boolean; asOf: string | undefined };

let now: Connection = { lost: false, asOf: undefined };
const listeners = new Set<() => void>();

function set(next: Connection): void {
  if (next.lost === now.lost && next.asOf === now.asOf) return;
  now = next;
  for (const listener of listeners) listener();
}

/** The server answered what was sent at a time, ms. An answer that was under way as the network went says nothing of it now. */
export const answeredNow = (sentMs: number): void => {
  if (sentMs > wentMs) set({ lost: false, asOf: undefined });
};
let wentMs = 0;
/** No answer; `asOf`: the time of the copy that stands in for it, the oldest one shown. */
export const noAnswer = (asOf?: string): void =>
  set({ lost: true, asOf: now.asOf && (!asOf || now.asOf < asOf) ? now.asOf : asOf });

// A device that has no network at all says so itself: nobody has to try first. That it has one again says nothing of the server.
if (typeof window !== 'undefined')
  window.addEventListener('offline', () => {
    wentMs = Date.now();
    noAnswer();
  });

export const useConnection = (): Connection =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => now,
  );
