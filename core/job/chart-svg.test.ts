import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typed } from '@/core/words/said';
import type { Curve, Ladder, Lines } from './chart';
import { chartSvg } from './chart-svg';

const speak = (said: unknown): string =>
  typeof said === 'string' ? said : String((said as { values?: { value?: string } }).values?.value ?? 'said');
const curve = (points: [number, number][], scale: Curve['scale'] = 'log', at = 500): Curve => ({
  kind: 'curve',
  title: typed('Vacuum'),
  scale,
  points,
  bounds: [{ at, say: 'must hold below 500 µm' }],
  last: '285 µm',
});
/** The heights of the drawn line, from the top. */
const heights = (svg: string): number[] =>
  /<path d="M([^"]+)" fill="none" stroke="#1b2928" stroke-width="2"/
    .exec(svg)![1]!
    .split('L')
    .map((p) => Number(p.split(' ')[1]));
const boundAt = (svg: string): number => Number(/M46 ([\d.]+)L[\d. ]+" fill="none" stroke="#1b6b51"/.exec(svg)![1]);

describe('a curve of the report', () => {
  it('rises where the reading rises, and stands under its bound where the reading does', () => {
    const svg = chartSvg(
      curve([
        [0, 220],
        [5, 260],
        [10, 285],
      ]),
      speak,
    );
    const [a, b, c] = heights(svg) as [number, number, number];
    expect(a).toBeGreaterThan(b);
    expect(b).toBeGreaterThan(c);
    expect(c).toBeGreaterThan(boundAt(svg));
    expect(
      heights(
        chartSvg(
          curve([
            [0, 220],
            [10, 900],
          ]),
          speak,
        ),
      )[1],
    ).toBeLessThan(
      boundAt(
        chartSvg(
          curve([
            [0, 220],
            [10, 900],
          ]),
          speak,
        ),
      ),
    );
    expect(svg).toContain('285 µm');
    expect(svg).toContain('must hold below 500 µm');
  });
  it('on a log scale a tenth of it is as far down anywhere', () => {
    const h = heights(
      chartSvg(
        curve([
          [0, 10_000],
          [5, 1000],
          [10, 100],
        ]),
        speak,
      ),
    );
    expect(h[1]! - h[0]!).toBeCloseTo(h[2]! - h[1]!, 0);
  });
  it('stays within its frame, whatever was read', () => {
    const point = fc.tuple(
      fc.double({ min: 0, max: 600, noNaN: true }),
      fc.double({ min: 1, max: 800_000, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 2, maxLength: 30 }),
        fc.constantFrom('linear', 'log'),
        (points, scale) => {
          const svg = chartSvg(curve(points as [number, number][], scale as Curve['scale']), speak);
          expect(svg).not.toMatch(/NaN|Infinity|undefined/);
          for (const y of heights(svg)) {
            expect(y).toBeGreaterThanOrEqual(13);
            expect(y).toBeLessThanOrEqual(236);
          }
        },
      ),
    );
  });
  it('a value that never moved is drawn level', () => {
    const svg = chartSvg(
      curve(
        [
          [0, 400],
          [30, 400],
        ],
        'linear',
        400,
      ),
      speak,
    );
    expect(svg).not.toMatch(/NaN|Infinity/);
    expect(new Set(heights(svg)).size).toBe(1);
  });
});

describe('temperatures beside each other', () => {
  it('stand at their height, the computed ones dashed, a bracket where something is wanted', () => {
    const ladder: Ladder = {
      kind: 'ladder',
      title: typed('Cooling'),
      rungs: [
        { say: 'condensing', at: 113.1, computed: true },
        { say: 'liquid', at: 103, low: 100, high: 106 },
        { say: 'suction', at: 53.4 },
      ],
    };
    const svg = chartSvg(ladder, speak);
    const rungs = [...svg.matchAll(/M[\d.]+ ([\d.]+)L[\d.]+ [\d.]+" fill="none" stroke="#1b2928"/g)].map((m) =>
      Number(m[1]),
    );
    expect(rungs).toHaveLength(3);
    expect(rungs[0]).toBeLessThan(rungs[1]!);
    expect(rungs[1]).toBeLessThan(rungs[2]!);
    expect(svg.match(/stroke-dasharray/g)).toHaveLength(1);
    expect(svg.match(/stroke="#1b6b51"/g)).toHaveLength(1);
    expect(svg).toContain('>103.0<');
  });
});

describe('lines of a run', () => {
  const lines = (pieces: [number, number][][], rest: Partial<Lines> = {}): string =>
    chartSvg(
      { kind: 'lines', title: typed('Run'), lines: [{ say: 'Split 19 °F', pieces }], bounds: [], ...rest },
      speak,
    );
  const paths = (svg: string): string[] =>
    [...svg.matchAll(/<path d="([^"]+)" fill="none" stroke-linejoin/g)].map((m) => m[1]!);

  it('break where nothing was read: one path that is put down again for each piece', () => {
    const svg = lines([
      [
        [0, 10],
        [1, 12],
      ],
      [
        [5, 20],
        [6, 19],
      ],
    ]);
    expect(paths(svg)).toHaveLength(1);
    expect(paths(svg)[0]!.match(/M/g)).toHaveLength(2);
    expect(svg).toContain('Split 19 °F');
  });
  it('begin at the left where the run begins late, and the band lies between its two figures', () => {
    const svg = lines(
      [
        [
          [80, 10],
          [90, 14],
        ],
      ],
      { band: { low: 8, high: 12, say: 'wanted' } },
    );
    expect(paths(svg)[0]).toMatch(/^M46 /);
    const [, y, height] = /<rect [^>]*y="([\d.]+)" height="([\d.]+)"/.exec(svg)!.map(Number);
    const [from, to] = paths(svg)[0]!
      .slice(1)
      .split('L')
      .map((p) => Number(p.split(' ')[1])) as [number, number];
    // 10 is in the middle of 8 to 12; 14 above it.
    expect(from).toBeCloseTo(y! + height! / 2, 0);
    expect(to).toBeLessThan(y!);
  });
  it('have their words beside each other while there is room, in the next row where there is none, over the lines', () => {
    const named = (...words: string[]) =>
      chartSvg(
        { kind: 'lines', title: typed('Run'), lines: words.map((say) => ({ say, pieces: [[[0, 1]]] })), bounds: [] },
        speak,
      );
    const feet = (svg: string): number[] =>
      [...svg.matchAll(/<text x="[\d.]+" y="([\d.]+)" fill="#1b2928" font-size="10"/g)].map((m) => Number(m[1]));
    expect(new Set(feet(named('Superheat 12.6 °F', 'Subcooling 10 °F', 'Air split 19 °F'))).size).toBe(1);
    const long = feet(named('Sobrecalentamiento 12.6 °F', 'Subenfriamiento 10.2 °F', 'Salto del aire 19.9 °F'));
    expect(new Set(long).size).toBe(2);
    expect(Math.max(...long)).toBeLessThan(30);
  });
  it('are drawn whatever was read, without a figure that is none', () => {
    const value = fc.double({ min: -30, max: 700, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.array(value, { minLength: 1, maxLength: 9 }), { minLength: 1, maxLength: 4 }), (all) => {
        let minute = 0;
        const pieces = all.map((p) => p.map((v): [number, number] => [minute++, v]));
        expect(lines(pieces, { bounds: [{ at: -7, say: 'required' }] })).not.toMatch(/NaN|Infinity|undefined/);
      }),
    );
  });
});
