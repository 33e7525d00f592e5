import { describe, expect, it } from 'vitest';
import { chartPoint } from '@/core/equipment/chart/chart-point';
import { readChart } from '@/core/equipment/chart/read-chart';
import { judgeStartUp } from '@/core/startup/judge';
import type { JudgeInput } from '@/core/startup/judge-input';
import { limitOf, requiredNow } from '@/core/startup/limit';
import { DEFAULT_SCHOOLS, type StartUpSystem } from '@/core/startup/system';
import { START_UP_SYSTEM, startUpReadings } from '@/core/startup/testing/sample-start-up';
import { typed } from '@/core/words/said';
import { english } from '@/core/words/testing/english';

import { chartHalfBand } from './chart-bands';

/** The chart says 10 °F of subcooling and 11 °F of superheat at 94 °F outdoors, 76 °F indoors, halfway between its points. */
const CHART = `call,speed,outdoorF,indoorF,subcoolingF,superheatF
cooling,100,84,76,8,10
cooling,100,104,76,12,12
cooling,60,84,76,5,10
cooling,60,104,76,9,12`;
const chartOf = (text: string) => {
  const read = readChart(text);
  if (!read.ok) throw new Error(english(read.refused));
  return read.chart;
};
const SYSTEM: StartUpSystem = {
  ...START_UP_SYSTEM,
  metering: 'eev',
  inverter: true,
  heatPump: true,
  chart: chartOf(CHART),
};
const value = (v: number) => ({ value: v, uncertainty: 0.5, source: 'typed' as const });
const gauge = (v: number, uncertainty: number) => ({ value: v, uncertainty, source: 'typed' as const });
const readings = (change: object = {}, o: Parameters<typeof startUpReadings>[0] = {}) => ({
  ...startUpReadings(o),
  compressorSpeed: value(100),
  ...change,
});
const input = (change: Partial<JudgeInput>): JudgeInput => ({
  system: SYSTEM,
  readings: readings(),
  steady: { state: 'steady', say: typed('steady'), steadyForS: 360, waitS: 0, channels: {} },
  airflow: { cfm: 1206, method: 'flow grid or hood', source: 'typed' },
  confirmations: {
    filterClean: true,
    indoorCoilClean: true,
    outdoorCoilCleanDry: true,
    enclosureRestored: true,
    testModeCooling: true,
  },
  schools: DEFAULT_SCHOOLS,
  mode: 'cooling',
  ranMin: 30,
  speedHeldMin: 10,
  ...change,
});
const judge = (change: Partial<JudgeInput> = {}) => {
  const { findings, figures } = judgeStartUp(input(change));
  return { findings, figures, chart: findings.find((f) => f.id === 'maker-chart') };
};

describe('the band around a chart', () => {
  it('is the worked case: four corners, 91/77 °F, 347.8 ± 5.8 psig', () => {
    // By hand: slopes 4.44 and 1.72 psi a degree, probes ±1 and ±0.5 °F, chart ±3, gauge ±2 psi.
    const corners = chartOf(
      'call,speed,outdoorF,indoorF,liquidPsig\ncooling,100,85,75,318\ncooling,100,85,80,326\ncooling,100,95,75,362\ncooling,100,95,80,371',
    );
    const place = { call: 'cooling', speed: 100, outdoorF: 91, indoorF: 77 } as const;
    const off = { outdoorF: 1, indoorF: 0.5, reading: 2 };
    expect(chartHalfBand(corners, place, 'liquidPsig', off, DEFAULT_SCHOOLS)).toBeCloseTo(5.8, 1);
    const point = chartPoint(corners, place);
    expect(point.ok && point.figures.liquidPsig).toBeCloseTo(347.8, 1);
    // At a corner the slope is that of the side that is there.
    const corner = { ...place, outdoorF: 85, indoorF: 75 };
    expect(chartHalfBand(corners, corner, 'liquidPsig', off, DEFAULT_SCHOOLS)).toBeCloseTo(
      Math.hypot(4.4, 0.8, 3, 2),
      2,
    );
  });
});

