import { describe, expect, it } from 'vitest';
import { FAULTS } from '@/core/plant/unit/faults';
import { english } from '@/core/words/testing/english';
import { evidenceFor } from './evidence';
import { FEATURES, featuresOf } from './features';
import { FOLLOW_UP_IDS } from './follow-ups';
import { FAULT_WORDS, FEATURE_WORDS, FOLLOW_UP_WORDS, verdictWords } from './said';

const SHORT = {
  refrigerant: 'R-410A',
  metering: 'txv',
  nominalTons: 3,
  targetSubcoolF: 10,
  ratedLoadA: 14.1,
  outdoorF: 95,
  returnDryBulbF: 80,
  returnWetBulbF: 67,
  barometerPsia: 14.696,
  supplyDryBulbF: 63,
  suctionPsig: 118,
  liquidPsig: 345,
  suctionLineF: 62,
  liquidLineF: 104,
  compressorA: 10.9,
} as const;

describe('what speaks for a fault and against it', () => {
  const features = featuresOf(SHORT, SHORT)!;
  it('little subcooling speaks for too little charge and against too much', () => {
    const of = (fault: 'undercharge' | 'overcharge') =>
      evidenceFor(fault, 'txv', features).find((e) => e.feature === 'subcoolingF')!;
    expect(of('undercharge')).toMatchObject({ speaks: 'for' });
    expect(of('overcharge')).toMatchObject({ speaks: 'against' });
    expect(of('undercharge').beyond).toBeLessThan(-5);
    expect(of('undercharge').spreads).toBeLessThan(-2);
  });
  it('the strongest comes first, what was not read and what says nothing is left out', () => {
    const all = evidenceFor('undercharge', 'txv', features);
    for (let i = 1; i < all.length; i++)
      expect(Math.abs(all[i]!.spreads)).toBeLessThanOrEqual(Math.abs(all[i - 1]!.spreads));
    expect(all.map((e) => e.feature)).not.toContain('dischargeF');
    expect(all.map((e) => e.feature)).not.toContain('wetBulbDepressionF');
  });
});

describe('words', () => {
  it('every fault, follow-up and difference has its own', () => {
    for (const set of [FAULTS.map((f) => FAULT_WORDS[f]), FOLLOW_UP_IDS.map((f) => FOLLOW_UP_WORDS[f])])
      expect(new Set(set.map(english)).size).toBe(set.length);
    expect(new Set(FEATURES.map((f) => english(FEATURE_WORDS[f].label))).size).toBe(FEATURES.length);
  });
  it('each verdict is said', () => {
    const ranked = [{ fault: 'undercharge', probability: 0.7 } as const];
    expect(english(verdictWords({ verdict: 'named', ranked }))).toBe('Most likely: too little charge');
    expect(english(verdictWords({ verdict: 'healthy', ranked }))).toBe('Nothing points to a fault');
    expect(english(verdictWords({ verdict: 'cannot-tell', ranked }))).toMatch(/do not tell/);
    expect(english(verdictWords({ verdict: 'readings-contradict', ranked }))).toMatch(/contradict/);
  });
});
