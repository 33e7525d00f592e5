import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { applies, factOf, type KnownFacts } from './facts';
import { hazardsOf } from './hazards';

const of = (known: KnownFacts) => hazardsOf(known).filter((h) => h.place === 'access');
const ids = (known: KnownFacts): string[] => of(known).map((h) => h.id);
const act = (id: string, known: KnownFacts): string => english(of(known).find((h) => h.id === id)?.act);

describe('what the place of work does to the crew', () => {
  it('a crawlspace is aired and checked for gas; water with power in it stops', () => {
    expect(ids({ workPlace: 'crawlspace' })).toEqual(['crawlspace']);
    expect(ids({ workPlace: 'crawlspace', crawlWet: false })).toEqual(['crawlspace']);
    expect(of({ workPlace: 'crawlspace', crawlWet: true }).map((h) => [h.id, h.verdict])).toEqual([
      ['crawlspace', 'look-again'],
      ['crawl-wet', 'stop'],
    ]);
  });
  it('an answer of a place that is no longer the place of work counts no more', () => {
    expect(ids({ workPlace: 'attic', crawlWet: true, roofEdge: true })).toEqual([]);
    expect(ids({ workPlace: 'roof', crawlWet: true, roofEdge: true })).toEqual(['roof-edge']);
    for (const [key, place] of [
      ['crawlWet', 'crawlspace'],
      ['roofEdge', 'roof'],
    ] as const) {
      expect(applies(factOf(key)!, { workPlace: place }), key).toBe(true);
      expect(applies(factOf(key)!, { workPlace: 'basement' }), key).toBe(false);
      expect(applies(factOf(key)!, {}), key).toBe(false);
    }
  });
  // 29 CFR 1926.1053 (4 : 1, 3 ft above) and 1926.501 (6 ft), both from memory.
  it('ladder and edge are told with the figures of the rules', () => {
    expect(act('ladder', { ladder: true })).toMatch(/^One out for 4 up, 3 ft above the edge, tied/);
    expect(act('roof-edge', { workPlace: 'roof', roofEdge: true })).toMatch(/^From 6 ft on/);
    expect(ids({ ladder: false, workPlace: 'open' })).toEqual([]);
  });
  it('one alone calls every hour, every half hour where nobody sees them', () => {
    for (const [workPlace, minutes] of [
      ['open', 60],
      ['basement', 60],
      [undefined, 60],
      ['attic', 30],
      ['crawlspace', 30],
      ['roof', 30],
    ] as const)
      expect(act('alone', { worksAlone: true, ...(workPlace ? { workPlace } : {}) }), workPlace).toMatch(
        new RegExp(`^Call every ${minutes} min; 10 min without`),
      );
    expect(ids({ worksAlone: false })).toEqual([]);
    expect(ids({ worksAlone: null })).toEqual([]);
  });
});
