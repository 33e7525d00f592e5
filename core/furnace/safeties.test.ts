import { describe, expect, it } from 'vitest';
import type { FurnaceProof } from './furnace-proof';
import { safetyChecks } from './safeties';
import { SAMPLE_PROOF } from './testing/sample-proof';

const TRIPPED = {
  limit: 'stopped it',
  rollout: 'stopped it',
  pressureSwitch: 'has none',
  doorSwitch: 'stopped it',
} as const;
const of = (change: Partial<FurnaceProof>) =>
  Object.fromEntries(safetyChecks({ ...SAMPLE_PROOF, ...change }).map((c) => [c.id, c.verdict]));

/** Common practice; the maker's instructions win. */
describe('what was tripped on a burning furnace', () => {
  it.each<[Partial<FurnaceProof>, object]>([
    [{}, {}],
    [TRIPPED, { safeties: 'good' }],
    [{ ...TRIPPED, rollout: null }, { safeties: 'not-proven' }],
    [{ ...TRIPPED, rollout: null, limit: 'did not stop it' }, { safeties: 'stop' }],
    [{ flameUa: 2, plateFlameUa: 2 }, { flame: 'good' }],
    [{ flameUa: 1.9, plateFlameUa: 2 }, { flame: 'look-again' }],
    [{ flameUa: 1.9 }, {}],
    [{ fuel: 'propane' }, {}],
    [{ fuel: 'propane', conversion: null }, { conversion: 'not-proven' }],
    [{ fuel: 'propane', conversion: 'not converted' }, { conversion: 'stop' }],
    [{ fuel: 'propane', conversion: 'kit fitted', kit: null }, { conversion: 'not-proven' }],
    [{ fuel: 'propane', conversion: 'kit fitted', kit: 'LPK-7' }, { conversion: 'good' }],
    [{ fuel: 'propane', conversion: 'built for it' }, { conversion: 'good' }],
    [{ fuel: 'natural gas', conversion: 'not converted' }, {}],
  ])('%o: %o', (change, verdicts) => {
    expect(of(change)).toEqual(verdicts);
  });
  it('names every one that was not tripped', () => {
    const [found] = safetyChecks({ ...SAMPLE_PROOF, ...TRIPPED, rollout: null, doorSwitch: null });
    expect(JSON.stringify(found!.claim)).toMatch(/rollout-switch.*door-switch/);
    expect(found!.next).toBeDefined();
  });
});
