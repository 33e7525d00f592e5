import { beforeEach, describe, expect, it } from 'vitest';
import type { NewObservation } from '@/contract/before';
import { asObservations, flush, openOutbox } from './outbox';

const store = new Map<string, string>();
const storage = {
  getItem: (k: string) => store.get(k) ?? null,
  setItem: (k: string, v: string) => void store.set(k, v),
  removeItem: (k: string) => void store.delete(k),
};
const answer = (id: string, value: string): NewObservation => ({
  id,
  fact: 'systemType',
  value,
  method: 'seen',
  source: 'on site',
  confidence: 'high',
  note: null,
  photoId: null,
  occurredAt: '2026-06-01T10:00:00Z',
});
const of = (jobId: string, personId = 'tess') => ({ personId, jobId });
const offline = new Error('offline');
const isOffline = (e: unknown): boolean => e === offline;

beforeEach(() => store.clear());

describe('answers that wait for a connection', () => {
  it('stay in order, outlive the page, and go in one batch when it is back', async () => {
    const box = openOutbox(storage, of('job'));
    box.add(answer('a', 'split-hp'));
    box.add(answer('b', 'rooftop'));
    expect(await flush(box, () => Promise.reject(offline), isOffline)).toEqual({ kind: 'offline' });
    expect(
      openOutbox(storage, of('job'))
        .list()
        .map((o) => o.id),
    ).toEqual(['a', 'b']);
    const sent: string[][] = [];
    const send = async (list: NewObservation[]) => void sent.push(list.map((o) => o.id));
    expect(await flush(box, send, isOffline)).toEqual({ kind: 'stored' });
    expect(sent).toEqual([['a', 'b']]);
    expect(box.list()).toEqual([]);
  });
  it('one refused answer does not hold the others back, and its problem is told', async () => {
    const box = openOutbox(storage, of('job'));
    for (const id of ['a', 'bad', 'c']) box.add(answer(id, 'split-hp'));
    const stored: string[] = [];
    const problem = new Error('bad input');
    const send = async (list: NewObservation[]) => {
      if (list.some((o) => o.id === 'bad')) throw problem;
      stored.push(...list.map((o) => o.id));
    };
    expect(await flush(box, send, isOffline)).toEqual({ kind: 'refused', problem });
    expect(stored).toEqual(['a', 'c']);
    expect(box.list()).toEqual([]);
  });
  it('a connection lost half way keeps what was not sent', async () => {
    const box = openOutbox(storage, of('job'));
    for (let i = 0; i < 130; i++) box.add(answer(`n${i}`, 'split-hp'));
    let calls = 0;
    const send = async () => {
      calls += 1;
      if (calls > 1) throw offline;
    };
    expect(await flush(box, send, isOffline)).toEqual({ kind: 'offline' });
    expect(box.list().length).toBe(30);
  });
  it('what one person left on a shared device waits for that person', () => {
    openOutbox(storage, of('job')).add(answer('a', 'split-hp'));
    expect(openOutbox(storage, of('job', 'sam')).list()).toEqual([]);
    expect(openOutbox(storage, of('job')).list()).toHaveLength(1);
  });
  it('jobs do not mix, rubbish in the store is no answer, and waiting ones show with their giver', () => {
    openOutbox(storage, of('one')).add(answer('a', 'split-hp'));
    expect(openOutbox(storage, of('two')).list()).toEqual([]);
    store.set('mb-outbox-tess-two', '{"oops"');
    expect(openOutbox(storage, of('two')).list()).toEqual([]);
    expect(asObservations(openOutbox(storage, of('one')).list(), 'Tess')[0]).toMatchObject({
      fact: 'systemType',
      by: 'Tess',
      foundOnTheDay: false,
    });
  });
});
