import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Outcome } from '@/core/finding/outcome';
import { value } from '@/core/finding/testing/value';
import { capacitor, capacitorDischarge } from './capacitors';
import { circuitSizing } from './circuit-sizing';
import { conductorAmpacity } from './conductor-ampacity';
import { conductorSize } from './conductor-size';
import { AWG, COPPER_A, OHMS_PER_KFT } from './conductors';
import { equipmentGround } from './equipment-ground';
import { heatKit } from './heat-kit';
import { imbalance } from './imbalance';
import { generatorStart, inrushReduction } from './inrush';
import { STANDARD_OCPD_A, sizeAtLeast, sizeAtMost } from './standard-sizes';
import { voltageDrop } from './voltage-drop';

const refused = (r: Outcome<unknown>): string => (r.ok ? 'computed' : r.refused.field);
const within = { noNaN: true, noDefaultInfinity: true };

describe('circuit of a unit from its motors (NEC 440.22, 440.33, edition not checked)', () => {
  it.each([
    [[16.4], [1.3], 21.8, 30, 35],
    [[9.2], [0.7], 12.2, 15, 20],
    [[12.2, 9.8], [1.4, 1.4], 27.85, 30, 40],
    [[5.1], [0.5], 6.875, 15, 15],
    // The size under the sum is below the ampacity: the next one above it.
    [[20], [60], 85, 90, 100],
    [[1], [87], 88.25, 90, 90],
  ])('%j and %j: %d A, %d, at most %d', (compressorRlaA, otherFlaA, mcaA, mocpFirstA, mocpMaxA) => {
    const r = value(circuitSizing({ compressorRlaA, otherFlaA }));
    expect(r.mcaA).toBeCloseTo(mcaA, 6);
    expect(r).toMatchObject({ mocpFirstA, mocpMaxA });
  });
  it('needs a compressor, takes no fan, and ends where the sizes end', () => {
    expect(refused(circuitSizing({ compressorRlaA: [], otherFlaA: [1] }))).toBe('compressorRlaA');
    expect(refused(circuitSizing({ compressorRlaA: [0], otherFlaA: [] }))).toBe('compressorRlaA.0');
    expect(value(circuitSizing({ compressorRlaA: [10], otherFlaA: [] })).mcaA).toBe(12.5);
    expect(refused(circuitSizing({ compressorRlaA: [500], otherFlaA: [] }))).toBe('compressorRlaA');
    expect(value(circuitSizing({ compressorRlaA: [480], otherFlaA: [] }))).toMatchObject({
      mocpFirstA: 600,
      mocpMaxA: 600,
    });
  });
  it('a breaker is a standard size, never below the ampacity, the first never above the largest (property)', () => {
    const amps = fc.double({ min: 0.5, max: 60, ...within });
    fc.assert(
      fc.property(fc.array(amps, { minLength: 1, maxLength: 4 }), fc.array(amps, { maxLength: 3 }), (rla, fla) => {
        const r = value(circuitSizing({ compressorRlaA: rla, otherFlaA: fla }));
        expect(STANDARD_OCPD_A).toContain(r.mocpFirstA);
        expect(r.mocpFirstA).toBeGreaterThanOrEqual(r.mcaA - 1e-6);
        expect(r.mocpFirstA).toBeLessThanOrEqual(r.mocpMaxA);
        expect(r.mcaA).toBeGreaterThanOrEqual(Math.max(...rla) * 1.25);
      }),
    );
  });
  it('floating sums that should be a size are that size', () => {
    expect(1.75 * 16.4 + 1.3).toBeLessThan(30);
    expect(sizeAtMost(1.75 * 16.4 + 1.3)).toBe(30);
    expect([sizeAtMost(3), sizeAtMost(600), sizeAtMost(9999), sizeAtMost(44.9)]).toEqual([15, 600, 600, 40]);
    expect([sizeAtLeast(3), sizeAtLeast(60.0000000001), sizeAtLeast(601), sizeAtLeast(60.1)]).toEqual([
      15,
      60,
      undefined,
      70,
    ]);
  });
});

