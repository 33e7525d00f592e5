import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ACR_INSIDE_IN } from '@/core/circuit/acr-tube';
import { roomChargeLimit } from '@/core/circuit/room-charge-limit';
import { value } from '@/core/finding/testing/value';
import { heatingLine } from './heating-line';
import { linePressureDrop } from './line-pressure-drop';
import { darcyFactor } from './pipe-drop';
import { riserMinimum } from './riser-minimum';
import { heatingState, lineState } from './transport';

describe('flow and densities at 45 °F with 10 °F of superheat, 105 °F condensing, 95 °F liquid', () => {
  it.each([
    ['R-410A', 161, 2.3, 62.8],
    ['R-32', 108, 1.67, 57.2],
    ['R-454B', 134, 1.8, 58.8],
    ['R-22', 165, 1.61, 71.8],
    ['R-407C', 168, 1.52, 68.2],
    ['R-134a', 176, 1.12, 72.9],
  ] as const)('%s: %d lb/h a ton, %d and %d lb/ft³', (refrigerant, flow, vapour, liquid) => {
    const s = lineState(refrigerant, 45, 105)!;
    expect(Math.abs(s.lbPerHPerTon / flow - 1)).toBeLessThan(0.015);
    expect(Math.abs(s.vapourLbFt3 / vapour - 1)).toBeLessThan(0.015);
    expect(Math.abs(s.liquidLbFt3 / liquid - 1)).toBeLessThan(0.005);
  });
});

describe('pressure drop, 3 tons of R-410A over 62 ft', () => {
  it.each([
    ['liquid', 0.375, 240, 4.75, 0.99],
    ['liquid', 0.3125, 380, 15.0, 3.1],
    ['liquid', 0.25, 650, 57, 11.9],
    ['suction', 0.625, 2160, 6.4, 2.65],
    ['suction', 0.75, 1450, 2.4, 0.98],
    ['suction', 0.875, 1040, 1.06, 0.44],
    ['suction', 1.125, 610, 0.29, 0.12],
  ] as const)('%s %d in: %d fpm, %d psi, %d °F', (line, odIn, fpm, psi, loss) => {
    const r = value(
      linePressureDrop({
        refrigerant: 'R-410A',
        line,
        odIn,
        equivalentFt: 62,
        capacityTons: 3,
        evaporatingF: 45,
        condensingF: 105,
      }),
    );
    expect(Math.abs(r.velocityFpm / fpm - 1)).toBeLessThan(0.02);
    expect(Math.abs(r.psi / psi - 1)).toBeLessThan(0.03);
    expect(Math.abs(r.saturationLossF / loss - 1)).toBeLessThan(0.05);
  });
  it('Haaland stays within 2 % of Colebrook, and laminar flow is 64/Re', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4000, max: 5e6, noNaN: true }),
        fc.double({ min: 1e-6, max: 0.01, noNaN: true }),
        (re, rough) => {
          let root = 0.15;
          for (let k = 0; k < 60; k++) root = 1 / (-2 * Math.log10(rough / 3.7 + 2.51 / (re * root)));
          expect(Math.abs(darcyFactor(re, rough) / root ** 2 - 1)).toBeLessThan(0.02);
        },
      ),
    );
    expect(darcyFactor(1000, 0)).toBeCloseTo(0.064, 9);
  });
  it('a size that does not exist is refused with those that do', () => {
    expect(
      linePressureDrop({
        refrigerant: 'R-410A',
        line: 'liquid',
        odIn: 0.4,
        equivalentFt: 10,
        capacityTons: 3,
        evaporatingF: 45,
        condensingF: 105,
      }),
    ).toMatchObject({ ok: false, refused: { field: 'odIn', allowed: expect.stringMatching(/0\.375/) } });
  });
});

describe('oil return (Jacobs, ASHRAE Handbook Refrigeration, edition not checked)', () => {
  it.each([
    [0.75, 0.6],
    [0.875, 0.91],
    [1.125, 1.76],
  ])('R-410A in %d in: %d tons', (odIn, tons) =>
    expect(
      Math.abs(value(riserMinimum({ refrigerant: 'R-410A', odIn, evaporatingF: 45 })).minimumTons / tons - 1),
    ).toBeLessThan(0.02),
  );
  it('a wider riser always asks for more', () => {
    const sizes = [...ACR_INSIDE_IN.keys()];
    const tons = sizes.map(
      (odIn) => value(riserMinimum({ refrigerant: 'R-454B', odIn, evaporatingF: 40 })).minimumTons,
    );
    expect(tons).toEqual([...tons].sort((a, b) => a - b));
  });
});

