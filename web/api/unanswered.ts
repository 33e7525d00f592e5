/**
 * Writes that were sent and never answered. The server may hold them or not; the same content sent again goes out as the
 * first time, with its id and its time, so that the server recognises it: one tap or three, one entry.
 */
export type Unanswered = {
  /** What to send for this content: the body of an earlier try that was never answered, or this one. */
  bodyFor: (method: string, path: string, body: unknown) => string;
  /** An answer came, of whatever kind: the next write of this content is a new one. */
  answered: (method: string, path: string, body: unknown) => void;
  /** Something read from the server shows an id: that write was stored, only its answer was lost. */
  seen: (text: string) => void;
  forget: () => void;
};

type Kept = { body: string; at: number };

const KEY = 'mb-unanswered';
/** After this long nobody means the same tap any more. */
const KEPT_MS = 24 * 3_600_000;
/** What a client makes up for a write, by name; the same tap again brings new ones. */
const MADE_UP = new Set(['id', 'setId', 'occurredAt']);

export function openUnanswered(
  storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
  now: () => number = Date.now,
): Unanswered {
  const all = read(storage, now());
  const keep = (): void => {
    try {
      if (all.size) storage.setItem(KEY, JSON.stringify([...all]));
      else storage.removeItem(KEY);
    } catch {
      // No room, or none allowed: it is kept as long as the page is.
    }
  };
  return {
    bodyFor: (method, path, body) => {
      const key = contentKey(method, path, body);
      const kept = all.get(key);
      if (kept && now() - kept.at < KEPT_MS) return kept.body;
      const sent = JSON.stringify(body);
      all.set(key, { body: sent, at: now() });
      keep();
      return sent;
    },
    answered: (method, path, body) => {
      if (all.delete(contentKey(method, path, body))) keep();
    },
    seen: (text) => {
      let changed = false;
      for (const [key, { body }] of all)
        if (idsOf(JSON.parse(body)).some((id) => text.includes(id))) changed = all.delete(key);
      if (changed) keep();
    },
    forget: () => {
      all.clear();
      keep();
    },
  };
}

function read(storage: Pick<Storage, 'getItem'>, now: number): Map<string, Kept> {
  try {
    const kept = JSON.parse(storage.getItem(KEY) ?? '[]') as [string, Kept][];
    return new Map(kept.filter(([, k]) => now - k.at < KEPT_MS));
  } catch {
    return new Map();
  }
}

const contentKey = (method: string, path: string, body: unknown): string =>
  `${method} ${path} ${JSON.stringify(body, (name, value: unknown) => (MADE_UP.has(name) ? undefined : value))}`;

function idsOf(body: unknown): string[] {
  if (Array.isArray(body)) return body.flatMap(idsOf);
  if (body === null || typeof body !== 'object') return [];
  return Object.entries(body).flatMap(([name, value]) =>
    name === 'id' && typeof value === 'string' ? [value] : idsOf(value),
  );
}
