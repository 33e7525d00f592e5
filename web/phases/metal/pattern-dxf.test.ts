import DxfParser from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { flatBox } from '@/core/metal/flat/box-flat';
import { areaOf, type Point } from '@/core/metal/flat/piece';
import { flatTransition } from '@/core/metal/flat/transition-flat';
import { patternDxf } from './pattern-dxf';

type Entity = {
  type: string;
  layer: string;
  vertices?: { x: number; y: number }[];
  radius?: number;
  text?: string;
  shape?: boolean;
};
const WORDS = { title: 'Job 2149 · supply', warning: 'Cut a test strip first', piece: (id: string) => `side ${id}` };
const read = (dxf: string) => {
  const parsed = new DxfParser().parseSync(dxf) as unknown as { header: Record<string, number>; entities: Entity[] };
  return { ...parsed, on: (layer: string) => parsed.entities.filter((e) => e.layer === layer) };
};

describe('a pattern as DXF, read by another program', () => {
  it('is in inches one to one, each piece closed on CUT with its area, bends on their layers, a bar of 10 in', () => {
    const pieces = flatTransition({ bottomIn: [20, 16], topIn: [14, 14], heightIn: 12, offsetIn: [1, 0] });
    const { header, on } = read(patternDxf(pieces, WORDS));
    expect(header.$INSUNITS).toBe(1);
    const cuts = on('CUT');
    expect(cuts).toHaveLength(4);
    for (const [i, c] of cuts.entries()) {
      expect(c.shape).toBe(true);
      expect(Math.abs(areaOf(c.vertices!.map((v): Point => [v.x, v.y])))).toBeCloseTo(areaOf(pieces[i]!.cut), 4);
    }
    expect(on('BEND_UP').length + on('BEND_DOWN').length).toBe(16);
    const bar = on('MARK').at(-1)!;
    expect(Math.abs(bar.vertices![1]!.x - bar.vertices![0]!.x)).toBe(10);
    expect(on('TEXT').map((t) => t.text)).toContain('side -y');
  });
  it('marks collars as circles of their size', () => {
    const pieces = flatBox({ lengthIn: 36, widthIn: 16, heightIn: 14, collars: 2, collarIn: 8, gauge: 26 })!;
    const { on } = read(patternDxf(pieces, WORDS));
    expect(
      on('MARK')
        .filter((e) => e.type === 'CIRCLE')
        .map((e) => e.radius),
    ).toEqual([4, 4]);
  });
});