describe('copper as it is laid (NEC 310.16, edition not checked)', () => {
  const amps = (awg: number, more: object = {}) =>
    conductorAmpacity({
      awg,
      insulationC: 90,
      terminationC: 75,
      ambientF: 86,
      currentCarrying: 3,
      cable: 'conduit',
      ...more,
    } as never);
  it.each([
    [10, { ambientF: 125 }, 30.4],
    [10, {}, 35],
    [10, { terminationC: 60 }, 30],
    [12, { insulationC: 75 }, 25],
    [12, { cable: 'nm' }, 20],
    [12, { cable: 'uf' }, 20],
    [12, { cable: 'nm', ambientF: 131 }, 20],
    [12, { cable: 'nm', ambientF: 140, currentCarrying: 4 }, 30 * 0.71 * 0.8],
    [6, { ambientF: 95, currentCarrying: 7 }, 75 * 0.96 * 0.7],
    [6, { insulationC: 60, ambientF: 131 }, 55 * 0.41],
    [1, { currentCarrying: 10 }, 72.5],
    [1, { currentCarrying: 21 }, 145 * 0.45],
    [1, { currentCarrying: 31 }, 58],
    // Steps, never between them: a degree more is the next step.
    [8, { ambientF: 86.1 }, Math.min(55 * 0.96, 50)],
    [8, { ambientF: 105 }, 55 * 0.87],
    [8, { ambientF: 114 }, 55 * 0.82],
    [8, { insulationC: 75, ambientF: 132 }, 50 * 0.58],
    [8, { ambientF: 20 }, 50],
  ])('%d AWG %j: %d A', (awg, more, at) => expect(value(amps(awg, more)).ampacityA).toBeCloseTo(at, 9));
  it.each([
    [{ ambientF: 140.1 }, 'ambientF'],
    [{ insulationC: 60, ambientF: 132 }, 'ambientF'],
    [{ insulationC: 70 }, 'insulationC'],
    [{ terminationC: 90 }, 'terminationC'],
    [{ currentCarrying: 0 }, 'currentCarrying'],
    [{ currentCarrying: 2.5 }, 'currentCarrying'],
    [{ currentCarrying: 41 }, 'currentCarrying'],
    [{ cable: 'mc' }, 'cable'],
    [{ awg: 16 }, 'awg'],
  ])('%j is refused', (more, field) => expect(refused(amps(10, more))).toBe(field));
  it('never more than its terminals, and never more for a hotter or fuller run (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...AWG),
        fc.integer({ min: 1, max: 140 }),
        fc.integer({ min: 1, max: 40 }),
        (awg, f, n) => {
          const at = value(amps(awg, { ambientF: f, currentCarrying: n })).ampacityA;
          expect(at).toBeLessThanOrEqual(COPPER_A[awg][75]);
          expect(
            value(amps(awg, { ambientF: Math.max(1, f - 10), currentCarrying: n })).ampacityA,
          ).toBeGreaterThanOrEqual(at);
          expect(
            value(amps(awg, { ambientF: f, currentCarrying: Math.max(1, n - 3) })).ampacityA,
          ).toBeGreaterThanOrEqual(at);
        },
      ),
    );
  });
  it('thicker copper carries more and resists less', () => {
    for (const [i, awg] of AWG.slice(1).entries()) {
      for (const c of [60, 75, 90] as const) expect(COPPER_A[awg][c]).toBeGreaterThan(COPPER_A[AWG[i]!][c]);
      expect(OHMS_PER_KFT[awg]).toBeLessThan(OHMS_PER_KFT[AWG[i]!]);
    }
  });
});

