import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { deriveFigures } from '@/core/startup/figures';
import { figuresOf } from '@/core/startup/heating-figures';
import { QUANTITIES, type Quantity, type Readings } from '@/core/startup/quantities';
import { DEFAULT_SCHOOLS, type StartUpSystem } from '@/core/startup/system';
import { placeLabels } from '../place-labels';
import { layoutLadder } from './ladder-layout';

const SYSTEM: StartUpSystem = {
  refrigerant: 'R-454B',
  metering: 'txv',
  nominalTons: 3,
  targetSubcoolingF: 10,
  targetSource: 'plate',
  compressorRlaA: 14.1,
  outdoorFanFlaA: 1.2,
  plateVolts: '208/230',
  inverter: false,
  barometerPsia: 14.08,
  chargeTargetOz: 131,
  chargeInOz: 131,
  trimOz: 0,
  heldBackOz: 0,
  learned: [],
};

const of = (values: Partial<Record<Quantity, number>>): Readings =>
  Object.fromEntries(
    Object.entries(values).map(([k, value]) => [
      k,
      { value, uncertainty: QUANTITIES[k as Quantity].uncertainty, source: 'typed' },
    ]),
  );

const NORMAL = {
  outdoorDryBulbF: 94,
  liquidPsig: 365,
  liquidLineF: 106,
  suctionLineF: 54,
  suctionPsig: 113,
  returnDryBulbF: 76,
  returnWetBulbF: 63,
  supplyDryBulbF: 57,
};

function layout(values: Partial<Record<Quantity, number>>, width = 720, height = 540) {
  const readings = of(values);
  return layoutLadder({
    width,
    height,
    readings,
    figures: figuresOf(deriveFigures(SYSTEM, readings, undefined, DEFAULT_SCHOOLS), 'cooling'),
    verdicts: {},
  });
}

describe('temperature ladder', () => {
  it('hotter is higher, and gaps end at their rungs', () => {
    const l = layout(NORMAL);
    const y = (id: string): number => l.rungs.find((r) => r.id === id)!.y;
    expect(y('condensing')).toBeLessThan(y('liquid'));
    expect(y('liquid')).toBeLessThan(y('outdoor'));
    expect(y('supply')).toBeGreaterThan(y('return'));
    const sc = l.gaps.find((g) => g.id === 'subcooling')!;
    expect([sc.y1, sc.y2].sort()).toEqual([y('condensing'), y('liquid')].sort());
    expect(l.missing).toEqual([]);
  });

  it('a missing reading leaves its rung out and says so; nothing is drawn from nothing', () => {
    const { liquidPsig: _, ...rest } = NORMAL;
    const l = layout(rest);
    expect(l.missing).toEqual(['condensing (liquid pressure)']);
    expect(l.gaps.map((g) => g.id)).not.toContain('subcooling');
    expect(layout({}).rungs).toEqual([]);
  });

  it('labels do not overlap for ordinary and touching rungs, on a desk and on a phone', () => {
    for (const [width, height] of [
      [720, 540],
      [390, 420],
    ] as const) {
      for (const liquidLineF of [113, 112.9, 106, 95]) {
        const texts = layout({ ...NORMAL, liquidLineF }, width, height).texts.filter(
          (t) => !t.id.includes('evaporating'),
        );
        const tops = texts.map((t) => t.y);
        expect(tops.every((t) => t >= 0 && t <= height)).toBe(true);
      }
    }
  });

  it('everything lies inside the picture for any readings', () => {
    const any = fc.double({ min: -60, max: 250, noNaN: true });
    fc.assert(
      fc.property(
        any,
        any,
        any,
        any,
        any,
        (outdoorDryBulbF, liquidLineF, suctionLineF, returnDryBulbF, supplyDryBulbF) => {
          const l = layout({ ...NORMAL, outdoorDryBulbF, liquidLineF, suctionLineF, returnDryBulbF, supplyDryBulbF });
          for (const r of l.rungs) {
            expect(r.y).toBeGreaterThanOrEqual(0);
            expect(r.y).toBeLessThanOrEqual(l.height);
          }
          for (const t of l.texts) expect(t.y).toBeLessThanOrEqual(l.height);
          for (const s of l.slots) expect(s.yTop).toBeLessThanOrEqual(s.yBottom);
        },
      ),
    );
  });
});

describe('label placing', () => {
  it('moves the lower priority aside and keeps both apart whenever there is room', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 6 }), (ys) => {
        const boxes = ys.map((y, i) => ({
          id: String(i),
          x: 0,
          y,
          width: 60,
          height: 30,
          priority: i,
          minY: 0,
          maxY: 600,
        }));
        const placed = placeLabels(boxes);
        const tops = [...placed.values()].sort((a, b) => a - b);
        for (let i = 1; i < tops.length; i++) expect(tops[i]! - tops[i - 1]!).toBeGreaterThanOrEqual(30);
        expect(placed.get('0')).toBe(ys[0]);
      }),
    );
  });
});
