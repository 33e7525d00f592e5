import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { typed } from '@/core/words/said';
import { heatRiseCapacity } from './capacity';
import { heatingFigures } from './heating-capacity';
import { judgeStartUp } from './judge';
import type { JudgeInput } from './judge-input';
import { DEFAULT_SCHOOLS } from './system';
import { START_UP_SYSTEM, startUpReadings } from './testing/sample-start-up';

const value = (v: number, uncertainty = 0.5) => ({ value: v, uncertainty, source: 'typed' as const });
const SYSTEM = {
  ...START_UP_SYSTEM,
  heatPump: true,
  ratedHeat: { capacity47Btuh: 35000, capacity17Btuh: 21000 },
};
const readings = (o: { outdoorF?: number; riseF?: number; amps?: number; discharge?: number } = {}) => ({
  ...startUpReadings({ outdoorF: o.outdoorF ?? 47, amps: o.amps ?? 10 }),
  returnDryBulbF: value(70),
  supplyDryBulbF: value(70 + (o.riseF ?? 27.5)),
  ...(o.discharge === undefined ? {} : { dischargeLineF: value(o.discharge) }),
});
const input = (change: Partial<JudgeInput> = {}): JudgeInput => ({
  system: SYSTEM,
  readings: readings(),
  steady: { state: 'steady', say: typed(''), steadyForS: 360, waitS: 0, channels: {} },
  airflow: { cfm: 1180, method: 'flow grid or hood', source: 'typed' },
  confirmations: {
    filterClean: true,
    indoorCoilClean: true,
    outdoorCoilCleanDry: true,
    enclosureRestored: true,
    auxOff: true,
  },
  schools: DEFAULT_SCHOOLS,
  mode: 'heating',
  ranMin: 20,
  ...change,
});
const found = (change: Partial<JudgeInput> = {}): Finding[] => judgeStartUp(input(change)).findings;
const verdict = (id: string, change: Partial<JudgeInput> = {}) => found(change).find((f) => f.id === id)?.verdict;

describe('heat of a heat pump by the air', () => {
  // The worked case of `heat-rise-capacity`: 1,180 CFM at 27.5 °F carry 35,046 Btu/h at sea level (heat balance).
  it('is the heat balance of the air, at any station', () => {
    expect(heatingFigures(input())!.btuh).toBeCloseTo(35046, -1);
    const high = heatRiseCapacity({ cfm: 1180, riseF: 27.5, elevationFt: 5280 });
    const there = heatingFigures(input({ system: { ...SYSTEM, barometerPsia: 12.1 } }))!.btuh;
    expect(high.ok && Math.abs(there - high.value.btuh) / there).toBeLessThan(0.001);
  });
  it('stands at the maker’s two points, and between frost and clear coil in between', () => {
    const at = (outdoorF: number) => heatingFigures(input({ readings: readings({ outdoorF }) }))!.expected;
    expect(at(47)).toMatchObject({ low: 0.85 * 35000, high: 1.15 * 35000 });
    expect(at(17).low).toBeCloseTo(0.85 * 21000, 6);
    // At 35 °F: 26,460 Btu/h with frost (AHRI 210/240), 29,400 on the straight line.
    expect(at(35).low).toBeCloseTo(0.85 * 26460, 6);
    expect(at(35).high).toBeCloseTo(1.15 * 29400, 6);
  });
  it('carries the uncertainty of both: wider with a small rise', () => {
    const off = (riseF: number) => {
      const f = heatingFigures(input({ readings: readings({ riseF }) }))!;
      return f.btuhOff / f.btuh;
    };
    expect(off(27.5)).toBeCloseTo(Math.hypot(0.07, Math.hypot(0.5, 0.5) / 27.5), 9);
    expect(off(5)).toBeGreaterThan(off(27.5));
  });
  it.each([
    ['a little below the band', 23.2, 'look-again'],
    ['inside it', 27.5, 'good'],
    ['a little above it', 31.9, 'look-again'],
  ])('%s', (_name, riseF, wanted) => {
    expect(verdict('heating-capacity', { readings: readings({ riseF }) })).toBe(wanted);
  });
  it('too little looks at frost and air, too much at the strips: nobody is told to add charge', () => {
    for (const riseF of [15, 45]) {
      const all = found({ readings: readings({ riseF }) });
      expect(all.find((f) => f.id === 'heating-capacity')?.next?.action?.kind).toBe('prove-airflow');
      expect(all.some((f) => f.next?.action?.kind === 'weigh-in' || f.next?.action?.kind === 'recover')).toBe(false);
    }
  });
  it('says nothing without measured air, of an inverter, and while strips may run', () => {
    expect(verdict('heating-capacity', { airflow: undefined as never })).toBeUndefined();
    expect(verdict('heating-capacity', { system: { ...SYSTEM, inverter: true } })).toBeUndefined();
    const strips = input().confirmations;
    const open = { confirmations: { ...strips, auxOff: false } };
    expect(verdict('heating-capacity', open)).toBeUndefined();
    expect(found(open).find((f) => f.id === 'aux-off')?.next?.action).toEqual({
      kind: 'confirm',
      confirmation: 'auxOff',
    });
  });
  it('by the tonnage alone it is wider and less sure', () => {
    const { ratedHeat: _, ...plain } = SYSTEM;
    const f = heatingFigures(input({ system: plain }))!;
    expect(f.expected).toMatchObject({ low: 0.7 * 36000, high: 1.25 * 36000, rated: false });
    expect(found({ system: plain }).find((x) => x.id === 'heating-capacity')?.confidence).toBe('medium');
  });
});

describe('the discharge line in heating', () => {
  it.each([
    ['inside the rule', 150, true, 'good'],
    ['outside it, with the heat read by the air', 120, true, undefined],
    ['outside it, and no air to read the heat by', 120, false, 'look-again'],
    ['hotter than oil likes', 215, true, 'look-again'],
    ['at 225 °F it is a stop, not a hint', 226, true, undefined],
  ] as const)('%s', (_name, discharge, air, wanted) => {
    const change = { readings: readings({ discharge }), ...(air ? {} : { airflow: undefined as never }) };
    expect(verdict('heating-discharge', change)).toBe(wanted);
  });
});

describe('the low one of two stages', () => {
  const low = (amps: number, fullStageA?: number) =>
    verdict('stage-amps', { mode: 'heating-low', readings: readings({ amps }), ...(fullStageA ? { fullStageA } : {}) });
  it('draws clearly less than the full one did', () => {
    // Between half and four fifths of the full stage: 7.6 of 12.4 A is 0.61, 12.1 of 12.4 A is a stage that does not change.
    expect([low(7.6, 12.4), low(8, 10), low(5, 10)]).toEqual(['good', 'good', 'good']);
    expect([low(12.1, 12.4), low(8.1, 10), low(4.9, 10)]).toEqual(['look-again', 'look-again', 'look-again']);
    expect(low(7)).toBe('not-proven');
  });
  it('is read after the full one', () => {
    const asked = found({ mode: 'cooling-low', readings: startUpReadings() }).find((f) => f.id === 'stage-amps');
    expect(asked?.next?.action).toEqual({ kind: 'set-mode', mode: 'cooling' });
  });
  it('never moves charge', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 25, noNaN: true }),
        fc.double({ min: -1, max: 30, noNaN: true }),
        (sc, sh) => {
          const all = found({ mode: 'cooling-low', readings: startUpReadings({ sc, sh }), fullStageA: 14 });
          return !all.some((f) => f.next?.action?.kind === 'weigh-in' || f.next?.action?.kind === 'recover');
        },
      ),
      { numRuns: 100 },
    );
  });
});
