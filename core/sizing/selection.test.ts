import { describe, expect, it } from 'vitest';
import { english } from '@/core/words/testing/english';
import { EMPTY_SELECTION, judgeSelection, type Selection } from './selection';

const LOAD = {
  source: 'room by room, office',
  date: '2026-03-02',
  coolingSensibleBtuh: 25000,
  coolingLatentBtuh: 7000,
  heatLossBtuh: 36000,
  summerDesignF: 92,
  winterDesignF: 17,
};
const PUMP = { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: 65, frostDent: false, stripKw: 5 };
const base: Selection = { ...EMPTY_SELECTION, load: LOAD, tons: 3, heatPump: PUMP };
const check = (
  change: Partial<Selection>,
  id: string,
  site: Parameters<typeof judgeSelection>[1] = { elevationFt: 0 },
) => judgeSelection({ ...base, ...change }, site).find((c) => c.id === id);

describe('a size against a load that someone else made (ACCA Manual S limits, from memory): flags, never a new size', () => {
  it.each([
    [3, PUMP, 'good'],
    [3.5, PUMP, 'look-again'],
    [3.5, null, 'look-again'],
    [2, PUMP, 'look-again'],
  ] as const)('%d tons for 32,000 Btu/h', (tons, heatPump, verdict) => {
    const c = check({ tons, heatPump }, 'cooling-size')!;
    expect(c.verdict).toBe(verdict);
    expect(english(c.because)).toMatch(/room by room, office, Mar 2, 2026/);
  });
  it('115 % holds a single-stage cooler where 125 % would hold a heat pump', () => {
    const tons = 3.2; // 120 % of the load
    expect(check({ tons }, 'cooling-size')!.verdict).toBe('good');
    expect(check({ tons, heatPump: null }, 'cooling-size')!.verdict).toBe('look-again');
  });
  it('the balance point of the worked example, and 4.4 kW against the strips there are', () => {
    expect(english(check({}, 'balance')!.claim)).toMatch(/Balance point 30 °F/);
    expect(check({}, 'aux')!.verdict).toBe('good');
    expect(english(check({ heatPump: { ...PUMP, stripKw: 3 } }, 'aux')!.claim)).toBe(
      'Auxiliary heat is 1.4 kW short at design.',
    );
  });
  it('a furnace outside its plate’s rise, at sea level and in the mountains', () => {
    const furnace = { outputBtuh: 76000, cfm: 1200, riseLowF: 35, riseHighF: 65 };
    expect(check({ furnace }, 'rise')!.verdict).toBe('good');
    expect(check({ furnace }, 'rise', { elevationFt: 7000 })!.verdict).toBe('look-again');
    expect(check({ furnace }, 'furnace-size')!.verdict).toBe('look-again');
    expect(check({ furnace: { ...furnace, outputBtuh: 45000 } }, 'furnace-size')!.verdict).toBe('good');
  });
  it('without a load the balance is not drawn and the size is not proven', () => {
    expect(check({ load: null }, 'load')!.verdict).toBe('not-proven');
    expect(check({ load: null }, 'balance')).toBeUndefined();
  });
  it('swapped capacities are told with what is allowed, not computed', () => {
    const c = check({ heatPump: { ...PUMP, capacity17Btuh: 36000 } }, 'balance')!;
    expect(c.verdict).toBe('not-proven');
    expect(english(c.because)).toMatch(/Allowed: 1000 to 33,999 Btu\/h/);
  });
});
