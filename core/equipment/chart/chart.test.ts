import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onRaggedGrid } from '@/core/numeric/ragged-grid';
import { english } from '@/core/words/testing/english';
import { chartPoint, makerChart } from './chart-point';
import { readChart } from './read-chart';

const HEAD = 'call,speed,outdoorF,indoorF,subcoolingF,suctionPsig';
const GOOD = `${HEAD}\ncooling,100,80,75,8,120\ncooling,100,100,75,12,130\ncooling,100,80,80,9,128\ncooling,100,100,80,13,138`;
const refusal = (text: string): string => {
  const read = readChart(text);
  return read.ok ? 'read' : english(read.refused);
};

describe('a chart is read from text', () => {
  it('by commas, semicolons or tabs, with empty lines and empty cells left out', () => {
    const tabbed = GOOD.replaceAll(',', '\t').replace('8\t120', '\t120');
    const read = readChart(`\n${tabbed}\n\n`);
    expect(read.ok && read.chart.rows.length).toBe(4);
    expect(read.ok && read.chart.rows[0]!.figures).toEqual({ suctionPsig: 120 });
    expect(readChart(GOOD.replaceAll(',', ';')).ok).toBe(true);
  });

  it.each([
    ['', 'Column call is missing'],
    ['call,speed,outdoorF,indoorF,watts\ncooling,1,80,75,9', 'Column “watts” is not known'],
    ['call,speed,speed,outdoorF,indoorF,superheatF\n', 'Column speed stands twice'],
    ['call,speed,indoorF,superheatF\ncooling,100,75,9', 'Column outdoorF is missing'],
    ['call,speed,outdoorF,superheatF\ncooling,100,80,9', 'indoorF, indoorWetBulbF'],
    ['call,speed,outdoorF,indoorF\ncooling,100,80,75', 'at least one of suctionPsig'],
    [HEAD, '1 to 200 points'],
    [`${HEAD}\ndry,100,80,75,8,120`, 'Line 2: call is cooling or heating'],
    [`${HEAD}\ncooling,100,80,75,8,120,7`, 'Line 2 has more cells'],
    [`${HEAD}\ncooling,100,eighty,75,8,120`, 'Line 2, outdoorF: a number from −30 to 130'],
    [`${HEAD}\ncooling,100,131,75,8,120`, 'Line 2, outdoorF: a number from −30 to 130'],
    [`${HEAD}\ncooling,,80,75,8,120`, 'Line 2, speed: a number from 1 to 12000'],
    [`${HEAD}\n\ncooling,100,80,75,8,120\nCooling,100,80,75,9,121`, 'Line 4: this point stands there already'],
    ['call,speed,outdoorF,indoorF,indoorWetBulbF,superheatF\ncooling,100,80,75,62,9', 'Line 2: exactly one of'],
    ['call,speed,outdoorF,indoorF,indoorWetBulbF,superheatF\ncooling,100,80,75,,9\ncooling,100,90,,62,9', 'Line 3'],
  ])('and refused with its line and column: %j', (text, say) => {
    expect(refusal(text)).toContain(say);
  });

  it('each call may be entered by its own indoor air', () => {
    const read = readChart(
      'call,speed,outdoorF,indoorF,indoorWetBulbF,liquidPsig\ncooling,100,80,,62,300\nheating,100,40,70,,320',
    );
    expect(read.ok && read.chart.indoor).toEqual({ cooling: 'indoorWetBulbF', heating: 'indoorF' });
  });

  it('never throws, whatever is typed (random text)', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        expect(typeof readChart(`${HEAD}\n${text}`).ok).toBe('boolean');
        expect(typeof readChart(text).ok).toBe('boolean');
      }),
    );
  });
});

describe('between the points of a chart', () => {
  const chart = (text: string) => {
    const read = readChart(text);
    if (!read.ok) throw new Error(english(read.refused));
    return read.chart;
  };
  const place = { call: 'cooling', speed: 100, outdoorF: 90, indoorF: 78 } as const;

  it('is exact on a point and on any linear chart (random planes)', () => {
    fc.assert(
      fc.property(
        fc.tuple(fc.integer({ min: -3, max: 3 }), fc.integer({ min: -3, max: 3 }), fc.integer({ min: -3, max: 3 })),
        fc.tuple(
          fc.double({ min: 0, max: 1, noNaN: true }),
          fc.double({ min: 0, max: 1, noNaN: true }),
          fc.double({ min: 0, max: 1, noNaN: true }),
        ),
        ([a, b, c], [x, y, z]) => {
          const plane = (p: readonly number[]): number => 7 + a * p[0]! + b * p[1]! + c * p[2]!;
          const points = [0, 1].flatMap((i) =>
            [0, 0.4, 1].flatMap((j) => [0, 1].map((k) => ({ at: [i, j, k], value: plane([i, j, k]) }))),
          );
          const read = onRaggedGrid(points, [x, y, z]);
          expect(read.ok && read.value).toBeCloseTo(plane([x, y, z]), 9);
        },
      ),
    );
  });

  it('stays between the values around it (random tables)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 4, maxLength: 4 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, x, y) => {
          const points = values.map((value, i) => ({ at: [i >> 1, i & 1], value }));
          const read = onRaggedGrid(points, [x, y]);
          expect(read.ok && read.value).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
          expect(read.ok && read.value).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
        },
      ),
    );
  });

  it('two lines of unequal length are read where both reach', () => {
    const points = [
      { at: [0, 0], value: 0 },
      { at: [0, 10], value: 10 },
      { at: [1, 0], value: 0 },
      { at: [1, 4], value: 8 },
    ];
    expect(onRaggedGrid(points, [0.5, 2])).toEqual({ ok: true, value: 3 });
    expect(onRaggedGrid(points, [0.5, 6])).toEqual({ ok: false, outside: { axis: 1, low: 0, high: 4 } });
    // On the long line itself the short one is not asked.
    expect(onRaggedGrid(points, [0, 6])).toEqual({ ok: true, value: 6 });
  });

  it.each([
    [79.9, 78, { axis: 'outdoorF', low: 80, high: 100 }],
    [100.1, 78, { axis: 'outdoorF', low: 80, high: 100 }],
    [90, 74.9, { axis: 'indoorF', low: 75, high: 80 }],
    [90, 80.1, { axis: 'indoorF', low: 75, high: 80 }],
  ])('never extrapolates: outdoors %s, indoors %s', (outdoorF, indoorF, outside) => {
    expect(chartPoint(chart(GOOD), { ...place, outdoorF, indoorF })).toEqual({ ok: false, outside });
  });

  it.each([
    [97, true],
    [96.9, false],
    [103, true],
    [103.1, false],
  ])('a speed of %s against the only listed one of 100', (speed, good) => {
    expect(chartPoint(chart(GOOD), { ...place, speed }).ok).toBe(good);
  });

  it('a figure that is not given all around the place is left out, the rest is read', () => {
    const point = chartPoint(chart(GOOD.replace('cooling,100,100,75,12', 'cooling,100,100,75,')), {
      ...place,
      indoorF: 76,
    });
    expect(point.ok && Object.keys(point.figures)).toEqual(['suctionPsig']);
  });

  it('tells what is outside, and a call without points, by its field', () => {
    const out = makerChart({ chart: GOOD, ...place, outdoorF: 120 });
    expect(!out.ok && out.refused.field).toBe('outdoorF');
    const none = makerChart({ chart: GOOD, ...place, call: 'heating' });
    expect(!none.ok && none.refused.field).toBe('call');
    const bad = makerChart({ ...place, chart: 'x' });
    expect(!bad.ok && bad.refused.field).toBe('chart');
  });
});