describe('an inverter against its maker’s chart', () => {
  it('is good where every figure of the chart is met, and owes nothing', () => {
    const { chart, findings, figures } = judge();
    expect(chart?.verdict).toBe('good');
    // Subcooling moves 0.2 °F a degree outdoors: √(0.2² + 3² + 1.1²); superheat 0.1: √(0.1² + 5² + 1.1²).
    const half = chart!.evidence!.map((e) => (e.band!.high - e.band!.low) / 2);
    expect(half[0]).toBeCloseTo(5.12, 1);
    expect(half[1]).toBeCloseTo(3.2, 1);
    expect(findings.filter((f) => f.owed || f.verdict !== 'good')).toEqual([]);
    // The figure shows the chart's target, not the plate's.
    expect(figures.byId.subcooling.target).toMatchObject({ value: 10 });
    expect(figures.byId.superheat.target).toMatchObject({ value: 11 });
  });

  it('the target moves with the weather and the speed, by hand', () => {
    // 60 %: halfway between 84 and 104 °F the chart says 7 °F.
    const slow = judge({ readings: readings({ compressorSpeed: value(60) }) });
    expect(slow.figures.byId.subcooling.target?.value).toBe(7);
    // 80 %: halfway between the two tables.
    const between = judge({ readings: readings({ compressorSpeed: value(80) }) });
    expect(between.figures.byId.subcooling.target?.value).toBe(8.5);
  });

  it.each([
    [{ sc: 6.7 }, 'look-again'],
    [{ sc: 6.9 }, 'good'],
    [{ sc: 13.1 }, 'good'],
    [{ sc: 13.3 }, 'look-again'],
    [{ sh: 5.8 }, 'look-again'],
    [{ sh: 5.95 }, 'good'],
    [{ sh: 16.05 }, 'good'],
    [{ sh: 16.2 }, 'look-again'],
  ] as const)('a reading of %j is %s', (o, verdict) => {
    const { chart } = judge({ readings: readings({}, o) });
    expect(chart?.verdict).toBe(verdict);
    // Off its chart is never answered with refrigerant.
    expect(['weigh-in', 'recover']).not.toContain(chart?.next?.action?.kind);
  });

  it('says which figure is off and by what', () => {
    const { chart } = judge({ readings: readings({}, { sc: 3 }) });
    expect(english(chart!.claim)).toBe('Off the maker’s chart: Subcooling 3.0 °F, chart 10.0 °F.');
    expect(chart?.miss).toBeCloseTo(7 / 3.2, 1);
  });

  it('off the chart without measured air asks for the air first', () => {
    const off = readings({}, { sc: 3 });
    const { airflow: _, ...without } = input({ readings: off });
    const chart = judgeStartUp(without).findings.find((f) => f.id === 'maker-chart');
    expect(chart?.next?.action).toEqual({ kind: 'prove-airflow' });
    expect(judge({ readings: off }).chart?.next?.action).toEqual({ kind: 'check', what: 'subcooling' });
  });

  it.each<[string, Partial<JudgeInput>, object]>([
    [
      'test mode',
      { confirmations: { ...input({}).confirmations, testModeCooling: false } },
      { kind: 'confirm', confirmation: 'testModeCooling' },
    ],
    ['speed', { readings: startUpReadings() }, { kind: 'enter-reading', quantity: 'compressorSpeed' }],
    [
      'a listed speed',
      { readings: readings({ compressorSpeed: value(45) }) },
      { kind: 'enter-reading', quantity: 'compressorSpeed' },
    ],
    ['hold', { speedHeldMin: 9.9 }, { kind: 'wait' }],
    ['any hold', { speedHeldMin: undefined } as never, { kind: 'wait' }],
    [
      'steadiness',
      { steady: { state: 'settling', say: typed('moving'), steadyForS: 0, waitS: 240, channels: {} } },
      { kind: 'wait' },
    ],
  ])('proves nothing without %s, and asks for it', (_what, change, action) => {
    const { chart } = judge(change);
    expect(chart?.verdict).toBe('not-proven');
    expect(chart?.next?.action).toEqual(action);
  });

  it('the wait is what is left of the hold', () => {
    expect(judge({ speedHeldMin: 3.2 }).chart?.next?.waitMin).toBe(7);
  });

  it.each([
    [84, 'maker-chart', undefined],
    [83.9, 'inverter', 'warm'],
    [104, 'maker-chart', undefined],
    [104.1, 'inverter', 'cold'],
  ])('outdoors at %s °F: %s, owed in the %s season', (outdoorF, id, season) => {
    const limit = limitOf(input({ readings: readings({}, { outdoorF }) }));
    expect(limit?.id).toBe(id);
    expect(limit?.owed?.season).toBe(season);
  });

  it('indoors off the chart is owed in any season; without a chart the weight is all there is', () => {
    const limit = limitOf(input({ readings: readings({ returnDryBulbF: value(80) }) }));
    expect(limit?.owed).toEqual({ proof: 'maker-test-mode', season: 'any' });
    const { chart: _, ...none } = SYSTEM;
    expect(limitOf(input({ system: none }))?.owed).toEqual({ proof: 'maker-test-mode', season: 'any' });
  });

  it('a chart of cooling alone says nothing of heating', () => {
    const cold = { ...readings({}, { outdoorF: 40 }), supplyDryBulbF: value(95), returnDryBulbF: value(70) };
    expect(limitOf(input({ mode: 'heating', readings: cold }))?.id).toBe('inverter');
  });

  it('in heating it is the gauges that are compared, in a test mode of its own', () => {
    const chart = chartOf(
      'call,speed,outdoorF,indoorF,suctionPsig,liquidPsig,subcoolingF\nheating,100,30,70,60,300,5\nheating,100,50,70,90,340,5',
    );
    const cold = {
      ...readings({ suctionPsig: value(75), liquidPsig: value(320) }, { outdoorF: 40 }),
      supplyDryBulbF: value(95),
      returnDryBulbF: value(70),
    };
    const confirmations = { ...input({}).confirmations, auxOff: true, testModeHeating: true, testModeCooling: false };
    const run = (change: Partial<JudgeInput>) =>
      judge({ mode: 'heating', system: { ...SYSTEM, chart }, readings: cold, confirmations, ...change }).chart;
    expect(run({})?.verdict).toBe('good');
    expect(run({})?.evidence?.map((e) => e.value)).toEqual([75, 320]);
    // It moves 2 psi a degree outdoors: √(2² + 3² + 2²) = 4.1; suction 1.5: √(1.5² + 3² + 1²) = 3.5.
    expect(run({ readings: { ...cold, liquidPsig: gauge(324.2, 2) } })?.verdict).toBe('look-again');
    expect(run({ readings: { ...cold, liquidPsig: gauge(324.1, 2) } })?.verdict).toBe('good');
    expect(run({ readings: { ...cold, suctionPsig: gauge(71.4, 1) } })?.verdict).toBe('look-again');
    expect(run({ readings: { ...cold, suctionPsig: gauge(71.6, 1) } })?.verdict).toBe('good');
    expect(run({ confirmations: { ...confirmations, testModeHeating: false } })?.next?.action).toEqual({
      kind: 'confirm',
      confirmation: 'testModeHeating',
    });
  });

  it('asks for what the chart is entered by and compared with, and for nothing else besides the season’s', () => {
    const needs = requiredNow(limitOf(input({})));
    for (const q of ['compressorSpeed', 'returnDryBulbF', 'suctionPsig', 'suctionLineF', 'liquidPsig', 'liquidLineF'])
      expect(needs).toContain(q);
    expect(needs).not.toContain('returnWetBulbF');
    expect(new Set(needs).size).toBe(needs.length);
  });

  it('stops stop it all the same', () => {
    const { findings } = judge({ readings: readings({ dischargeLineF: value(230) }) });
    expect(findings.some((f) => f.verdict === 'stop')).toBe(true);
  });
});
