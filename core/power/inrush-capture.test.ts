import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startWave } from '@/core/plant/clamp/start-wave';
import { type CurrentSample, type Inrush, readInrush } from './inrush-capture';

const read = (samples: readonly CurrentSample[], hertz?: number): Inrush => {
  const r = readInrush(samples, hertz);
  if (!r.ok) throw new Error(r.refused.message.id);
  return r.value;
};
const why = (samples: readonly CurrentSample[], hertz?: number): string => {
  const r = readInrush(samples, hertz);
  return r.ok ? 'read' : r.refused.message.id;
};
const WAVE = { lockedA: 66, runA: 14, startS: 0.2, forS: 0.5, offset: 0 };

describe('a start out of a logged current', () => {
  it('of a plain sine it reads what a sine is (peak √2 of its RMS)', () => {
    const r = read(startWave({ ...WAVE, lockedA: 20, runA: 20 }));
    expect(r.peakA).toBeCloseTo(20 * Math.SQRT2, 6);
    expect(r.startRmsA).toBeCloseTo(20, 6);
    expect(r.runRmsA).toBeCloseTo(20, 6);
    expect(r.startS).toBe(0);
  });
  it('the start, the run, and the time between', () => {
    const r = read(startWave(WAVE));
    expect(r.startRmsA).toBeCloseTo(66, 0);
    expect(r.runRmsA).toBeCloseTo(14, 6);
    // Within 15 % of the run the last few hundredths before it is up.
    expect(r.startS).toBeGreaterThan(0.17);
    expect(r.startS).toBeLessThanOrEqual(0.2);
  });
  it('the offset of the first half waves shows in the peak far more than in the RMS', () => {
    const [plain, offset] = [read(startWave(WAVE)), read(startWave({ ...WAVE, offset: 0.8 }))];
    expect(offset.peakA).toBeGreaterThan(1.3 * plain.peakA);
    expect(offset.startRmsA).toBeLessThan(1.2 * plain.startRmsA);
    expect(offset.runRmsA).toBeCloseTo(plain.runRmsA, 3);
  });
  it('a lead before the start is not counted', () => {
    const late = startWave({ ...WAVE, forS: 0.5 }).map(([s, a]): CurrentSample => [s + 0.25, a]);
    const lead = Array.from({ length: 960 }, (_, i): CurrentSample => [i / 3840, 0]);
    const r = read([...lead, ...late]);
    expect(r.startS).toBeGreaterThan(0.17);
    expect(r.startS).toBeLessThanOrEqual(0.2);
    expect(r.startRmsA).toBeCloseTo(66, 0);
  });
  it.each([
    ['too short', startWave({ ...WAVE, forS: 0.015 }), 60, 'power.log-is-too-short'],
    ['too coarse', startWave({ ...WAVE, forS: 2, samplesPerS: 600 }), 60, 'power.log-is-too-coarse'],
    ['coarse for 60 Hz, fine for 50', startWave({ ...WAVE, hertz: 50, samplesPerS: 600 }), 50, 'read'],
    ['back in time', [...startWave(WAVE), [0.1, 3] as const], 60, 'power.log-is-out-of-order'],
    ['ends in the start', startWave({ ...WAVE, forS: 0.06 }), 60, 'power.log-ends-in-the-start'],
    ['twice the same moment', [...startWave(WAVE), startWave(WAVE).at(-1)!], 60, 'power.log-is-out-of-order'],
  ] as const)('%s: %s', (_, samples, hertz, said) => expect(why(samples, hertz)).toBe(said));
  it('reads what was put in (random starts)', () => {
    const any = fc.record({
      lockedA: fc.integer({ min: 40, max: 200 }),
      runA: fc.integer({ min: 4, max: 20 }),
      startS: fc.double({ min: 0.12, max: 0.6, noNaN: true }),
    });
    fc.assert(
      fc.property(any, (w) => {
        const r = read(startWave({ ...w, offset: 0, forS: w.startS + 0.3 }));
        expect(r.startRmsA).toBeGreaterThan(0.9 * w.lockedA);
        expect(r.startRmsA).toBeLessThanOrEqual(1.001 * w.lockedA);
        expect(r.runRmsA).toBeCloseTo(w.runA, 3);
        expect(r.startS).toBeGreaterThan(0.6 * w.startS);
        expect(r.startS).toBeLessThanOrEqual(w.startS);
      }),
      { numRuns: 40 },
    );
  });
});
