import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { surveyEvidence, surveyTonnage } from './survey-evidence';
import { type Evidence, tonnageEstimate } from './tonnage-estimate';

const estimate = (evidence: Evidence[]) => {
  const r = tonnageEstimate({ evidence });
  if (!r.ok) throw new Error(english(r.refused.message));
  return r.value;
};

describe('tonnage from evidence, against hand-worked cases of the weighted mean with Birge ratio', () => {
  it('compressor, valve and slab agree: high', () => {
    const r = estimate([
      { kind: 'compressor-model', tons: 10 },
      { kind: 'expansion-valve', tons: 12 },
      { kind: 'coil-face', widthIn: 30, heightIn: 44 },
    ]);
    expect(r.tons).toBeCloseTo(10.3, 1);
    expect(r.lowTons).toBeCloseTo(9.2, 1);
    expect(r.highTons).toBeCloseTo(11.6, 1);
    expect(r).toMatchObject({ confidence: 'high', conflict: false });
  });
  it('a coil alone is a wide guess: low', () => {
    const r = estimate([{ kind: 'coil-face', widthIn: 30, heightIn: 44 }]);
    expect([r.tons, r.lowTons, r.highTons].map((x) => Math.round(x * 10) / 10)).toEqual([11.5, 7.6, 17.3]);
    expect(r.confidence).toBe('low');
  });
  it('three that contradict each other raise the alarm and widen the range', () => {
    const r = estimate([
      { kind: 'compressor-model', tons: 10 },
      { kind: 'expansion-valve', tons: 15 },
      // 7 tons at 500 fpm and 400 CFM a ton: 806.4 in²
      { kind: 'coil-face', widthIn: 28, heightIn: 28.8 },
    ]);
    expect(r.tons).toBeCloseTo(10.2, 1);
    expect(r.lowTons).toBeCloseTo(8.3, 1);
    expect(r.highTons).toBeCloseTo(12.5, 1);
    expect(r.ratio).toBeCloseTo(1.74, 2);
    expect(r.conflict).toBe(true);
  });
  it('an A coil read at slab speed contradicts the compressor; at 250 fpm it does not', () => {
    // Two slabs of 18 by 20, added up: 36 by 20.
    const at = (faceFpm?: number) =>
      estimate([
        { kind: 'compressor-model', tons: 3 },
        { kind: 'coil-face', widthIn: 36, heightIn: 20, faceFpm },
      ]);
    expect(at().ratio).toBeCloseTo(2.8, 1);
    expect(at().conflict).toBe(true);
    expect(at(250).conflict).toBe(false);
  });
});

const item = fc.record({
  kind: fc.constantFrom('order', 'compressor-model', 'expansion-valve', 'mca', 'line-size'),
  tons: fc.double({ min: 1, max: 40, noNaN: true }),
}) as fc.Arbitrary<Evidence>;

describe('properties over random evidence', () => {
  it('the estimate lies between the least and the greatest item, inside its own range, whatever the order', () => {
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 8 }), (evidence) => {
        const r = estimate(evidence);
        const tons = evidence.map((e) => (e as { tons: number }).tons);
        expect(r.tons).toBeGreaterThanOrEqual(Math.min(...tons) - 1e-9);
        expect(r.tons).toBeLessThanOrEqual(Math.max(...tons) + 1e-9);
        expect(r.lowTons).toBeLessThan(r.tons);
        expect(r.highTons).toBeGreaterThan(r.tons);
        expect(estimate([...evidence].reverse()).tons).toBeCloseTo(r.tons, 9);
      }),
    );
  });
  it('scaling every item scales the answer', () => {
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 6 }), (evidence) => {
        const a = estimate(evidence);
        const b = estimate(evidence.map((e) => ({ ...e, tons: (e as { tons: number }).tons * 1.25 }) as Evidence));
        expect(b.tons / a.tons).toBeCloseTo(1.25, 9);
        expect(b.ratio).toBeCloseTo(a.ratio, 9);
      }),
    );
  });
});

describe('evidence out of the survey', () => {
  it('each part speaks once; MCA only for single-phase; an A coil at its own speed', () => {
    const kinds = (known: Parameters<typeof surveyEvidence>[0]) => surveyEvidence(known).map((e) => e.kind);
    expect(kinds({ orderTons: 3, compressorTons: 3, valveTons: 3, vaporOdIn: '0.875' })).toEqual([
      'order',
      'compressor-model',
      'expansion-valve',
      'line-size',
    ]);
    expect(kinds({ mcaA: 20, phases: '3' })).toEqual([]);
    expect(kinds({ mcaA: 20, phases: '1' })).toEqual(['mca']);
    expect(kinds({ coilFaceWidthIn: 20 })).toEqual([]);
    expect(surveyEvidence({ coilFaceWidthIn: 20, coilFaceHeightIn: 18, coilShape: 'a-coil' })[0]).toMatchObject({
      faceFpm: 250,
    });
    expect(surveyTonnage({})).toBeUndefined();
  });
});
