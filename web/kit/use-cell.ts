import { useState } from 'react';

/** Why it cannot be used; or whether its write is done, once it is; or nothing more to say. */
export type Taken = string | Promise<boolean> | undefined;

/**
 * What is typed into a cell until it is taken. A refusal leaves it there with its reason; what is on its way stands there until it
 * is stored, and is typed on where its write fails: nothing typed is lost.
 */
export function useCell(take: (typed: string) => Taken) {
  // What is being typed, and nothing otherwise: an answer that lands meanwhile cannot take its place.
  const [typed, setTyped] = useState<string>();
  const [error, setError] = useState<string>();
  const [sent, setSent] = useState<string>();
  const done = (of: string, stored: boolean): void => {
    setSent((now) => (now === of ? undefined : now));
    if (stored) setTyped((now) => (now === of ? undefined : now));
  };
  return {
    typed,
    error,
    type: (text: string): void => {
      setError(undefined);
      setTyped(text);
    },
    say: setError,
    commit: (): void => {
      if (typed === undefined || typed === sent) return;
      const taken = take(typed);
      setError(typeof taken === 'string' ? taken : undefined);
      if (taken instanceof Promise) {
        setSent(typed);
        void taken.then((stored) => done(typed, stored));
      } else if (taken === undefined) setTyped(undefined);
    },
  };
}
