import { describe, expect, it } from 'vitest';
import { verdictOf } from '@/core/finding/order';
import { type FurnaceFacts, type FurnaceProof, judgeFurnace } from './furnace-proof';
import { SAMPLE_PROOF } from './testing/sample-proof';

const HERE: FurnaceFacts = { elevationFt: 1000, stages: 1 };
const verdict = (id: string, change: Partial<FurnaceProof>, facts: Partial<FurnaceFacts> = {}) =>
  verdictOf(judgeFurnace({ ...SAMPLE_PROOF, ...change }, { ...HERE, ...facts }))(id);
const says = (id: string, change: Partial<FurnaceProof>, facts: Partial<FurnaceFacts> = {}) =>
  judgeFurnace({ ...SAMPLE_PROOF, ...change }, { ...HERE, ...facts }).some((f) => f.id === id);

/** 2 ft³, three turns in 221 s at 1,028 Btu/ft³: 100,474 Btu/h (definition of the clocked input). */
const CLOCKED = {
  meter: 'clocked' as const,
  dialFt3: 2,
  turns: 3,
  seconds: 221,
  heatingValue: 1028,
  plateInputBtuh: 100_000,
};

describe('the clocked input', () => {
  it.each([
    ['half a percent over', 221, 'good'],
    ['2 % over', 217.8, 'good'],
    ['more than 2 % over', 217.6, 'look-again'],
    ['5 % under', 233.7, 'good'],
    ['more than 5 % under', 233.9, 'look-again'],
  ])('%s', (_name, seconds, wanted) => {
    expect(verdict('input', { ...CLOCKED, seconds })).toBe(wanted);
  });
  it('takes 4 % off for each 1,000 ft above 2,000 (NFPA 54 older rule): 0.82 at 4,500 ft', () => {
    expect(verdict('input', CLOCKED, { elevationFt: 4500 })).toBe('look-again');
    expect(verdict('input', { ...CLOCKED, seconds: 221 / 0.82 }, { elevationFt: 4500 })).toBe('good');
    expect(verdict('input', CLOCKED, { elevationFt: 2000 })).toBe('good');
  });
  it('asked and not read it is not proven; without a meter it is told; kept before it was asked it claims nothing', () => {
    expect(verdict('input', { meter: null })).toBe('not-proven');
    expect(verdict('input', { ...CLOCKED, plateInputBtuh: null })).toBe('not-proven');
    expect(verdict('input', { meter: 'no meter to read' })).toBe('look-again');
    expect(says('input', {})).toBe(false);
    expect(says('input', { fuel: 'propane', meter: null })).toBe(false);
  });
});

describe('the low one of two stages', () => {
  const low = { lowManifoldInWc: 1.6, plateLowManifoldInWc: 1.6, lowRiseF: 45 };
  it('is owed where the furnace has it, and judged wherever it was read', () => {
    expect(verdict('low-stage', {}, { stages: 2 })).toBe('not-proven');
    expect(says('low-stage', {})).toBe(false);
    expect(verdict('low-stage', low)).toBe('good');
  });
  it.each([
    [{ lowManifoldInWc: 1.9 }, 'good'],
    [{ lowManifoldInWc: 1.91 }, 'look-again'],
    [{ lowManifoldInWc: 1.29 }, 'look-again'],
    [{ lowRiseF: 40 }, 'good'],
    [{ lowRiseF: 39 }, 'look-again'],
    [{ lowRiseF: 70 }, 'good'],
    [{ lowRiseF: 71 }, 'look-again'],
  ])('%o: %s', (change, wanted) => {
    expect(verdict('low-stage', { ...low, ...change }, { stages: 2 })).toBe(wanted);
  });
});

describe('a natural vent', () => {
  const vent = { vent: 'natural draft' as const, draftInWc: -0.02, spills: false };
  it('draws, and spills nothing; spilling is a stop, untried is not proven', () => {
    expect([verdict('draft', vent), verdict('spills', vent)]).toEqual(['good', 'good']);
    expect(verdict('spills', { ...vent, spills: true })).toBe('stop');
    expect(verdict('spills', { ...vent, spills: null })).toBe('not-proven');
    expect(verdict('draft', { ...vent, draftInWc: null })).toBe('not-proven');
  });
  it.each([
    [-0.03, 'good'],
    [-0.031, 'look-again'],
    [-0.01, 'good'],
    [-0.009, 'look-again'],
  ])('draft of %d in. w.c.: %s', (draftInWc, wanted) => {
    expect(verdict('draft', { ...vent, draftInWc })).toBe(wanted);
  });
  it('sealed pipes and fans are not asked for draft', () => {
    expect(says('draft', { vent: 'sealed' })).toBe(false);
    expect(says('spills', {})).toBe(false);
  });
});
