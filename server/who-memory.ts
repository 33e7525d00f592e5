import type { Store } from 'express-session';
import { LRUCache } from 'lru-cache';
import type { Db } from './db/pool';

/**
 * A page asks for several things at once, and a phone every few seconds: who it is, is known so long without asking the
 * database. What changes it on this server forgets it at once; on another it holds so much longer.
 */
const KNOWN_MS = 2000;
const MOST = 20_000;

type Memory = { sessions: LRUCache<string, string>; people: LRUCache<string, object> };
const memories = new WeakMap<object, Memory>();

/** What is known of whom, by database. */
export function memoryOf({ home }: Db): Memory {
  const there = memories.get(home) ?? {
    sessions: new LRUCache<string, string>({ max: MOST, ttl: KNOWN_MS }),
    people: new LRUCache<string, object>({ max: MOST, ttl: KNOWN_MS }),
  };
  memories.set(home, there);
  return there;
}

/** A session was ended, or a person changed: nobody is known any more, from the moment on when that holds. */
export function forgetWho(db: Db): void {
  const { sessions, people } = memoryOf(db);
  const forget = (): void => {
    sessions.clear();
    people.clear();
  };
  forget();
  db.afterCommit(forget);
}

/** A store of sessions that is not asked again for what it said a moment ago. */
export function remembering(store: Store, db: Db): Store {
  const { sessions } = memoryOf(db);
  const [get, set, destroy] = [store.get.bind(store), store.set.bind(store), store.destroy.bind(store)];
  store.get = (id, done) => {
    const known = sessions.get(id);
    if (known) return done(null, JSON.parse(known));
    get(id, (error: unknown, session) => {
      if (session) sessions.set(id, JSON.stringify(session));
      done(error, session);
    });
  };
  store.set = (id, session, done) => {
    sessions.delete(id);
    set(id, session, (error?: unknown) => {
      sessions.delete(id);
      done?.(error);
    });
  };
  store.destroy = (id, done) => {
    sessions.delete(id);
    destroy(id, (error?: unknown) => {
      sessions.delete(id);
      done?.(error);
    });
  };
  return store;
}
