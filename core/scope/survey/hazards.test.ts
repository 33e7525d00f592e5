import { describe, expect, it } from 'vitest';
import { PLACES } from './fact';
import { FACTS, type KnownFacts } from './facts';
import { hazardsOf } from './hazards';

describe('hazards are told at the place where they are met', () => {
  it.each<[string, KnownFacts, string, string]>([
    ['asbestos', { asbestos: 'suspect' }, 'ducts', 'stop'],
    ['asbestos-age', { oldYear: 1975 }, 'ducts', 'look-again'],
    ['mercury', { statType: 'mercury' }, 'thermostat', 'look-again'],
    ['line-voltage', { statType: 'line-voltage' }, 'thermostat', 'stop'],
    ['two-feeds', { twoFeeds: true }, 'disconnect', 'stop'],
    ['feeds-unasked', { indoorType: 'air-handler' }, 'disconnect', 'look-again'],
    ['oil-tank', { oilTank: 'abandoned' }, 'gas-vent', 'look-again'],
    ['hot-attic', { atticF: 120 }, 'indoor', 'look-again'],
    ['a2l', { oldRefrigerant: 'R-454B' }, 'outdoor', 'look-again'],
    ['heat-pump', { reversingValve: true, systemType: 'split-ac' }, 'outdoor', 'look-again'],
    ['flue', { sharedFlue: true }, 'gas-vent', 'look-again'],
    ['roof', { crane: true }, 'access', 'look-again'],
  ])('%s', (id, known, place, verdict) => {
    const h = hazardsOf(known).find((x) => x.id === id)!;
    expect(h).toMatchObject({ place, verdict });
    expect(h.act.length).toBeGreaterThan(20);
    expect(h.source.length).toBeGreaterThan(3);
  });
  it('nothing known, nothing claimed; only asbestos stops the whole job', () => {
    expect(hazardsOf({})).toEqual([]);
    expect(hazardsOf({ twoFeeds: true, statType: 'line-voltage', crane: true }).some((h) => h.stopsWork)).toBe(false);
    expect(hazardsOf({ asbestos: 'none', oldYear: 1960 })).toEqual([]);
  });
  it('no caution tells anyone to work live, to vent, to mix or to defeat a safety', () => {
    const all = hazardsOf({
      asbestos: 'suspect',
      statType: 'mercury',
      twoFeeds: true,
      oilTank: 'in use',
      atticF: 120,
      oldRefrigerant: 'R-32',
      sharedFlue: true,
      crane: true,
    });
    for (const h of all) expect(h.act).not.toMatch(/\bvent it\b|bypass|jumper|work live|energi[sz]ed work/i);
  });
});

describe('the questions of the survey', () => {
  it('have unique keys, a place of the walk, a reason and a weight', () => {
    expect(new Set(FACTS.map((f) => f.key)).size).toBe(FACTS.length);
    for (const f of FACTS) {
      expect(PLACES).toContain(f.place);
      expect(f.why).toMatch(/[.!]$/);
      expect(f.weight).toBeGreaterThanOrEqual(1);
      expect(f.weight).toBeLessThanOrEqual(10);
      if (f.kind === 'number') expect(f.low).toBeLessThan(f.high);
      if (f.kind === 'choice') expect(new Set(f.options.map(([v]) => v)).size).toBe(f.options.length);
    }
    // Walking order: the places of the list never go back.
    const order = FACTS.map((f) => PLACES.indexOf(f.place));
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});
