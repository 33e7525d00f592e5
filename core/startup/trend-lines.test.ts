import { describe, expect, it } from 'vitest';
import { superheat } from '@/core/refrigerant/saturation-calculations';
import { trendLines } from './trend-lines';

const SYSTEM = { refrigerant: 'R-410A', barometerPsia: 14.7 } as const;
const at = (runSeconds: number, values: Partial<Record<string, number | null>> = {}) => ({
  runSeconds,
  values: { suctionPsig: 118, suctionLineF: 54, returnDryBulbF: 78, supplyDryBulbF: 58.04, ...values },
});
const seconds = (from: number, to: number) => Array.from({ length: to - from }, (_, i) => at(from + i));
const lineOf = (samples: ReturnType<typeof at>[], id: string, gaps: number[] = []) =>
  trendLines({ ...SYSTEM, samples, gaps }).find((l) => l.id === id)!.pieces;

describe('lines of a trend', () => {
  it('are superheat as it is computed and the split of the air, over minutes', () => {
    const sh = superheat({ ...SYSTEM, suctionPsig: 118, suctionLineF: 54 });
    expect(sh.ok && lineOf([at(60)], 'superheat')).toEqual([[[1, expect.closeTo(sh.ok ? sh.value.superheatF : 0, 1)]]]);
    expect(lineOf([at(60)], 'air-split')).toEqual([[[1, 20]]]);
    // Nobody reads the liquid: there is no line of it.
    expect(lineOf([at(60)], 'subcooling')).toEqual([]);
  });
  it('break at a gap that the run names and at a hole of its own, and nowhere else', () => {
    const run = [...seconds(0, 10), ...seconds(20, 30), ...seconds(60, 70)];
    expect(lineOf(run, 'air-split').map((p) => p.length)).toEqual([20, 10]);
    expect(lineOf(run, 'air-split', [20]).map((p) => p.length)).toEqual([10, 10, 10]);
  });
  it('leave out what an instrument did not give', () => {
    const [piece] = lineOf([at(0), at(1, { supplyDryBulbF: null }), at(2)], 'air-split');
    expect(piece!.map(([min]) => min * 60)).toEqual([0, 2]);
  });
  it('of an hour and more are drawn with so many points, the newest among them', () => {
    const [piece] = lineOf(seconds(0, 7200), 'air-split');
    expect(piece!.length).toBeLessThanOrEqual(361);
    expect(piece!.at(-1)![0]).toBeCloseTo(7199 / 60, 6);
  });
});
