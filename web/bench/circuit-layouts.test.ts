import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holdPoints, pressureRange } from './hold/hold-layout';
import { besideRun, draggedFt, jointPlaces, lineShape, type Piece } from './line/line-layout';
import { placeMarks, recoveryLanes } from './recovery/recovery-layout';
import { minuteTicks, type StripPoint, splitAtGaps, thinStrip } from './strip/span';
import { stripSpan } from './vacuum/strip-layout';

const strip = (n: number): StripPoint[] => Array.from({ length: n }, (_, i) => [i / 60, 300 + 50 * Math.sin(i / 7)]);

describe('the vacuum strip', () => {
  it('draws a day as few points and loses neither its lowest nor its highest', () => {
    const day = strip(86_400).map((p, i): StripPoint => (i === 40_000 ? [p[0], 9_000] : i === 70_001 ? [p[0], 12] : p));
    const thin = thinStrip(day, 600);
    expect(thin.length).toBeLessThanOrEqual(610);
    expect(Math.max(...thin.map(([, v]) => v))).toBe(9_000);
    expect(Math.min(...thin.map(([, v]) => v))).toBe(12);
    expect(thin.at(-1)).toEqual(day.at(-1));
    expect(thin.every((p, i) => i === 0 || p[0] >= thin[i - 1]![0])).toBe(true);
  });
  it('a short run is drawn as it is', () => expect(thinStrip(strip(50))).toEqual(strip(50)));
  it('leaves room for what is predicted, but not for hours of it', () => {
    expect(stripSpan(strip(600), 5).toMin).toBeGreaterThan(15);
    expect(stripSpan(strip(600), 600).toMin).toBeLessThan(25);
    expect(stripSpan([], undefined)).toEqual({ fromMin: 0, toMin: 12 });
  });
  it('breaks the line at a gap only', () => {
    const lines = splitAtGaps(strip(120), [1]);
    expect(lines.map((l) => l.length)).toEqual([60, 60]);
    expect(splitAtGaps(strip(120), [])).toHaveLength(1);
  });
  it('ticks are never closer than they can be read', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.integer({ min: 200, max: 1200 }),
        (toMin, width) => {
          const ticks = minuteTicks({ fromMin: 0, toMin }, width);
          for (let i = 1; i < ticks.length; i++)
            expect(((ticks[i]! - ticks[i - 1]!) / toMin) * width).toBeGreaterThan(45);
        },
      ),
    );
  });
});

describe('the pressure hold', () => {
  const samples = Array.from({ length: 1200 }, (_, i) => ({
    runSeconds: i,
    values: { testPsig: 450 - i / 200, pipeF: 90 - i / 150 },
  }));
  const gear = { volumeFt3: 0.35, gaugePsi: 0.5, thermometerF: 0.5, barometerPsia: 14.4 };
  it('knows what to expect only since the hold began', () => {
    const points = holdPoints(samples, { psig: 447, pipeF: 86, runSeconds: 600 }, gear);
    expect(points.length).toBeLessThanOrEqual(242);
    expect(points.filter((p) => p.minute < 9.9).every((p) => p.expectedPsig === undefined)).toBe(true);
    const last = points.at(-1)!;
    expect(last.uncertaintyPsi).toBeGreaterThan(1);
    // From 86 °F to 82 °F a closed 447 psig loses about 3.6 psi (gas law, real gas a little more).
    expect(last.expectedPsig).toBeCloseTo(447 - 3.5, 0);
  });
  it('shows a pound while a hold runs, and starts from nothing before', () => {
    const held = holdPoints(samples, { psig: 447, pipeF: 86, runSeconds: 600 }, gear);
    const [low, high] = pressureRange(held, 450);
    expect(high - low).toBeLessThan(20);
    expect(pressureRange(holdPoints(samples, undefined, gear), 450)[0]).toBe(0);
  });
  it('an instrument without a signal is no point', () =>
    expect(holdPoints([{ runSeconds: 1, values: { testPsig: null, pipeF: 70 } }], undefined, gear)).toEqual([]));
});

