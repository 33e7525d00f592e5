import { describe, expect, it } from 'vitest';
import { learnedSteps } from './learned-steps';
import { type RunSample, readingsFromRun, steadySamples, withTyped } from './live';

const sample = (runSeconds: number, liquidPsig: number | null): RunSample => ({
  runSeconds,
  values: { liquidPsig, liquidLineF: 103 },
});

describe('readings of a run', () => {
  it('are the mean of the last 15 s', () => {
    const samples = Array.from({ length: 60 }, (_, i) => sample(i, i < 40 ? 500 : 370 + (i % 2 ? 1 : -1)));
    expect(readingsFromRun(samples, 'simulated', 0).liquidPsig).toMatchObject({
      value: 370,
      source: 'simulated',
      trouble: undefined,
    });
  });
  it('are lost when the instrument gives nothing, stale when nothing came for over 10 s', () => {
    const samples = [sample(1, 370), sample(2, 370), sample(3, null)];
    expect(readingsFromRun(samples, 'simulated', 0).liquidPsig).toMatchObject({ trouble: 'lost' });
    expect(readingsFromRun(samples, 'simulated', 0).liquidLineF).toMatchObject({ trouble: undefined });
    expect(readingsFromRun(samples, 'simulated', 11).liquidLineF).toMatchObject({ trouble: 'stale' });
    expect(readingsFromRun([], 'simulated', 0)).toEqual({});
  });
  it('a probe that gives the very same value for a minute is stuck; one that scatters is not', () => {
    const samples = Array.from({ length: 90 }, (_, i) => sample(i, 370 + (i % 3) / 10));
    const r = readingsFromRun(samples, 'simulated', 0);
    expect(r.liquidLineF).toMatchObject({ trouble: 'stuck' });
    expect(r.liquidPsig).toMatchObject({ trouble: undefined });
    expect(readingsFromRun(samples.slice(0, 50), 'simulated', 0).liquidLineF).toMatchObject({ trouble: undefined });
  });
  it('a typed value replaces its instrument and says so', () => {
    const r = withTyped(readingsFromRun([sample(1, null)], 'simulated', 0), { liquidPsig: 365 });
    expect(r.liquidPsig).toEqual({ value: 365, uncertainty: 2, source: 'typed' });
  });
  it('superheat and subcooling of a sample without its pressure are null, not a number', () => {
    const [s] = steadySamples([sample(1, null)], { refrigerant: 'R-454B', barometerPsia: 14.7 });
    expect(s).toMatchObject({ superheatF: null, subcoolingF: null });
  });
});

describe('what earlier charge steps did', () => {
  const run = (change: (t: number) => number) =>
    Array.from({ length: 1600 }, (_, t) => ({ runSeconds: t, subcoolingF: change(t), superheatF: 20 - change(t) }));
  it('°F before and 8 min after; superheat counts the other way', () => {
    const samples = run((t) => (t < 620 ? 6 : 8));
    expect(learnedSteps([{ startS: 600, endS: 640, oz: 4 }], samples, 'subcoolingF')).toEqual([
      { oz: 4, changeF: expect.closeTo(2, 6) },
    ]);
    expect(learnedSteps([{ startS: 600, endS: 640, oz: 4 }], samples, 'superheatF')).toEqual([
      { oz: 4, changeF: expect.closeTo(2, 6) },
    ]);
  });
  it('a step that has not settled yet is left out', () => {
    expect(
      learnedSteps(
        [{ startS: 1400, endS: 1440, oz: 4 }],
        run(() => 6),
        'subcoolingF',
      ),
    ).toEqual([]);
  });
});
