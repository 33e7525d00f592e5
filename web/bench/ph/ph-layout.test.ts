import { describe, expect, it } from 'vitest';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { cyclePoints } from '@/core/startup/cycle-points';
import { startUpReadings } from '@/core/startup/testing/sample-start-up';
import { layoutPh } from './ph-layout';

const now = cyclePoints('R-454B', startUpReadings(), 14.696)!;
const before = cyclePoints('R-454B', startUpReadings({ sc: 4, over: 16 }), 14.696)!;
const numbers = (path: string): number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe.each([
  [720, 420],
  [358, 300],
])('the sheet at %d by %d', (width, height) => {
  const l = layoutPh('R-454B', { width, height }, now, before, 14.696);
  it('holds both cycles and every label inside its plot', () => {
    for (const c of [l.now, l.before!])
      for (const { x, y } of c.corners) {
        expect(x).toBeGreaterThan(l.plot.x0);
        expect(x).toBeLessThan(l.plot.x1);
        expect(y).toBeGreaterThan(l.plot.y0);
        expect(y).toBeLessThan(l.plot.y1);
      }
    expect(l.isotherms.length).toBeGreaterThanOrEqual(3);
    const labels = l.isotherms.flatMap((i) => i.labelX ?? []);
    expect(labels.length).toBeGreaterThanOrEqual(1);
    labels.forEach((x, i) => {
      expect(x + 30).toBeLessThanOrEqual(l.plot.x1);
      if (i) expect(x - labels[i - 1]!).toBeGreaterThanOrEqual(30);
    });
  });
  it('pressure ticks are never closer than they can be read, and rise upward', () => {
    expect(l.pressures.length).toBeGreaterThanOrEqual(4);
    for (let i = 1; i < l.pressures.length; i++)
      expect(l.pressures[i - 1]!.y - l.pressures[i]!.y).toBeGreaterThanOrEqual(26);
  });
  it('the meter falls straight down, the condenser runs level', () => {
    const at = Object.fromEntries(l.now.corners.map((c) => [c.name, c]));
    expect(at.evaporator!.x).toBeCloseTo(at.liquid!.x, 6);
    expect(at.discharge!.y).toBeCloseTo(at.liquid!.y, 6);
    expect(at.suction!.y).toBeCloseTo(at.evaporator!.y, 6);
    expect(at.discharge!.x).toBeGreaterThan(at.suction!.x);
  });
});

describe('any refrigerant', () => {
  it.each(REFRIGERANTS)('%s: the dome closes in on itself toward the top and is drawn in finite numbers', (r) => {
    const points = cyclePoints(r, { ...startUpReadings(), ...readable(r) }, 14.696)!;
    const l = layoutPh(r, { width: 600, height: 400 }, points, undefined, 14.696);
    expect(l.before).toBeUndefined();
    for (const line of l.dome) {
      expect(numbers(line).every(Number.isFinite)).toBe(true);
      expect(numbers(line).length).toBeGreaterThan(40);
    }
  });
});

/** Gauge readings that every refrigerant can have: 40 °F in the coil, 110 °F in the condenser. */
function readable(r: (typeof REFRIGERANTS)[number]) {
  const typed = (value: number) => ({ value, uncertainty: 1, source: 'typed' as const });
  const SAT: Record<string, [number, number]> = {
    'R-410A': [118, 365],
    'R-32': [121, 376],
    'R-454B': [108, 335],
    'R-22': [68, 226],
    'R-407C': [66, 245],
    'R-134a': [35, 146],
  };
  const [low, high] = SAT[r]!;
  return { suctionPsig: typed(low), liquidPsig: typed(high), suctionLineF: typed(55), liquidLineF: typed(95) };
}