describe('the line set in elevation', () => {
  const pieces = fc.array(
    fc.record({
      ft: fc.integer({ min: 1, max: 100 }),
      way: fc.constantFrom<Piece['way']>('along', 'up', 'down'),
    }),
    { minLength: 1, maxLength: 12 },
  );
  it('is as long as its pieces, and its corners span its heights', () => {
    fc.assert(
      fc.property(pieces, (list) => {
        const shape = lineShape(list);
        expect(shape.lengthFt).toBe(list.reduce((s, p) => s + p.ft, 0));
        expect(shape.corners).toHaveLength(list.length + 1);
        expect(shape.highFt).toBeGreaterThanOrEqual(0);
        expect(shape.lowFt).toBeLessThanOrEqual(0);
      }),
    );
  });
  it('every joint lies on the run', () => {
    fc.assert(
      fc.property(pieces, fc.integer({ min: 1, max: 9 }), (list, count) => {
        const shape = lineShape(list);
        for (const [a, b] of jointPlaces(shape, count)) {
          const on = shape.corners.some((c, i) => {
            const d = shape.corners[i + 1];
            if (!d) return false;
            const within = (v: number, p: number, q: number): boolean =>
              v >= Math.min(p, q) - 1e-9 && v <= Math.max(p, q) + 1e-9;
            return within(a, c[0], d[0]) && within(b, c[1], d[1]);
          });
          expect(on).toBe(true);
        }
      }),
    );
  });
  it('the second line runs beside the first, square to it', () => {
    const beside = besideRun(
      [
        [0, 0],
        [4, 0],
        [4, 9],
      ],
      ([a, b]) => [a * 10, b * 10],
      6,
    );
    expect(beside).toEqual([
      [0, 6],
      [46, 6],
      [46, 90],
    ]);
  });
  it('a dragged end changes its piece to the half foot, down by going down, never to nothing', () => {
    expect(draggedFt({ ft: 10, way: 'along' }, 3.3, 9)).toBe(13.5);
    expect(draggedFt({ ft: 10, way: 'down' }, 9, -2)).toBe(12);
    expect(draggedFt({ ft: 2, way: 'up' }, 0, -30)).toBe(0.5);
  });
});

describe('the recovery strip', () => {
  const samples = Array.from({ length: 900 }, (_, i) => ({
    runSeconds: i + 1,
    values: { suctionPsig: 250 - i * 0.28, scaleOz: 500 + Math.max(0, i - 300) * 0.2 },
  }));
  const orders = [
    { runSeconds: 20, order: 'call', on: true },
    { runSeconds: 40, order: 'liquid-valve', open: false },
    { runSeconds: 301, order: 'machine', on: true },
    { runSeconds: 890, order: 'machine', on: false },
  ];
  it('counts pounds from the weight at which the machine started, and only since then', () => {
    const { pounds } = recoveryLanes(samples, orders, 500);
    expect(pounds[0]![0]).toBeGreaterThanOrEqual(301 / 60);
    expect(pounds[0]![1]).toBeCloseTo(0, 2);
    expect(pounds.at(-1)![1]).toBeCloseTo((599 * 0.2) / 16, 2);
    expect(recoveryLanes(samples, orders, undefined).pounds).toEqual([]);
  });
  it('names what was moved, and lifts a word that would stand on the one before', () => {
    const { marks } = recoveryLanes(samples, orders, 500);
    expect(marks.map((m) => m.word)).toEqual(['cooling called', 'liquid shut', 'machine on', 'machine off']);
    const placed = placeMarks(marks, (minute) => 58 + minute * 20, 380);
    expect(placed.map((m) => m.row)).toEqual([0, 1, 1, 0]);
    expect(placed.map((m) => m.leftOf)).toEqual([false, false, false, true]);
    // No two words of a row cover each other, at any width.
    for (const scale of [5, 12, 40, 90]) {
      const boxes = placeMarks(marks, (minute) => 58 + minute * scale, 58 + 15 * scale).map((m) => {
        const width = m.word.length * 6.4;
        return { row: m.row, from: m.leftOf ? m.x - width : m.x, to: m.leftOf ? m.x : m.x + width };
      });
      for (const a of boxes)
        for (const b of boxes) if (a !== b && a.row === b.row) expect(a.to <= b.from || b.to <= a.from).toBe(true);
    }
  });
  it('shows the deepest pull and leaves room below nothing', () => {
    expect(recoveryLanes(samples, orders, 500).psig[0]).toBeLessThanOrEqual(-12);
    expect(recoveryLanes(samples, orders, 500).psig[1]).toBeGreaterThan(250);
    expect(recoveryLanes([], [], undefined).suction).toEqual([]);
  });
});
