import { describe, expect, it } from 'vitest';
import { inrushFromCsv, simulatedStart } from './read-clamp';

describe('a start out of a logged current', () => {
  const csv = (head: string) => {
    const r = simulatedStart(80, 'before');
    if (!r.ok) throw new Error('the simulated clamp reads');
    return head + r.value.samples.map(([s, a]) => `${s},${a}`).join('\n');
  };
  it('reads seconds and amps with a head or without', () => {
    for (const head of ['', 'seconds,amps\n']) {
      const r = inrushFromCsv(csv(head));
      expect(r.ok && r.value.inrush.runRmsA).toBeCloseTo(0.14 * 80, 0);
      expect(r.ok && r.value.inrush.startRmsA).toBeGreaterThan(0.7 * 80);
    }
  });
  it('names the row that it cannot read; an empty file has too few points', () => {
    const broken = inrushFromCsv(`s,a\n0,1\n0.0003,much\n0.0006,2`);
    expect(!broken.ok && broken.refused).toMatchObject({ field: 'samples', message: { with: { row: 3 } } });
    expect(inrushFromCsv('').ok).toBe(false);
  });
  it('the simulated starter takes more than half of the inrush off', () => {
    const [hard, soft] = (['before', 'after'] as const).map((when) => {
      const r = simulatedStart(80, when);
      return r.ok ? r.value.inrush : undefined;
    });
    expect(soft!.startRmsA).toBeLessThan(0.5 * hard!.startRmsA);
    expect(soft!.startS).toBeGreaterThan(hard!.startS);
  });
});
