import { describe, expect, it } from 'vitest';
import { acceptable } from '@/core/job/acceptance';
import { passes } from '@/core/job/gates';
import type { EquippedSheet } from '@/core/job/sheet';
import { letPass, moved, sampleSheet } from '@/core/job/testing/sample-sheet';
import { gatesByProof } from '@/core/phases/start-up/gates';
import { typed } from '@/core/words/said';
import { charge } from './charge/phase';
import { gatesIn } from './phase';

const VACUUM = { endMicrons: 312, heldMin: 12, by: 'Tess Orlan', at: '2026-01-01T10:00:00Z', version: 1 };
const weighed = (change: Partial<EquippedSheet> = {}) =>
  sampleSheet({ vacuum: VACUUM, measurements: [moved(25)], ...change });
const held = (change: Partial<EquippedSheet> = {}): string[] =>
  gatesIn(charge, weighed(change))
    .filter((g) => !passes(g))
    .map((g) => g.id);

describe('gates of a charge', () => {
  it('with a passed vacuum test, a build-up, a weight and a certificate it may be signed', () => {
    expect(held()).toEqual([]);
  });
  it('no refrigerant before a passed standing-vacuum test: 500 µm after 10 minutes (common practice)', () => {
    expect(held({ vacuum: null })).toContain('standing-vacuum');
    expect(held({ vacuum: { ...VACUUM, endMicrons: 500, heldMin: 10 } })).toEqual([]);
    expect(held({ vacuum: { ...VACUUM, endMicrons: 501 } })).toEqual(['standing-vacuum']);
    expect(held({ vacuum: { ...VACUUM, heldMin: 9.9 } })).toEqual(['standing-vacuum']);
  });
  it('a lead’s override with a reason lets it pass and stays visible, written here or at the evacuation', () => {
    for (const phase of ['charge', 'evacuate'] as const) {
      const failed = { vacuum: { ...VACUUM, endMicrons: 940 }, overrides: [letPass(phase, 'standing-vacuum')] };
      expect(held(failed)).toEqual([]);
      expect(gatesIn(charge, weighed(failed))[0]!.override?.reason).toBe('a written reason');
    }
    // Of the evacuation's own gates no other stands for the charge.
    expect(held({ measurements: [], overrides: [letPass('evacuate', 'weighed-charge')] })).toContain('weighed-charge');
  });
  it.each(['none', 'type-I', 'type-III'] as const)(
    'certification %s does not cover a split system, and no override helps',
    (certification) => {
      expect(held({ certification, overrides: [letPass('charge', 'certification')] })).toEqual(['certification']);
    },
  );
});

const PROOF = {
  accepted: [] as readonly string[],
  chargeSigned: true,
  recorded: true,
  limited: false,
  steady: true,
  steadySay: typed(''),
  missing: [],
  findings: [],
  enclosureRestored: true,
  certification: 'universal',
} as const;
const open = (change: Partial<Parameters<typeof gatesByProof>[0]>) =>
  gatesByProof({ ...PROOF, ...change })
    .filter((g) => !g.holds)
    .map(({ id, overridable }) => ({ id, overridable }));

describe('gates of a start-up', () => {
  const finding = (id: string, verdict: 'look-again' | 'not-proven' | 'stop', change: object = {}) => ({
    id,
    step: 'charge' as const,
    verdict,
    claim: typed(id),
    because: typed(''),
    source: typed(''),
    ...change,
  });
  it('a look-again that lead and customer let stand holds no more; nothing else is let stand with it', () => {
    const findings = [finding('subcooling', 'look-again')];
    expect(open({ findings }).map((g) => g.id)).toEqual(['all-good']);
    expect(open({ findings, accepted: ['subcooling'] })).toEqual([]);
    expect(open({ findings, accepted: ['superheat'] }).map((g) => g.id)).toEqual(['all-good']);
    for (const other of [finding('airflow', 'not-proven'), finding('superheat', 'look-again')])
      expect(open({ findings: [...findings, other], accepted: ['subcooling', 'airflow'] }).map((g) => g.id)).toEqual([
        'all-good',
      ]);
    // What was accepted and became a stop is a stop.
    expect(open({ findings: [finding('subcooling', 'stop')], accepted: ['subcooling'] }).map((g) => g.id)).toEqual([
      'no-stop',
    ]);
  });
  it('only a look-again can be accepted: no stop, nothing unproven, nothing owed, no wait', () => {
    const all = [
      finding('subcooling', 'look-again'),
      finding('a', 'stop'),
      finding('b', 'not-proven'),
      finding('c', 'look-again', { owed: { from: '2027-05-01' } }),
      finding('d', 'look-again', { step: 'steady' }),
      finding('enclosure', 'look-again'),
    ];
    expect(acceptable(all as never).map((f) => f.id)).toEqual(['subcooling']);
  });
  it('a stop finding can never be overridden', () => {
    const stop = {
      id: 'over-rla',
      step: 'power' as const,
      verdict: 'stop' as const,
      claim: typed('120 % of RLA'),
      because: typed(''),
      source: typed(''),
    };
    expect(open({ findings: [stop] })).toEqual([{ id: 'no-stop', overridable: false }]);
  });
  it('asks for a signed charge, readings, steadiness and the enclosure', () => {
    expect(open({})).toEqual([]);
    // Before the first reading nothing is good, and no stop can be ruled out.
    const unread = { chargeSigned: false, recorded: false, steady: false, enclosureRestored: false };
    expect(open(unread).map((g) => g.id)).toEqual(['charge-signed', 'steady', 'no-stop', 'all-good', 'enclosure']);
  });
});
