import { describe, expect, it } from 'vitest';
import { SYSTEMS, specOf, wiredFor } from '@/core/controls/control-network';
import { laidWires, withEdits } from '@/core/controls/edits';
import { COMPRESSOR_NODES, USUAL_BEFORE } from '@/core/power/starter-nodes';
import { boardLayout, TERMINAL_PX } from './board-layout';
import { bent, isJoint, placed } from './compressor-layout';
import { oldLayout } from './old-layout';

const BREAKS = { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' } as const;
const WIDTHS = [360, 560, 740, 1100];

describe('the board', () => {
  const every = SYSTEMS.flatMap((system) =>
    WIDTHS.map((width) => {
      const spec = specOf(system, BREAKS);
      const { plan } = wiredFor(spec);
      return { system, width, plan, layout: boardLayout(plan, width, spec.heat === 'strips' ? 'W2' : 'W1') };
    }),
  );
  it('stands inside its paper, no terminal on another, each laid conductor from terminal to terminal', () => {
    for (const { system, width, plan, layout } of every) {
      const name = `${system} ${width}`;
      for (const t of layout.terminals) {
        expect(t.x, name).toBeGreaterThanOrEqual(TERMINAL_PX / 2);
        expect(t.x, name).toBeLessThanOrEqual(width - TERMINAL_PX / 2);
        expect(t.y, name).toBeLessThan(layout.height);
        for (const o of layout.terminals)
          if (o !== t)
            expect(Math.hypot(o.x - t.x, o.y - t.y), `${name} ${t.node} ${o.node}`).toBeGreaterThan(TERMINAL_PX);
      }
      expect(layout.wires.map((w) => w.wire.id).toSorted()).toEqual(
        laidWires(plan)
          .map((w) => w.id)
          .toSorted(),
      );
      for (const { points, wire } of layout.wires) {
        const ends = [points[0]!, points.at(-1)!];
        const on = (p: { x: number; y: number }) => layout.terminals.some((t) => t.x === p.x && t.y === p.y);
        expect(ends.every(on), `${name} ${wire.id}`).toBe(true);
      }
    }
  });
  it('a crossed conductor changes its row on a slant, a straight one does not', () => {
    const { plan } = wiredFor(specOf('split-heat-pump', BREAKS));
    const crossed = withEdits(plan, [{ kind: 'swap', wire: 'outdoor:Y1', other: 'outdoor:OB', end: 'b' }]);
    const points = (p: typeof plan, id: string) =>
      boardLayout(p, 740, 'W2').wires.find((w) => w.wire.id === id)!.points;
    expect(points(plan, 'outdoor:Y1')).toHaveLength(2);
    expect(points(crossed, 'outdoor:Y1')).toHaveLength(4);
  });
  it('float on R and freeze stat in Y each stand in their line', () => {
    const { plan } = wiredFor(specOf('split-heat-pump', BREAKS));
    const { switches, columns } = boardLayout(plan, 740, 'W2');
    expect(switches.map((s) => s.device)).toEqual(['float', 'freeze']);
    expect(switches[0]!.from.x).toBe(columns.in);
    expect(switches[1]!.to.x).toBeGreaterThan(switches[1]!.from.x);
  });
});

describe('an old unit out of its list of wires', () => {
  it('terminals in order, each wire bent in a lane where it lies on no other', () => {
    const w = (number: string, from: string, to: string) => ({ number, from, to, how: 'traced' as const, coil: null });
    const { terminals, wires, height } = oldLayout(
      [w('1', 'C1-A1', 'TB-10'), w('2', 'C1-A2', 'TB-2'), w('3', 'TB-2', 'TB-10')],
      600,
    );
    expect(terminals.map((t) => t.name)).toEqual(['C1-A1', 'C1-A2', 'TB-2', 'TB-10']);
    expect(height).toBeGreaterThan(terminals.at(-1)!.y);
    const lanes = wires.map(({ points }) => ({
      x: points[1]!.x,
      ys: [points[1]!.y, points[2]!.y].toSorted((a, b) => a - b),
    }));
    for (const [i, a] of lanes.entries())
      for (const b of lanes.slice(i + 1))
        if (a.x === b.x) expect(a.ys[1]! < b.ys[0]! || b.ys[1]! < a.ys[0]!).toBe(true);
  });
});

describe('a compressor’s circuit', () => {
  it('places every terminal once, those of the starter only with it', () => {
    expect(
      placed(700, true)
        .map((p) => p.node)
        .toSorted(),
    ).toEqual([...COMPRESSOR_NODES].toSorted());
    expect(placed(700, false).some((p) => p.node.startsWith('SS.'))).toBe(false);
    const at = placed(700, true);
    for (const [i, a] of at.entries())
      for (const b of at.slice(i + 1)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(40);
  });
  it('a joint is itself whichever way round; its line ends on both terminals', () => {
    const [a, b] = USUAL_BEFORE[0]!;
    expect(isJoint([a, b], b, a)).toBe(true);
    expect(isJoint([a, b], a, 'COMP.S')).toBe(false);
    expect(bent({ node: a, x: 1, y: 2 }, { node: b, x: 30, y: 40 }, 3)).toMatch(/^M1 2C.* 30 40$/);
  });
});