describe('voltage over the run (Ohm’s law)', () => {
  it.each([
    [17.7, 85, 10, 240, 1, 3.73, 1.55],
    [17.7, 160, 12, 240, 1, 11.21, 4.67],
    [24.8, 210, 8, 208, 3, 7.02, 3.37],
    [24.8, 210, 6, 208, 3, 4.43, 2.13],
    [84, 85, 10, 240, 1, 17.71, 7.38],
  ])('%d A, %d ft, %d AWG, %d V, %d-phase: %d V', (amps, lengthFt, awg, volts, phases, v, pct) => {
    const r = value(voltageDrop({ amps, lengthFt, awg, volts, phases } as never));
    expect(r.dropV).toBeCloseTo(v, 2);
    expect(r.dropPct).toBeCloseTo(pct, 1);
  });
  const job = {
    mcaA: 21.8,
    insulationC: 75,
    terminationC: 75,
    ambientF: 86,
    currentCarrying: 2,
    cable: 'conduit',
    lengthFt: 160,
    loadA: 17.7,
    volts: 240,
    phases: 1,
    maxDropPct: 3,
  };
  const size = (more: object) => conductorSize({ ...job, ...more } as never);
  it('the smallest that carries it and keeps the volts', () => {
    expect(value(size({}))).toMatchObject({ awg: 10 });
    expect(value(size({ maxDropPct: 5 }))).toMatchObject({ awg: 12 });
    expect(value(size({ cable: 'nm', maxDropPct: 5 }))).toMatchObject({ awg: 10 });
    expect(value(size({ mcaA: 25, maxDropPct: 5 }))).toMatchObject({ awg: 12, ampacityA: 25 });
    expect(value(size({ mcaA: 25.1, maxDropPct: 5 }))).toMatchObject({ awg: 10 });
    expect(refused(size({ mcaA: 131 }))).toBe('mcaA');
    expect(refused(size({ lengthFt: 2500 }))).toBe('lengthFt');
    expect(refused(size({ insulationC: 60, ambientF: 135 }))).toBe('ambientF');
  });
  it('is what the two other calculations say of it, and one size smaller is not (property)', () => {
    const run = fc.record({
      mcaA: fc.double({ min: 5, max: 90, ...within }),
      lengthFt: fc.double({ min: 5, max: 300, ...within }),
      phases: fc.constantFrom(1, 3),
    });
    fc.assert(
      fc.property(run, (more) => {
        const r = size({ ...more, loadA: more.mcaA / 1.25 });
        if (!r.ok) return;
        const { phases, lengthFt, mcaA } = more;
        const laid = { insulationC: 75, terminationC: 75, ambientF: 86, currentCarrying: 2, cable: 'conduit' };
        const fits = (awg: number): boolean =>
          value(conductorAmpacity({ awg, ...laid } as never)).ampacityA >= mcaA &&
          value(voltageDrop({ amps: mcaA / 1.25, lengthFt, awg, volts: 240, phases } as never)).dropPct <= 3;
        expect(fits(r.value.awg)).toBe(true);
        const smaller = AWG[AWG.indexOf(r.value.awg as 14) - 1];
        if (smaller) expect(fits(smaller)).toBe(false);
      }),
    );
  });
});

it.each([
  [15, 14],
  [15.1, 12],
  [20, 12],
  [25, 10],
  [60, 10],
  [61, 8],
  [100, 8],
  [110, 6],
  [200, 6],
  [225, 4],
  [300, 4],
])('ground of %d A: %d AWG (NEC 250.122, edition not checked)', (ocpdA, awg) => {
  expect(value(equipmentGround({ ocpdA })).awg).toBe(awg);
});
it('no ground above 300 A', () => expect(refused(equipmentGround({ ocpdA: 301 }))).toBe('ocpdA'));

