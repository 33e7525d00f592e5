import { describe, expect, it } from 'vitest';
import { acceptedVolts } from '@/core/equipment/plate-volts';
import { scopeItems } from '@/core/scope/scope';
import { english } from '@/core/words/testing/english';
import type { LibraryFields } from '../../equipment/library-item';
import { storyOf } from '../story';
import type { KnownFacts } from '../survey/facts';
import { hazardsOf } from '../survey/hazards';
import { SAMPLE_OUTDOOR, sampleScope } from '../testing/sample-scope';

const items = (known: Partial<KnownFacts>, change: object = {}, outdoor: Partial<LibraryFields> = {}) =>
  scopeItems(sampleScope({ known: { systemType: 'split-hp', ...known }, ...change }, outdoor));
const item = (id: string, ...args: Parameters<typeof items>) => items(...args).find((i) => i.id === id);
const AIR_HANDLER = { ...SAMPLE_OUTDOOR, kind: 'air-handler' as const, maxEspInWc: 0.5 };

describe('the house and its people', () => {
  it('a permit that is needed is law, and one that nobody asked about is asked about', () => {
    expect(item('permit', { permit: 'needed' })).toMatchObject({ level: 'must', safety: true });
    expect(english(item('permit', { permit: 'ask' })?.say)).toMatch(/^Ask whether/);
    expect(item('permit', { permit: 'not needed' })).toBeUndefined();
    expect(item('permit', {})).toBeUndefined();
  });
  it('somebody at risk gets heat or cooling for the outage: a must where somebody is ill', () => {
    expect(item('temporary', { vulnerable: 'ill' })?.level).toBe('must');
    expect(item('temporary', { vulnerable: 'old or small', outageH: 8 })?.level).toBe('should');
    expect(item('temporary', { vulnerable: 'nobody at risk' })).toBeUndefined();
    expect(hazardsOf({ vulnerable: 'ill' }).map((h) => h.id)).toContain('people-at-risk');
    expect(hazardsOf({ vulnerable: 'nobody at risk' }).map((h) => h.id)).not.toContain('people-at-risk');
  });
  it('loose animals are told before a door stands open', () => {
    expect(hazardsOf({ animals: 'loose' }).map((h) => h.id)).toContain('animals');
    for (const animals of ['none', 'kept away'])
      expect(hazardsOf({ animals }).map((h) => h.id)).not.toContain('animals');
  });
  it('a hail guard is advised where it hails, else offered', () => {
    expect(item('hail-guard', { hail: true })?.level).toBe('should');
    expect(item('hail-guard', { hail: false })?.level).toBe('could');
    expect(item('hail-guard', {})?.level).toBe('could');
  });
});

describe('power and air of the old system', () => {
  // The band of a dual-rated plate: 197 to 253 V (decided for this product; ±10 % for the others, NEMA MG-1 from memory).
  it.each([
    [197, false],
    [196, true],
    [253, false],
    [254, true],
  ])('%d V at a 208/230 V plate is asked about: %s', (supplyV, asked) => {
    expect(item('supply-volts', { supplyV }, {}, { volts: '208/230' }) !== undefined).toBe(asked);
  });
  it('every rated voltage lies in its own band, ten percent about it where it is one voltage', () => {
    expect(acceptedVolts('208/230')).toEqual({ low: 197, high: 253 });
    for (const plate of ['120', '208', '240', '460'] as const) {
      const { low, high } = acceptedVolts(plate);
      expect(low / Number(plate), plate).toBeCloseTo(0.9, 2);
      expect(high / Number(plate), plate).toBeCloseTo(1.1, 2);
    }
  });
  it('a full panel is told before electric heat is added, not where it hangs already', () => {
    const indoor = { indoor: AIR_HANDLER };
    expect(item('breaker-spaces', { freeSpaces: 1 }, indoor)?.level).toBe('should');
    expect(item('breaker-spaces', { freeSpaces: 2 }, indoor)).toBeUndefined();
    expect(item('breaker-spaces', { freeSpaces: 0, stripKw: 10 }, indoor)).toBeUndefined();
    expect(item('breaker-spaces', { freeSpaces: 0 })).toBeUndefined();
  });
  it('a static above what the new blower is rated for is opened up', () => {
    const indoor = { indoor: AIR_HANDLER };
    expect(item('static', { staticInWc: 0.51 }, indoor)).toMatchObject({ level: 'should', strong: true });
    expect(item('static', { staticInWc: 0.5 }, indoor)).toBeUndefined();
    expect(item('static', { staticInWc: 0.9 })).toBeUndefined();
    const furnace = { indoor: undefined, furnace: { ...AIR_HANDLER, kind: 'furnace' as const } };
    expect(item('static', { staticInWc: 0.8 }, furnace)).toBeDefined();
  });
  it('a rotten plenum is a must, a patched one advised', () => {
    expect(item('plenum-new', { plenumState: 'rotten' })?.level).toBe('must');
    expect(item('plenum-new', { plenumState: 'patched' })?.level).toBe('should');
    expect(item('plenum-new', { plenumState: 'sound' })).toBeUndefined();
  });
});

describe('the story of the old unit', () => {
  const causes = (known: KnownFacts) => Object.fromEntries(storyOf(known).map((c) => [c.id, c.strength]));
  it('no heat with a reversing valve speaks of the valve; a drier that cools is a restriction', () => {
    expect(causes({ heatFails: 'does not heat', reversingValve: true })).toEqual({ 'reversing-valve': 'strong' });
    expect(causes({ heatFails: 'does not heat' })).toEqual({ 'reversing-valve': 'possible' });
    expect(causes({ heatFails: 'heats', drierState: 'same' })).toEqual({});
    expect(causes({ drierState: 'colder out' })).toEqual({ drier: 'strong' });
  });
  it('refrigerant that was added has leaked out', () => {
    expect(causes({ gasAddedOz: 24 })).toEqual({ leak: 'possible' });
    expect(causes({ gasAddedOz: 0 })).toEqual({});
    expect(causes({ gasAddedOz: 24, whyReplaced: 'leak' })).toEqual({ leak: 'strong' });
  });
});
