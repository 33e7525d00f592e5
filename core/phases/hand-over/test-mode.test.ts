import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { handOverGates } from './gates';

const at = (minute: number) => ({ by: 'test', at: `2026-06-01T15:${String(minute).padStart(2, '0')}:00.000Z` });
const gate = (confirmations: object) =>
  handOverGates(sampleSheet({ startUp: { confirmations } })).find((g) => g.id === 'test-mode-left')?.holds;

describe('a test mode that was set', () => {
  it('is left before the hand-over, and once more where it was set once more', () => {
    expect(gate({})).toBeUndefined();
    expect(gate({ testModeLeft: at(1) })).toBeUndefined();
    expect(gate({ testModeCooling: at(1) })).toBe(false);
    expect(gate({ testModeCooling: at(1), testModeLeft: at(2) })).toBe(true);
    expect(gate({ testModeCooling: at(1), testModeLeft: at(2), testModeHeating: at(3) })).toBe(false);
    expect(gate({ testModeCooling: at(1), testModeHeating: at(3), testModeLeft: at(3) })).toBe(true);
  });
});
