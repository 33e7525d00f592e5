import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { type FurnaceProof, furnaceProofSchema, judgeFurnace } from './furnace-proof';
import { SAMPLE_PROOF as PROOF } from './testing/sample-proof';

const HERE = { elevationFt: 1000, stages: 1 };
const of = (change: Partial<FurnaceProof>) =>
  Object.fromEntries(judgeFurnace({ ...PROOF, ...change }, HERE).map((c) => [c.id, c.verdict]));

describe('the typed proof of a furnace (common practice; the plate wins)', () => {
  it('a furnace that burns well is good in everything', () => {
    expect([...new Set(Object.values(of({})))]).toEqual(['good']);
  });
  it.each<[Partial<FurnaceProof>, string, string]>([
    [{ coAirFreePpm: 100 }, 'co', 'good'],
    [{ coAirFreePpm: 101 }, 'co', 'look-again'],
    [{ coAirFreePpm: 401 }, 'co', 'stop'],
    [{ roomCoPpm: 9 }, 'room-co', 'good'],
    [{ roomCoPpm: 10 }, 'room-co', 'look-again'],
    [{ roomCoPpm: 36 }, 'room-co', 'stop'],
    [{ riseF: 40 }, 'rise', 'good'],
    [{ riseF: 39 }, 'rise', 'look-again'],
    [{ riseF: 71 }, 'rise', 'look-again'],
    [{ ranMin: 9 }, 'run', 'not-proven'],
    [{ inletInWc: null }, 'inlet', 'not-proven'],
    [{ inletInWc: 4.9 }, 'inlet', 'look-again'],
    [{ inletInWc: 10.6 }, 'inlet', 'look-again'],
    [{ fuel: 'propane' }, 'inlet', 'look-again'],
    [{ fuel: 'propane', inletInWc: 11 }, 'inlet', 'good'],
    [{ manifoldInWc: 3.8 }, 'manifold', 'good'],
    [{ manifoldInWc: 3.9 }, 'manifold', 'look-again'],
    [{ plateManifoldInWc: null }, 'manifold', 'not-proven'],
  ])('%o: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
  });
  it.each<[Partial<FurnaceProof>, string, string]>([
    [{ coAirFreePpm: 400 }, 'co', 'look-again'],
    [{ roomCoPpm: 35 }, 'room-co', 'look-again'],
    [{ riseF: 70 }, 'rise', 'good'],
    [{ inletInWc: 5 }, 'inlet', 'good'],
    [{ inletInWc: 10.5 }, 'inlet', 'good'],
    [{ manifoldInWc: null }, 'manifold', 'not-proven'],
    [{ fuel: 'propane', inletInWc: 13.1 }, 'inlet', 'look-again'],
  ])('on its limit %o: %s is %s', (change, id, verdict) => {
    expect(of(change)[id]).toBe(verdict);
  });
  it('ten minutes of fire are enough, and each trouble says what to do', () => {
    expect(of({ ranMin: 10 }).run).toBeUndefined();
    const next = (change: Partial<FurnaceProof>, id: string) =>
      judgeFurnace({ ...PROOF, ...change }, HERE).find((c) => c.id === id)?.next?.say;
    expect(english(next({ coAirFreePpm: 401 }, 'co'))).toMatch(/^Shut it down/);
    expect(english(next({ coAirFreePpm: 101 }, 'co'))).toMatch(/primary air/);
    expect(next({}, 'co')).toBeUndefined();
    expect(english(next({ roomCoPpm: 36 }, 'room-co'))).toMatch(/^Everybody out/);
    expect(english(next({ roomCoPpm: 10 }, 'room-co'))).toMatch(/before anyone leaves/);
    expect(english(next({ riseF: 71 }, 'rise'))).toMatch(/^More air/);
    expect(english(next({ riseF: 39 }, 'rise'))).toMatch(/^Less air/);
    expect(english(next({ inletInWc: null }, 'inlet'))).toBe('Read the inlet pressure.');
    expect(english(next({ inletInWc: 4 }, 'inlet'))).toMatch(/licensed work/);
    expect(english(next({ manifoldInWc: null }, 'manifold'))).toMatch(/^Read the manifold/);
    expect(english(next({ manifoldInWc: 5 }, 'manifold'))).toMatch(/^Set it to the plate/);
    expect(next({}, 'manifold')).toBeUndefined();
  });
  it('oil has no gas pressures, and says nothing of them', () => {
    const oil = of({ fuel: 'oil', inletInWc: null, manifoldInWc: null, plateManifoldInWc: null });
    expect(oil.inlet).toBeUndefined();
    expect(oil.manifold).toBeUndefined();
  });
  it('figures outside any furnace are refused', () => {
    expect(furnaceProofSchema.safeParse({ ...PROOF, riseF: 500 }).success).toBe(false);
    expect(furnaceProofSchema.safeParse({ ...PROOF, coAirFreePpm: null }).success).toBe(false);
  });
});
