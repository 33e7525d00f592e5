import { describe, expect, it } from 'vitest';
import { typed } from '@/core/words/said';
import { type GateFacts, gatesOf, passes } from './gates';

const FACTS: GateFacts = {
  phase: 'charge',
  vacuum: { endMicrons: 312, heldMin: 12, by: 'Tess Orlan', at: '2026-01-01T10:00:00Z' },
  plateTrouble: null,
  weighedIn: true,
  weighSay: typed('Weighed in'),
  certification: 'universal',
  signed: {},
  hasCircuit: true,
  decayLimitMicrons: 500,
  overrides: [],
};
const held = (facts: Partial<GateFacts>): string[] =>
  gatesOf({ ...FACTS, ...facts })
    .filter((g) => !passes(g))
    .map((g) => g.id);
const override = (gate: string) => ({ gate, reason: 'a written reason', by: 'Tess Orlan', at: '' });

describe('gates', () => {
  it('a charge with a passed vacuum test, a build-up, a weight and a certificate may be signed', () => {
    expect(held({})).toEqual([]);
  });
  it('no refrigerant before a passed standing-vacuum test', () => {
    expect(held({ vacuum: undefined })).toEqual(['standing-vacuum']);
    expect(held({ vacuum: { ...FACTS.vacuum!, endMicrons: 940 } })).toEqual(['standing-vacuum']);
    expect(held({ vacuum: { ...FACTS.vacuum!, heldMin: 4 } })).toEqual(['standing-vacuum']);
  });
  it('a lead’s override with a reason lets it pass and stays visible', () => {
    const gates = gatesOf({ ...FACTS, vacuum: undefined, overrides: [override('standing-vacuum')] });
    expect(gates.every(passes)).toBe(true);
    expect(gates[0]!.override?.reason).toBe('a written reason');
  });
  it.each(['none', 'type-I', 'type-III'] as const)(
    'certification %s does not cover a split system, and no override helps',
    (certification) => {
      expect(held({ certification, overrides: [override('certification')] })).toEqual(['certification']);
    },
  );
  it('a stop finding can never be overridden at the start-up', () => {
    const startUp = {
      recorded: true,
      limited: false,
      steady: true,
      steadySay: typed(''),
      missing: [],
      enclosureRestored: true,
      findings: [
        {
          id: 'over-rla',
          step: 'power' as const,
          verdict: 'stop' as const,
          claim: typed('120 % of RLA'),
          evidence: [],
          because: typed(''),
          source: typed(''),
          confidence: 'high' as const,
          miss: 1,
        },
      ],
    };
    expect(held({ phase: 'start-up', signed: { charge: true }, startUp, overrides: [override('no-stop')] })).toEqual([
      'no-stop',
    ]);
  });
  it('a start-up asks for a signed charge, readings, steadiness and the enclosure', () => {
    // Before the first reading nothing is good, and no stop can be ruled out.
    expect(held({ phase: 'start-up' })).toEqual(['charge-signed', 'steady', 'no-stop', 'all-good', 'enclosure']);
  });
});
