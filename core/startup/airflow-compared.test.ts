import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AIRFLOW_METHODS, airflowByDrop } from './airflow';
import { airflowCompared, compareAirflow, METHOD_SHARE, type MeasuredAir } from './airflow-compared';
import { methodFinding } from './airflow-methods';

const [GRID, STRIPS, STATIC] = AIRFLOW_METHODS;
const grid = (cfm: number): MeasuredAir => ({ method: GRID, cfm });
const strips = (cfm: number): MeasuredAir => ({ method: STRIPS, cfm });
const stat = (cfm: number): MeasuredAir => ({ method: STATIC, cfm });

describe('several measurements of one airflow', () => {
  it('agree as far as both may be off together, not beyond', () => {
    // √(70² + 80²) = 106 at 1,000 CFM; the spread of the second grows with it.
    expect(compareAirflow([grid(1000), strips(1100)]).agrees).toBe(true);
    expect(compareAirflow([grid(1000), strips(1120)])).toMatchObject({ agrees: false });
    expect(compareAirflow([grid(1000), strips(900)]).agrees).toBe(true);
    expect(compareAirflow([grid(1000), strips(880)]).agrees).toBe(false);
  });

  it('name the odd one of three; of two nobody can tell', () => {
    expect(compareAirflow([grid(1180), strips(1141), stat(1560)]).odd).toEqual(stat(1560));
    expect(compareAirflow([grid(1600), strips(1141), stat(1120)]).odd).toEqual(grid(1600));
    expect(compareAirflow([grid(1180), strips(1560)]).odd).toBeUndefined();
    // Three that all stand apart: none is the odd one.
    expect(compareAirflow([grid(800), strips(1200), stat(1800)])).toMatchObject({ agrees: false });
    expect(compareAirflow([grid(800), strips(1200), stat(1800)]).odd).toBeUndefined();
    // The middle one agrees with both ends, the ends not with each other: either end may be wrong.
    expect(compareAirflow([grid(1000), strips(1095), stat(1210)])).toMatchObject({ agrees: false });
  });

  it('mean lies between them, is nearer to the better method, and is surer than either', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...AIRFLOW_METHODS), { minLength: 2, maxLength: 7 }),
        fc.double({ min: 300, max: 5000, noNaN: true }),
        fc.array(fc.double({ min: 0.985, max: 1.015, noNaN: true }), { minLength: 7, maxLength: 7 }),
        (methods, cfm, off) => {
          const of = methods.map((method, i) => ({ method, cfm: cfm * off[i]! }));
          const { cfm: mean, uncertaintyCfm, agrees } = compareAirflow(of);
          expect(agrees).toBe(true);
          expect(mean).toBeGreaterThanOrEqual(Math.min(...of.map((m) => m.cfm)) - 1e-9);
          expect(mean).toBeLessThanOrEqual(Math.max(...of.map((m) => m.cfm)) + 1e-9);
          expect(uncertaintyCfm).toBeLessThan(Math.min(...of.map((m) => METHOD_SHARE[m.method] * m.cfm)));
          // The order in which they were measured says nothing.
          expect(compareAirflow([...of].reverse()).cfm).toBeCloseTo(mean, 6);
        },
      ),
    );
  });

  it('one alone is itself with the spread of its method', () => {
    const { cfm, uncertaintyCfm, agrees } = compareAirflow([grid(1200)]);
    expect([cfm, agrees]).toEqual([1200, true]);
    expect(uncertaintyCfm).toBeCloseTo(84, 9);
    expect(methodFinding([grid(1200)])).toBeUndefined();
    expect(methodFinding(undefined)).toBeUndefined();
  });

  it('are told: agreed, one odd, or against each other, with what to do', () => {
    expect(methodFinding([grid(1180), strips(1141)])).toMatchObject({
      verdict: 'good',
      claim: { id: 'startup.methods-agree' },
    });
    expect(methodFinding([grid(1180), strips(1141)])?.next).toBeUndefined();
    expect(methodFinding([grid(1180), strips(1141), stat(1560)])).toMatchObject({
      verdict: 'good',
      claim: { id: 'startup.methods-but-one-agree' },
      next: { say: { id: 'startup.look-at-odd-instrument' } },
    });
    expect(methodFinding([grid(1180), strips(1560)])).toMatchObject({
      verdict: 'not-proven',
      miss: 1,
      next: { say: { id: 'startup.measure-by-a-third' }, action: { kind: 'prove-airflow' } },
    });
  });

  it('the calculation refuses the same method twice and an air out of range', () => {
    const refused = (measured: MeasuredAir[]) => {
      const r = airflowCompared({ measured });
      return r.ok ? undefined : r.refused.field;
    };
    expect(refused([grid(1000), grid(1010)])).toBe('measured');
    expect(refused([grid(10)])).toBe('measured.0.cfm');
    expect(refused([])).toBe('measured');
  });
});

describe('airflow by a drop', () => {
  it('goes with the root of the drop: four times the drop is twice the air (fan laws)', () => {
    const cfm = (dropInWc: number): number | undefined => {
      const r = airflowByDrop({ dropInWc, tableDropInWc: 0.2, tableCfm: 1000 });
      return r.ok ? r.value.airflowCfm : undefined;
    };
    expect(cfm(0.2)).toBeCloseTo(1000, 9);
    expect(cfm(0.8)).toBeCloseTo(2000, 9);
    expect(cfm(0.05)).toBeCloseTo(500, 9);
    expect(cfm(0.81)).toBeUndefined();
    expect(cfm(0.049)).toBeUndefined();
  });
});
