import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { SHEET_VERSION } from '@/contract/answers/version';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { DRIER, LINE_RUN } from '@/demo/sample-entries';
import { copyOf, forgetCopies, keepCopy } from './copies';
import { deviceStore } from './device-store';

const JOB = '/jobs/0190a1b2-1111-7222-8333-444455556666';
/** As the server sends it: ids that are ids, and a hash of the usual length. */
const sheet = () => {
  const s = sampleSheet({ circuitLog: new LogBuilder().add('line-run', LINE_RUN).add('drier', DRIER).log });
  return s;
};

beforeEach(() => forgetCopies());

describe('what this device kept of the last answer', () => {
  it('is the sheet of a job, the lists and the person; nothing else', async () => {
    for (const path of [JOB, '/jobs?state=open', '/me', '/cylinders', '/people']) {
      const text = path === JOB ? JSON.stringify(sheet()) : '{"any":1}';
      await keepCopy(path, text);
      expect((await copyOf(path))?.text, path).toBe(text);
    }
    for (const path of [`${JOB}/report`, '/runs/1/history', '/sign-in', '/library/equipment.csv']) {
      await keepCopy(path, '{}');
      expect(await copyOf(path), path).toBeUndefined();
    }
  });
  it('says as of when', async () => {
    await keepCopy('/me', '{}');
    expect(Date.parse((await copyOf('/me'))!.at)).toBeLessThanOrEqual(Date.now());
  });
  it('of another version of the sheet is not opened', async () => {
    await keepCopy('/me', '{}');
    const store = await deviceStore();
    const kept = (await store.get('copies', '/me'))!;
    await store.put('copies', { ...kept, shape: SHEET_VERSION + 1 });
    expect(await copyOf('/me')).toBeUndefined();
    const { shape: _, ...old } = kept;
    await store.put('copies', old);
    expect(await copyOf('/me')).toBeUndefined();
  });
  it.each<[string, (s: Record<string, unknown>) => object]>([
    ['a part that is missing', ({ circuitLog: _, ...s }) => s],
    ['a part nobody knows', (s) => ({ ...s, weather: 'fair' })],
    [
      'an entry that is not of its kind',
      (s) => ({ ...s, circuitLog: [{ ...(s.circuitLog as object[])[0], body: {} }] }),
    ],
    ['a reading that is no number', (s) => ({ ...s, measurements: [{ value: 'x' }] })],
    [
      'a plate without its refrigerant',
      (s) => ({ ...s, circuit: { ...(s.circuit as object), plate: { maker: 'x' } } }),
    ],
  ])('a sheet with %s is no copy', async (_, change) => {
    const whole = JSON.parse(JSON.stringify(sheet())) as Record<string, unknown>;
    await keepCopy(JOB, JSON.stringify(whole));
    expect(await copyOf(JOB)).toBeDefined();
    await keepCopy(JOB, JSON.stringify(change(whole)));
    expect(await copyOf(JOB)).toBeUndefined();
  });
  it('is gone when another person signs in', async () => {
    await keepCopy('/me', '{}');
    await forgetCopies();
    expect(await copyOf('/me')).toBeUndefined();
  });
});
