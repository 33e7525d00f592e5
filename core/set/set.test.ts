import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { balanceNext } from './balance-next';
import { ductLeakage } from './duct-leakage';
import { FLOAT_ACTED, judgeWater, WATER_WENT, type WaterTest } from './water-test';

const GOOD: WaterTest = {
  pouredOz: 64,
  outOz: 61,
  minutes: 10,
  elsewhere: 'nowhere else',
  trapHeld: true,
  float: 'before the lip',
  stopsS: 5,
};
const verdict = (change: Partial<WaterTest>) => judgeWater({ ...GOOD, ...change }).verdict;

describe('poured water (house rule: 95 % within 10 min, common practice)', () => {
  it.each([
    [{}, 'good'],
    [{ outOz: 60 }, 'look-again'],
    [{ outOz: 58 }, 'look-again'],
    [{ outOz: 60.8 }, 'good'],
    [{ minutes: 10.1 }, 'look-again'],
    [{ elsewhere: 'secondary' }, 'look-again'],
    [{ elsewhere: 'into the house' }, 'stop'],
    [{ trapHeld: false }, 'look-again'],
    [{ float: 'after the lip', stopsS: null }, 'stop'],
    [{ float: 'not at all', stopsS: null }, 'stop'],
    [{ float: 'no float', stopsS: null }, 'good'],
    [{ stopsS: 5.1 }, 'stop'],
    [{ stopsS: null }, 'good'],
    [{ stopsS: 0 }, 'good'],
    [{ pouredOz: 32, outOz: 32 }, 'good'],
    [{ pouredOz: 31, outOz: 31 }, 'not-proven'],
    // What hurts comes before what was too little to tell.
    [{ pouredOz: 10, outOz: 0, elsewhere: 'into the house' }, 'stop'],
    [{ float: 'no float', stopsS: 60 }, 'good'],
  ] as const)('%j: %s', (change, said) => expect(verdict(change)).toBe(said));
  it('is good only where nothing went elsewhere, the trap held and the float came before the lip (property)', () => {
    const any = fc.record({
      pouredOz: fc.integer({ min: 1, max: 200 }),
      outOz: fc.integer({ min: 0, max: 200 }),
      minutes: fc.integer({ min: 0, max: 30 }),
      elsewhere: fc.constantFrom(...WATER_WENT),
      trapHeld: fc.boolean(),
      float: fc.constantFrom(...FLOAT_ACTED),
      stopsS: fc.option(fc.integer({ min: 0, max: 20 })),
    });
    fc.assert(
      fc.property(any, (t) => {
        const { verdict: v, next } = judgeWater(t);
        if (v === 'good') {
          expect(t.elsewhere === 'nowhere else' && t.trapHeld && t.outOz >= 0.95 * t.pouredOz).toBe(true);
          expect(['before the lip', 'no float']).toContain(t.float);
        } else expect(next).toBeDefined();
      }),
    );
  });
});

describe('leakage of ducts (power law; exponent 0.60 to 0.70, common practice)', () => {
  it('brings a reading to 25 Pa', () => {
    const r = value(ductLeakage({ cfm: 148, pa: 17.5, conditionedFt2: 1850, systemCfm: 1200, tons: 3 }));
    expect(r.cfm25).toBeCloseTo(186.6, 1);
    expect([r.lowCfm25, r.highCfm25].map((x) => Math.round(x * 10) / 10)).toEqual([183.3, 190]);
    expect(r.per100Ft2).toBeCloseTo(10.1, 1);
    expect(r.pctOfAir).toBeCloseTo(15.6, 1);
    expect(r.perTon).toBeCloseTo(62, 0);
  });
  it('at 25 Pa it is what was read; the range holds it on both sides (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), fc.double({ min: 12, max: 50, noNaN: true }), (cfm, pa) => {
        const r = value(ductLeakage({ cfm, pa }));
        expect(r.lowCfm25).toBeLessThanOrEqual(r.cfm25 * (1 + 1e-12));
        expect(r.highCfm25).toBeGreaterThanOrEqual(r.cfm25 * (1 - 1e-12));
        expect(r.per100Ft2).toBeUndefined();
        expect(value(ductLeakage({ cfm, pa: 25 })).cfm25).toBeCloseTo(cfm, 9);
      }),
    );
  });
  it('a pressure outside is refused', () => {
    for (const pa of [11.9, 50.1])
      expect(ductLeakage({ cfm: 100, pa })).toMatchObject({ ok: false, refused: { field: 'pa' } });
  });
});

describe('the next damper (proportional balancing, common practice)', () => {
  const next = (...cfm: number[]) =>
    value(
      balanceNext({ registers: cfm.map((measuredCfm, i) => ({ name: `#${i + 1}`, wantedCfm: 400, measuredCfm })) }),
    );
  it('closes the next-lowest to the index, then the next', () => {
    expect(next(500, 400, 300)).toMatchObject({
      indexName: '#3',
      nextName: '#2',
      nextRatio: 1,
      closeToRatio: 0.75,
      done: false,
    });
    expect(next(545, 327, 327)).toMatchObject({ nextName: '#1', done: false });
    expect(next(400, 400, 400)).toMatchObject({ nextName: '', done: true, worstPct: 0 });
    expect(next(440, 360, 400)).toMatchObject({ done: true });
    expect(next(441, 400, 400)).toMatchObject({ done: false, nextName: '#1' });
  });
  it('never names the index, and names somebody unless all are done or all agree (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 50, max: 900 }), { minLength: 2, maxLength: 12 }), (cfm) => {
        const r = next(...cfm);
        const least = Math.min(...cfm);
        expect(r.indexRatio).toBeCloseTo(least / 400, 9);
        if (r.done) expect(r.nextName).toBe('');
        else if (r.nextName === '') expect(Math.max(...cfm)).toBeLessThanOrEqual(least * 1.03 + 1e-9);
        else {
          expect(r.nextName).not.toBe(r.indexName);
          expect(r.nextRatio).toBeGreaterThan(r.indexRatio);
        }
      }),
    );
  });
});
