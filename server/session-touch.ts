import type { Store } from 'express-session';
import { LRUCache } from 'lru-cache';

/** The end of a session moves on with its use; to within an hour of two weeks is near enough. */
const SELDOM_MS = 3_600_000;
const SESSIONS = 20_000;

/**
 * A session that is used has its end moved on once an hour. At every request it would be a write to the disk that the answer
 * waits for.
 */
export function seldomTouched(store: Store): Store {
  const moved = new LRUCache<string, true>({ max: SESSIONS, ttl: SELDOM_MS });
  const touch = store.touch?.bind(store);
  store.touch = (id, session, done) => {
    if (moved.has(id) || !touch) return done?.();
    moved.set(id, true);
    touch(id, session, done);
  };
  return store;
}
