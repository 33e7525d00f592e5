import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { liquidShare } from '@/core/circuit/recovery/cylinder';
import { cylinderFill } from '@/core/circuit/recovery/cylinder-fill';
import { pumpDownStorage } from '@/core/circuit/recovery/pump-down-storage';
import { pumpDownRebound } from '@/core/circuit/recovery/rebound';
import { pressureClass, recoveryLevel } from '@/core/circuit/recovery/recovery-level';
import { value } from '@/core/finding/testing/value';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';

describe('liquid in a cylinder', () => {
  it('80 % at 77 °F is 97 % at 130 °F for R-410A (AHRI Guideline K basis, from memory)', () => {
    const c = { waterCapacityLb: 47.7, contentsOz: 40.4 * 16 };
    expect(100 * liquidShare(c, 'R-410A', 77)).toBeCloseTo(80, 0);
    expect(100 * liquidShare(c, 'R-410A', 130)).toBeCloseTo(97, 0);
  });
});

describe('the rebound after a pump-down', () => {
  const next = (stopPsig: number, afterPsig: number, attempt = 1) => {
    const r = pumpDownRebound({ stopPsig, afterPsig, attempt });
    return r.ok ? r.value.next : r.refused.message;
  };
  // Check cases of the trade: 0 → 3 psig passes, 0 → 22 repeats, a second 0 → 18 goes to the machine.
  it.each([
    [0, 3, 1, 'machine-low-side'],
    [0, 22, 1, 'repeat'],
    [0, 18, 2, 'machine-low-side'],
    // Pulled too deep, it came back to less than atmosphere: no liquid is left, and no second pull is asked for.
    [-11.7, -2.8, 1, 'machine-low-side'],
    [-4, 4.9, 1, 'machine-low-side'],
    [-4, 5.2, 1, 'repeat'],
  ])('%d → %d psig, attempt %d: %s', (stop, after, attempt, wanted) => {
    expect(next(stop, after, attempt)).toBe(wanted);
  });
});

describe('cylinder fill (80 %, basis 77 °F: AHRI Guideline K, from memory)', () => {
  it.each([
    ['R-410A', 40.4, 97],
    ['R-32', 36.7, 95],
    ['R-22', 45.5, 90],
    ['R-134a', 46.1, 89],
  ] as const)('%s in a 47.7 lb cylinder: %d lb, %d %% full at 130 °F', (refrigerant, lb, full) => {
    const r = value(cylinderFill({ refrigerant, waterCapacityLb: 47.7, tareLb: 28, temperatureF: 77 }));
    expect(r.maxRefrigerantLb).toBeCloseTo(lb, 0.5);
    expect(Math.abs(r.fullAt130Pct - full)).toBeLessThan(1);
    expect(r.maxGrossLb - r.maxRefrigerantLb).toBeCloseTo(28, 9);
  });
  it('on the 130 °F basis R-410A is 33.2 lb', () =>
    expect(
      value(cylinderFill({ refrigerant: 'R-410A', waterCapacityLb: 47.7, tareLb: 28, temperatureF: 130 }))
        .maxRefrigerantLb,
    ).toBeCloseTo(33.2, 1));
  it('a hotter basis never allows more, whatever the refrigerant', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...REFRIGERANTS),
        fc.double({ min: 32, max: 130, noNaN: true }),
        fc.double({ min: 0.5, max: 9, noNaN: true }),
        (refrigerant, f, more) => {
          const at = (temperatureF: number) =>
            value(cylinderFill({ refrigerant, waterCapacityLb: 50, tareLb: 28, temperatureF })).maxRefrigerantLb;
          expect(at(f + more)).toBeLessThan(at(f));
        },
      ),
    );
  });
});

describe('recovery level (40 CFR 82.156 Table 1, from memory)', () => {
  it.each([
    ['R-410A', 9, 'high', 0],
    ['R-32', 9, 'very high', 0],
    ['R-454B', 9, 'high', 0],
    ['R-134a', 12, 'medium', 10],
    ['R-22', 210, 'high', 10],
    ['R-22', 199, 'high', 0],
    ['R-134a', 250, 'medium', 15],
    ['R-410A', 900, 'high', 10],
  ] as const)('%s, %d lb: %s pressure, %d inHg', (refrigerant, chargeLb, kind, inHg) => {
    expect(pressureClass(refrigerant)).toBe(kind);
    expect(value(recoveryLevel({ applianceClass: 'comfort', refrigerant, chargeLb })).requiredInHg).toBe(inHg);
  });
  it('a small appliance: 4 inHg; more than 5 lb is none', () => {
    expect(value(recoveryLevel({ applianceClass: 'small', refrigerant: 'R-134a', chargeLb: 2 })).requiredInHg).toBe(4);
    expect(recoveryLevel({ applianceClass: 'small', refrigerant: 'R-134a', chargeLb: 6 })).toMatchObject({
      ok: false,
      refused: { field: 'chargeLb' },
    });
  });
});

describe('room for a pump-down', () => {
  it.each([
    [0.12, 5.8, false, false],
    [0.2, 9.7, true, true],
    [0.3, 14.6, true, false],
  ])('%d ft³ holds %d lb of R-410A', (outdoorFt3, storageLb, holds, narrow) => {
    const r = value(pumpDownStorage({ refrigerant: 'R-410A', chargeLb: 9.4, outdoorFt3 }));
    expect(r.storageLb).toBeCloseTo(storageLb, 1);
    expect([r.holds, r.narrow]).toEqual([holds, narrow]);
  });
});
