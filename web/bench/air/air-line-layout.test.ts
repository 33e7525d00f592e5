import { describe, expect, it } from 'vitest';
import { EMPTY_AIR } from '@/core/air/duct/air-sheet';
import { planAir } from '@/core/air/duct/plan-air';
import { layoutAirLine } from './air-line-layout';

const run = (id: string, cfm: number) => ({ id, name: id, cfm, kind: 'metal' as const, existingIn: null, slackPct: 0 });
const plan = planAir({
  ...EMPTY_AIR,
  plenum: [run('hall', 100), run('entry', 100)],
  trunk: [run('living', 500), run('bed', 300), run('bath', 200)],
});

describe('the one-line duct sketch', () => {
  it.each([340, 700, 1100])('draws every run and section inside %d px, the trunk getting thinner', (width) => {
    const l = layoutAirLine(plan, width);
    expect(l.branches.map((b) => b.id)).toEqual(['hall', 'entry', 'living', 'bed', 'bath']);
    expect(l.trunk.length).toBe(3);
    for (const d of [...l.trunk, ...l.branches]) {
      expect(Math.max(d.x0, d.x1)).toBeLessThanOrEqual(width);
      expect(Math.max(d.y0, d.y1)).toBeLessThanOrEqual(l.height);
    }
    for (let i = 1; i < l.trunk.length; i++) {
      expect(l.trunk[i]!.x0).toBeCloseTo(l.trunk[i - 1]!.x1, 6);
      expect(l.trunk[i]!.thick).toBeLessThanOrEqual(l.trunk[i - 1]!.thick);
    }
    // What flows in the first section is everything that does not leave at the plenum.
    expect(l.trunk[0]!.note).toMatch(/^1000/);
  });
});
