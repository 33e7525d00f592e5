import { describe, expect, it } from 'vitest';
import { atticF, heatAt, humidityAt, outsideF, stretchBy } from './heat';
import { placeDay } from './schedule';
import { act, crewOf } from './testing/any-day';

const HOT = { highF: 95, lowF: 75, humidityPct: 50, roof: 'dark' } as const;

describe('heat at a place of work', () => {
  it('an attic under a dark roof lies 35 °F above the outside when the sun is highest on it (worked case: 95 at 2 pm gives 130)', () => {
    expect(atticF({ ...HOT, lowF: 95 }, 14)).toBeCloseTo(130, 6);
    expect(atticF({ ...HOT, lowF: 95 }, 8) - 95).toBeCloseTo(13.4, 1);
    expect(atticF({ ...HOT, lowF: 95, roof: 'light' }, 14)).toBeCloseTo(120, 6);
    expect(atticF({ ...HOT, lowF: 95 }, 2)).toBe(95);
  });
  it('the same water in hotter air: 95 °F at 50 % is 18.3 % at 130 °F (worked case)', () => {
    expect(humidityAt(50, 95, 130)).toBeCloseTo(18.3, 0);
    expect(humidityAt(50, 95, 40)).toBe(100);
  });
  it('the outside is warmest at three and coolest at night', () => {
    expect(outsideF(HOT, 15)).toBeCloseTo(95, 9);
    expect(outsideF(HOT, 3)).toBeCloseTo(75, 9);
    expect(outsideF(HOT, 9)).toBeCloseTo(85, 9);
  });
  it('work of an hour shrinks in the afternoon, on the roof by the sun, under it by its heat', () => {
    const early = heatAt('attic', { ...HOT, highF: 84, lowF: 60 }, 7.5);
    const late = heatAt('attic', HOT, 14);
    expect(early.workMin).toBe(60);
    expect(late.workMin).toBeLessThan(60);
    expect(heatAt('roof', HOT, 15).heatIndexF).toBeCloseTo(105.2 + 15, 0);
    // Before the sun is on it a roof is as the outside.
    expect(heatAt('roof', { ...HOT, lowF: 95 }, 5).heatIndexF).toBeCloseTo(105.2, 0);
    expect(stretchBy(HOT)('roof', 15)).toBe(3);
    expect(stretchBy(HOT)('roof', 24 + 15)).toBe(3);
  });
  it('above 140 °F nobody enters', () => {
    expect(heatAt('attic', { ...HOT, highF: 106, lowF: 106 }, 14).enter).toBe(false);
    expect(heatAt('attic', { ...HOT, highF: 105, lowF: 105 }, 14).enter).toBe(true);
  });
});

describe('hot places get the early slots', () => {
  const one = crewOf('Tess');
  const start = (pieces: Parameters<typeof placeDay>[0], forecast?: Parameters<typeof stretchBy>[0]) =>
    Object.fromEntries(
      placeDay(pieces, one, forecast ? { stretch: stretchBy(forecast) } : {}).map((p) => [p.id, p.start]),
    );
  const WORK = [act('ground', 3), act('stairs', 0.25), act('attic', 1.5, { after: ['stairs'], hot: 'attic' })];
  it('on a hot day the attic comes before the longer work below, with what it waits for', () => {
    // By the usual order the longer piece begins the day; no heat, no other order.
    expect(start(WORK)).toMatchObject({ ground: 8 });
    const hot = start(WORK, HOT);
    expect(hot.stairs).toBe(8);
    expect(hot.attic).toBe(8.25);
    expect(hot.ground).toBeGreaterThan(8);
  });
  it('on a mild day nothing changes', () => {
    expect(start(WORK, { highF: 70, lowF: 50, humidityPct: 40, roof: 'light' })).toEqual(start(WORK));
  });
  it('never so that the day ends later', () => {
    const end = (forecast: Parameters<typeof stretchBy>[0], pieces: Parameters<typeof placeDay>[0]) =>
      Math.max(...placeDay(pieces, one, { stretch: stretchBy(forecast) }).map((p) => p.end));
    // What runs alone after the long work ends the day: the attic can wait beside it.
    const chain = [
      act('long', 4),
      act('hold', 3, { after: ['long'], people: 0 }),
      act('last', 1, { after: ['hold'] }),
      act('attic', 0.5, { hot: 'attic' }),
    ];
    const coldEnd = Math.max(...placeDay(chain, one).map((p) => p.end));
    expect(end(HOT, chain)).toBeLessThanOrEqual(coldEnd + 1);
    expect(start(chain, HOT).long).toBe(8);
  });
});
