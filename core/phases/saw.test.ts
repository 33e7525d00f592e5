import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { sawOf } from './saw';

const sheet = sampleSheet();
const withReadings = (ids: readonly string[], phase = 'charge') => ({
  ...sheet,
  measurements: ids.map((id) => ({ ...sheet.measurements[0]!, id, phase })) as typeof sheet.measurements,
});

describe('what a signer has before them', () => {
  it('is the same for the same records in any order, and another for others (property)', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.uuid(), { minLength: 1, maxLength: 30 }), fc.uuid(), (ids, other) => {
        fc.pre(!ids.includes(other));
        const mark = sawOf(withReadings(ids), 'charge');
        expect(mark.startsWith(`${ids.length}-`)).toBe(true);
        expect(sawOf(withReadings([...ids].reverse()), 'charge')).toBe(mark);
        expect(sawOf(withReadings([...ids, other]), 'charge')).not.toBe(mark);
        expect(sawOf(withReadings([other, ...ids.slice(1)]), 'charge')).not.toBe(mark);
      }),
    );
  });

  it('is of this phase alone', () => {
    const mark = sawOf(withReadings([]), 'charge');
    expect(sawOf(withReadings(['a', 'b'], 'start-up'), 'charge')).toBe(mark);
    expect(sawOf({ ...withReadings([]), circuitLog: [], systemLog: [] }, 'charge')).toBe(mark);
  });

  it('what a lead let pass is part of it', () => {
    const passed = { id: 'o', ownerId: 'x', phase: 'charge', gate: 'g', reason: 'r', by: 'b', at: 'a' } as const;
    expect(sawOf({ ...withReadings([]), overrides: [passed] }, 'charge')).not.toBe(sawOf(withReadings([]), 'charge'));
  });

  it('hashes as FNV-1a does (check values of its published tables, from memory: "" 811c9dc5, "a" e40c292c)', () => {
    expect(sawOf(withReadings([]), 'charge')).toBe('0-811c9dc5811c9dc5');
    expect(sawOf(withReadings(['a']), 'charge')).toBe('1-e40c292ce40c292c');
  });
});