describe('electric heat (NEC 424, edition not checked)', () => {
  const kit = (elementsKw: number[], more: object = {}) =>
    heatKit({ elementsKw, ratedVolts: 240, volts: 240, phases: 1, blowerA: 3, ...more } as never);
  it.each([
    [[4.8], 20, [28.75], [30], 3.61, 17.3],
    [[10], 41.7, [55.83], [60], 7.51, 36.1],
    [[5, 5, 5], 62.5, [55.83, 26.04], [60, 30], 11.27, 54.2],
    [[5, 5, 5, 5], 83.3, [55.83, 52.08], [60, 60], 15.02, 72.2],
  ])('%j kW', (elements, heatA, minimumA, breakerA, kw208, a208) => {
    const r = value(kit(elements));
    expect(r.heatA).toBeCloseTo(heatA, 1);
    expect(r.breakerA).toEqual(breakerA);
    expect(r.circuitCount).toBe(breakerA.length);
    for (const [i, a] of minimumA.entries()) expect(r.minimumA[i]).toBeCloseTo(a, 2);
    const low = value(kit(elements, { volts: 208 }));
    expect(low.kw).toBeCloseTo(kw208, 2);
    expect(low.heatA).toBeCloseTo(a208, 1);
  });
  it('the largest element first, the blower on circuit 1, 48 A to the last digit', () => {
    // 48 A at 240 V is 11.52 kW: it fits alone, and no longer with a blower.
    expect(value(kit([11.52], { blowerA: 0 }))).toMatchObject({ circuitCount: 1, breakerA: [60] });
    expect(value(kit([11.52], { blowerA: 3 })).minimumA[0]).toBeCloseTo(3.75, 9);
    expect(refused(kit([11.53], { blowerA: 0 }))).toBe('elementsKw');
    expect(value(kit([2, 10], { blowerA: 0 })).minimumA[0]).toBeCloseTo(1.25 * (10_000 / 240), 6);
    expect(value(kit([10], { phases: 3 })).heatA).toBeCloseTo(10_000 / 240 / Math.sqrt(3), 9);
    expect(refused(kit([], {}))).toBe('elementsKw');
  });
  it('loses nothing: circuits add up to heat and blower, each within 48 A (property)', () => {
    const elements = fc.array(fc.double({ min: 0.5, max: 11.5, ...within }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(elements, fc.double({ min: 0, max: 10, ...within }), (kw, blowerA) => {
        const r = value(kit(kw, { blowerA }));
        const sum = r.minimumA.reduce((s, a) => s + a, 0) / 1.25;
        expect(sum).toBeCloseTo(r.heatA + blowerA, 6);
        for (const [i, a] of r.minimumA.entries()) {
          expect(a).toBeLessThanOrEqual(60 + 1e-5);
          expect(r.breakerA[i]).toBeGreaterThanOrEqual(a - 1e-6);
        }
      }),
    );
  });
});

describe('three phases (NEMA MG 1, edition not checked)', () => {
  it.each([
    [[231, 229, 230], 0.43],
    [[476, 482, 468], 1.54],
    [[208, 215, 203], 3.04],
    [[18.4, 17.1, 20.9], 11.17],
  ])('%j: %d %%', (values, pct) => expect(value(imbalance({ values })).imbalancePct).toBeCloseTo(pct, 2));
  it('takes three, whatever their order and size (property)', () => {
    expect(refused(imbalance({ values: [1, 2] }))).toBe('values');
    const x = fc.double({ min: 100, max: 500, ...within });
    fc.assert(
      fc.property(x, x, x, fc.double({ min: 0.1, max: 10, ...within }), (a, b, c, k) => {
        const at = value(imbalance({ values: [a, b, c] })).imbalancePct;
        expect(value(imbalance({ values: [c, a, b] })).imbalancePct).toBeCloseTo(at, 9);
        expect(value(imbalance({ values: [a * k, b * k, c * k] })).imbalancePct).toBeCloseTo(at, 6);
      }),
    );
  });
});

describe('starting', () => {
  it.each([
    [66, 21, 68.2],
    [60, 30, 50],
    [58, 31, 46.6],
    [61, 63, -3.3],
  ])('%d A to %d A: %d %%', (beforeA, afterA, pct) =>
    expect(value(inrushReduction({ beforeA, afterA })).reductionPct).toBeCloseTo(pct, 1),
  );
  it.each([
    [84, 22.36],
    [31, 9.64],
  ])('%d A beside 2.2 kVA: %d kVA', (inrushA, kva) =>
    expect(value(generatorStart({ inrushA, volts: 240, otherKva: 2.2 })).startKva).toBeCloseTo(kva, 2),
  );
});

describe('capacitors', () => {
  it.each([
    [4.3, 338, 33.75],
    [5.6, 345, 43.06],
    [0.7, 372, 4.99],
  ])('%d A at %d V: %d µF', (amps, volts, uf) =>
    expect(value(capacitor({ amps, volts })).microfarads).toBeCloseTo(uf, 2),
  );
  it('50 Hz asks for more of it', () =>
    expect(value(capacitor({ amps: 1, volts: 100, hertz: 50 })).microfarads).toBeCloseTo(31.83, 2));
  it('empties through a resistor (RC discharge)', () => {
    const r = value(capacitorDischarge({ microfarads: 45, rmsVolts: 370, ohms: 20_000 }));
    expect(r.seconds).toBeCloseTo(4.2, 1);
    expect(r.initialWatts).toBeCloseTo(13.7, 1);
    expect(refused(capacitorDischarge({ microfarads: 45, rmsVolts: 370, ohms: 20_000, toVolts: 523.3 }))).toBe(
      'toVolts',
    );
    const to = value(capacitorDischarge({ microfarads: 45, rmsVolts: 370, ohms: 20_000, toVolts: 523 }));
    expect(to.seconds).toBeGreaterThan(0);
    // After the time it says, the exponential stands at the volts it was asked for.
    expect(370 * Math.SQRT2 * Math.exp(-r.seconds / (20_000 * 45e-6))).toBeCloseTo(5, 9);
  });
});
