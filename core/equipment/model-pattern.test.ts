import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { surveyTonnage } from '@/core/scope/tonnage/survey-evidence';
import { type ModelPattern, modelPatternSchema, sizeOfModel } from './model-pattern';

const row = (change: Partial<ModelPattern> = {}): ModelPattern => ({
  part: 'outdoor',
  pattern: 'OHP-##*',
  perTon: 12,
  confidence: 'high',
  source: 'Ostrel price list',
  ...change,
});

describe('a model number read for its size', () => {
  it.each([
    ['OHP-36T', 3],
    ['ohp-18', 1.5],
    ['OHP-60TX', 5],
    ['OAC-36T', undefined],
    ['XOHP-36T', undefined],
    ['OHP-3', undefined],
    ['OHP-00T', undefined],
    ['', undefined],
    [undefined, undefined],
    [36, undefined],
  ])('%s: %s tons', (model, tons) => expect(sizeOfModel([row()], 'outdoor', model)?.tons).toBe(tons));
  it('only for its part, the surest row first, the longer pattern where they are as sure', () => {
    expect(sizeOfModel([row()], 'compressor', 'OHP-36T')).toBeUndefined();
    const doubtful = row({ confidence: 'low', perTon: 10 });
    expect(sizeOfModel([doubtful, row()], 'outdoor', 'OHP-36T')!.tons).toBe(3);
    const longer = row({ pattern: 'OHP-##T', perTon: 6 });
    expect(sizeOfModel([row(), longer], 'outdoor', 'OHP-36T')!.tons).toBe(6);
  });
  it('signs of a model number mean themselves', () => {
    expect(sizeOfModel([row({ pattern: 'A.B+(##)' })], 'outdoor', 'A.B+(24)')!.tons).toBe(2);
    expect(sizeOfModel([row({ pattern: 'A.B+(##)' })], 'outdoor', 'AxB+(24)')).toBeUndefined();
    expect(sizeOfModel([row({ pattern: 'Q?-###', perTon: 12 })], 'outdoor', 'QX-120')!.tons).toBe(10);
  });
  it('whatever a row allows never breaks the reading', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 50 }), fc.string({ maxLength: 40 }), (around, model) => {
        const parsed = modelPatternSchema.safeParse(row({ pattern: `${around.replaceAll('#', '')}##` }));
        if (!parsed.success) return;
        const size = sizeOfModel([parsed.data], 'outdoor', model);
        if (size) expect(size.tons).toBeGreaterThanOrEqual(0.5);
      }),
    );
  });
  it('a row has its digits in one place', () => {
    for (const pattern of ['OHP-', 'O#P-#', '##']) {
      expect(modelPatternSchema.safeParse(row({ pattern })).success).toBe(pattern === '##');
    }
  });
  it.each([
    ['*A*B*##', true],
    ['*A*B*##*', false],
  ])('%s: three * at most', (pattern, allowed) =>
    expect(modelPatternSchema.safeParse(row({ pattern })).success).toBe(allowed),
  );
});

describe('as evidence of an old size', () => {
  const known = { outdoorPlate: 'faded', outdoorModel: 'OHP-36T', compressorModel: 'ZK42' } as const;
  const patterns = [row(), row({ part: 'compressor', pattern: 'ZK##', confidence: 'low', source: 'a guess' })];
  it('the unit’s number and the compressor’s are pieced together by how sure the table is', () => {
    const both = surveyTonnage(known as never, patterns)!;
    expect(both.evidence.map((e) => e.kind)).toEqual(['unit-model', 'compressor-model']);
    // Surer of 3 than of 3.5.
    expect(both.tons).toBeGreaterThan(3);
    expect(both.tons).toBeLessThan(3.2);
    expect(surveyTonnage(known as never, [])).toBeUndefined();
    expect(surveyTonnage(known as never)).toBeUndefined();
  });
  it('what a person read off the compressor comes before its number', () => {
    const typed = surveyTonnage({ ...known, compressorTons: 4 } as never, patterns)!;
    expect(typed.evidence).toContainEqual({ kind: 'compressor-model', tons: 4 });
    expect(typed.evidence).toHaveLength(2);
  });
});