describe('charge and room without a detector (UL/IEC 60335-2-40, from memory)', () => {
  const room = (chargeLb: number, areaFt2: number) =>
    value(roomChargeLimit({ refrigerant: 'R-454B', chargeLb, areaFt2, releaseHeightFt: 1.8 / 0.3048 }));
  it('8 lb of R-454B leaking at 1.8 m wants 147 ft²; 3.5 lb is below m1 and wants none', () => {
    expect(room(8, 148).allowed).toBe(true);
    expect(room(8, 145).allowed).toBe(false);
    expect(room(3.5, 20)).toMatchObject({ allowed: true, exempt: true });
  });
  it('m1 of R-32 is 1.842 kg, of R-454B 1.776 kg (62.6 oz)', () => {
    const floor = (refrigerant: 'R-32' | 'R-454B') =>
      value(roomChargeLimit({ refrigerant, chargeLb: 1, areaFt2: 10, releaseHeightFt: 0.5 })).limitLb;
    expect(floor('R-32') / 2.2046226).toBeCloseTo(1.842, 3);
    expect(floor('R-454B') * 16).toBeCloseTo(62.6, 0.5);
  });
  it('a refrigerant that does not burn is refused as not applicable', () => {
    expect(roomChargeLimit({ refrigerant: 'R-410A', chargeLb: 8, areaFt2: 100, releaseHeightFt: 6 })).toMatchObject({
      ok: false,
      refused: { field: 'refrigerant', allowed: 'R-32, R-454B' },
    });
  });
});

describe('heating: hot gas out, liquid back, 36,000 Btu/h of R-410A at 110 °F, gas 165, liquid 98 °F over 62 ft', () => {
  const LINE = {
    refrigerant: 'R-410A',
    vaporOdIn: 0.875,
    liquidOdIn: 0.375,
    equivalentFt: 62,
    heatingTons: 3,
    outdoorAboveFt: 0,
    subcoolingF: 12,
  } as const;
  const heat = (change: Partial<Parameters<typeof heatingLine>[0]> = {}) => value(heatingLine({ ...LINE, ...change }));
  // Equations of state by hand: 399 lb/h, 5.29 and 62.5 lb/ft³, 90.2 Btu/lb.
  it('flow and densities', () => {
    const s = heatingState('R-410A', 110, 165, 98)!;
    expect(s.lbPerHPerTon * 3).toBeCloseTo(399, -0.5);
    expect(s.gasLbFt3).toBeCloseTo(5.29, 1);
    expect(s.liquidLbFt3).toBeCloseTo(62.5, 0);
    expect(s.btuLb).toBeCloseTo(90.2, 0);
  });
  it.each([
    [0.625, 776, 2.02, 0.4],
    [0.75, 520, 0.76, 0.15],
    [0.875, 374, 0.34, 0.07],
  ])('hot gas in %d in: %d fpm, %d psi, %d °F', (vaporOdIn, fpm, psi, loss) => {
    const r = heat({ vaporOdIn });
    expect(Math.abs(r.velocityFpm / fpm - 1)).toBeLessThan(0.02);
    expect(Math.abs(r.psi / psi - 1)).toBeLessThan(0.04);
    expect(Math.abs(r.saturationLossF - loss)).toBeLessThan(0.01);
  });
  it.each([
    [0, 0.87],
    [20, 2.6],
    [30, 3.4],
  ])('an outdoor unit %d ft above costs the liquid %d °F', (outdoorAboveFt, loss) =>
    expect(heat({ outdoorAboveFt }).liquidLossF).toBeCloseTo(loss, 0.5),
  );
  it('below the coil the height pays back, and a narrow or flashing margin is told', () => {
    expect(heat({ outdoorAboveFt: -20 }).liquidLossF).toBeLessThan(0);
    const loss = heat({ outdoorAboveFt: 20 }).liquidLossF;
    expect(heat({ outdoorAboveFt: 20, subcoolingF: loss - 0.01 }).reading).toBe('flashes');
    expect(heat({ outdoorAboveFt: 20, subcoolingF: loss + 1.99 }).reading).toBe('narrow');
    expect(heat({ outdoorAboveFt: 20, subcoolingF: loss + 2.01 }).reading).toBe('liquid');
  });
  // Jacobs, with hot gas: more than in cooling (0.60, 0.91, 1.76 tons above).
  it.each([
    [0.75, 1.07],
    [0.875, 1.62],
    [1.125, 3.16],
  ])('oil in a hot-gas riser of %d in wants %d tons of heating', (vaporOdIn, tons) =>
    expect(Math.abs(heat({ vaporOdIn }).riserMinimumTons / tons - 1)).toBeLessThan(0.02),
  );
  it('gas colder than its condensing temperature, and sizes that do not exist, are refused by name', () => {
    const refused = (change: object) => {
      const r = heatingLine({ ...LINE, ...change });
      return r.ok ? undefined : r.refused.field;
    };
    expect(refused({ hotGasF: 110 })).toBe('hotGasF');
    expect(refused({ vaporOdIn: 0.8 })).toBe('vaporOdIn');
    expect(refused({ liquidOdIn: 0.4 })).toBe('liquidOdIn');
    expect(refused({})).toBeUndefined();
  });
});
