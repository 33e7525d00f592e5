import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { innerVolume } from './inner-volume';
import { standingPressure } from './standing-pressure';

const at = (gaugePsig: number, change: object = {}) => {
  const r = standingPressure({ refrigerant: 'R-410A', gaugePsig, coldF: 75, hotF: 95, restH: 3, ...change });
  if (!r.ok) throw new Error(r.refused.field);
  return r.value;
};

describe('standing pressure of R-410A between 75 and 95 °F', () => {
  // 218.6 and 296.4 psig by published saturation tables; the low end goes by the dew line, 0.7 psi under the bubble line.
  it('the band is what liquid can have', () => {
    expect(at(221).lowPsig).toBeCloseTo(212.1, -0.5);
    expect(at(221).highPsig).toBeCloseTo(305.3, 0);
  });
  it.each([
    [221, 'liquid'],
    [260, 'not-at-rest'],
    [318, 'air-or-mixture'],
    [168, 'no-liquid'],
    [2, 'empty'],
    [2.1, 'no-liquid'],
    [-5, 'empty'],
  ])('%d psig: %s', (psig, reading) => expect(at(psig).reading).toBe(reading));
  it('each end of the band belongs to it', () => {
    const { lowPsig, highPsig } = at(221);
    expect(at(lowPsig + 0.01).reading).toBe('liquid');
    expect(at(lowPsig - 0.01).reading).toBe('no-liquid');
    expect(at(highPsig - 0.01).reading).toBe('not-at-rest');
    expect(at(highPsig + 0.01).reading).toBe('air-or-mixture');
  });
  it('less than two hours off proves no liquid, but air and emptiness show', () => {
    expect(at(221, { restH: 1.9 }).reading).toBe('not-at-rest');
    expect(at(221, { restH: 2 }).reading).toBe('liquid');
    expect(at(318, { restH: 0 }).reading).toBe('air-or-mixture');
  });
  it('in deep cold a low pressure is not emptiness', () => {
    expect(at(1, { refrigerant: 'R-134a', coldF: -15, hotF: -10 }).reading).toBe('liquid');
  });
  it('temperatures the wrong way round are refused', () => {
    expect(standingPressure({ refrigerant: 'R-410A', gaugePsig: 221, coldF: 95, hotF: 75 })).toMatchObject({
      ok: false,
      refused: { field: 'hotF' },
    });
  });
  it('a pure or blended refrigerant at one temperature with liquid in it is always plausible', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...REFRIGERANTS),
        fc.double({ min: 20, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (refrigerant, f, share) => {
          const psia = dewPsia(refrigerant, f) + share * (bubblePsia(refrigerant, f) - dewPsia(refrigerant, f));
          const r = standingPressure({ refrigerant, gaugePsig: psia - 14.696, coldF: f, hotF: f });
          expect(r.ok && r.value.reading).toBe('liquid');
        },
      ),
    );
  });
});

describe('room in an old outdoor unit', () => {
  const room = (input: object) => {
    const r = innerVolume({ refrigerant: 'R-410A', ...input });
    if (!r.ok) throw new Error(r.refused.field);
    return r.value;
  };
  // 16 ft², 2 rows of 3/8 in tube at 1 in: 0.229 ft³, 11.1 lb by hand, ± 25 %.
  it('by face and rows', () => {
    const r = room({ faceFt2: 16, rows: 2 });
    expect((r.lowFt3 + r.highFt3) / 2).toBeCloseTo(0.229, 3);
    expect([r.lowLb, r.highLb].map((x) => Math.round(x * 10) / 10)).toEqual([8.4, 13.9]);
    expect(r.measured).toBe(true);
  });
  it('by tons alone is too wide to pump down on: 3 tons hold 2.5 to 16.7 lb', () => {
    const r = room({ tons: 3 });
    expect(r.lowLb).toBeCloseTo(2.5, 1);
    expect(r.highLb).toBeCloseTo(16.7, 1);
    expect(r.measured).toBe(false);
    expect(room({ tons: 3, faceFt2: 16 }).measured).toBe(false);
    expect(room({ tons: 3, faceFt2: 16, rows: 2 }).measured).toBe(true);
  });
  it('nothing known is refused', () => {
    expect(innerVolume({ refrigerant: 'R-410A' })).toMatchObject({ ok: false, refused: { field: 'faceFt2' } });
  });
});
