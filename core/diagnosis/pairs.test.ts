import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type FaultName, groupOf } from '@/core/plant/unit/faults';
import { drawSystem } from '@/core/plant/unit/population';
import { diagnoseTwo } from './diagnose';
import { FEATURES, type Features } from './features';
import { pairsFor, pairsOf } from './pairs';
import { reasonTwo } from './reason-two';
import { scorePairs } from './testing/score-pairs';

const at = (change: Partial<Features>): Features =>
  ({
    ...Object.fromEntries(FEATURES.map((f) => [f, 0])),
    airflowPct: undefined,
    dischargeF: undefined,
    ...change,
  }) as Features;
const kinds = (faults: readonly FaultName[]): string => [...faults].sort().join('+');

describe('two faults at once', () => {
  it('are never one cause, never opposites, never sound or a probe', () => {
    for (const metering of ['txv', 'fixed-orifice'] as const)
      for (const [a, b] of pairsFor(metering)) {
        expect(groupOf(a)).not.toBe(groupOf(b));
        expect([a, b]).not.toContain('healthy');
        expect([a, b]).not.toContain('probe-doubt');
        expect(kinds([a, b])).not.toBe('overcharge+undercharge');
      }
    expect(pairsFor('txv').map(kinds)).not.toContain('orifice-too-large+undercharge');
    expect(pairsFor('fixed-orifice').map(kinds)).toContain('orifice-too-large+undercharge');
  });

  it('over drawn systems that have two: the pair first in more than half, among the first three in four of five (docs/diagnosis.md has the figures of many more)', () => {
    const score = scorePairs(5, 40000);
    expect(score.systems).toBeGreaterThan(250);
    expect(score.first).toBeGreaterThan(0.55);
    expect(score.firstThree).toBeGreaterThan(0.82);
    expect(score.oneOfThem).toBeGreaterThan(0.92);
  });

  it('shares fall and sum to one, whatever is read', () => {
    fc.assert(
      fc.property(
        fc.record({
          subcoolingF: fc.double({ min: -15, max: 25, noNaN: true }),
          superheatF: fc.double({ min: -15, max: 35, noNaN: true }),
          condensingOverF: fc.double({ min: -15, max: 30, noNaN: true }),
          evaporatingF: fc.double({ min: -20, max: 15, noNaN: true }),
          splitF: fc.double({ min: -12, max: 15, noNaN: true }),
          loadPct: fc.double({ min: -60, max: 60, noNaN: true }),
        }),
        (change) => {
          const pairs = pairsOf('txv', at(change));
          expect(pairs.reduce((sum, p) => sum + p.probability, 0)).toBeCloseTo(1, 9);
          for (const [i, p] of pairs.slice(1).entries())
            expect(p.probability).toBeLessThanOrEqual(pairs[i]!.probability);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('a follow-up that shows one of them brings its pairs up; one that shows nothing takes them down', () => {
    const d = drawSystem(9000, 'low-indoor-airflow', { metering: 'txv', second: 'non-condensables' });
    const seen = { ...d.readings, airflowCfm: undefined, barometerPsia: d.barometerPsia };
    const belief = (
      fault: FaultName,
      ...more: [Parameters<typeof reasonTwo>[2]?, Parameters<typeof reasonTwo>[3]?]
    ): number =>
      reasonTwo(d, seen, ...more)!
        .filter((p) => p.faults.includes(fault))
        .reduce((sum, p) => sum + p.probability, 0);
    const before = belief('non-condensables');
    expect(belief('non-condensables', { offPsig: d.after.offPsig, offF: d.after.offF })).toBeGreaterThan(before);
    const air = belief('low-indoor-airflow');
    expect(belief('low-indoor-airflow', {}, [{ id: 'airflow', found: 'none' }])).toBeLessThan(air);
    expect(belief('low-indoor-airflow', {}, [{ id: 'airflow', found: 'low-indoor-airflow' }])).toBeGreaterThanOrEqual(
      air,
    );
  });

  it('bad input names its field', () => {
    const r = diagnoseTwo({ ...diagnoseTwo.spec.example.input, returnWetBulbF: 85 });
    expect(r.ok ? undefined : r.refused.field).toBe('returnWetBulbF');
    const rest = diagnoseTwo({ ...diagnoseTwo.spec.example.input, offPsig: 200 });
    expect(rest.ok ? undefined : rest.refused.field).toBe('offF');
  });
});
