import type { NewObservation } from '@/contract/before';
import type { FactKey } from '@/core/scope/survey/facts';
import type { Observation } from '@/core/scope/survey/survey';

/** Answers given on the walk that the server has not confirmed yet; they outlive the page. */
export type Outbox = {
  list: () => NewObservation[];
  add: (observation: NewObservation) => void;
  drop: (ids: readonly string[]) => void;
};

const MOST_AT_ONCE = 100;

export function openOutbox(
  storage: Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>,
  whose: { personId: string; jobId: string },
): Outbox {
  // By person: what one left on a shared device is never sent in the name of the next.
  const key = `mb-outbox-${whose.personId}-${whose.jobId}`;
  const list = (): NewObservation[] => {
    try {
      const stored: unknown = JSON.parse(storage.getItem(key) ?? '[]');
      return Array.isArray(stored) ? (stored as NewObservation[]) : [];
    } catch {
      return [];
    }
  };
  const keep = (all: readonly NewObservation[]): void => {
    if (all.length) storage.setItem(key, JSON.stringify(all));
    else storage.removeItem(key);
  };
  return {
    list,
    add: (observation) => keep([...list(), observation]),
    drop: (ids) => keep(list().filter((o) => !ids.includes(o.id))),
  };
}

/** Waiting answers as the sheet shows them until they are stored. */
export function asObservations(waiting: readonly NewObservation[], by: string): Observation[] {
  return waiting.map((o) => ({ ...o, fact: o.fact as FactKey, unit: '', foundOnTheDay: false, by, at: o.occurredAt }));
}

export type Sent = { kind: 'stored' } | { kind: 'offline' } | { kind: 'refused'; problem: unknown };

/**
 * Sends what waits, oldest first. What the server refuses is taken out one by one, so that a single bad answer cannot
 * hold the others back; without a connection everything stays.
 */
export async function flush(
  outbox: Outbox,
  send: (observations: NewObservation[]) => Promise<unknown>,
  isOffline: (error: unknown) => boolean,
): Promise<Sent> {
  let refused: unknown;
  for (let batch = outbox.list().slice(0, MOST_AT_ONCE); batch.length; batch = outbox.list().slice(0, MOST_AT_ONCE)) {
    try {
      await send(batch);
      outbox.drop(batch.map((o) => o.id));
    } catch (error) {
      if (isOffline(error)) return { kind: 'offline' };
      for (const one of batch) {
        try {
          await send([one]);
        } catch (alone) {
          if (isOffline(alone)) return { kind: 'offline' };
          refused = alone;
        }
        outbox.drop([one.id]);
      }
    }
  }
  return refused === undefined ? { kind: 'stored' } : { kind: 'refused', problem: refused };
}
