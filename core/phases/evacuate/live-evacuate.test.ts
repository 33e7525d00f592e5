import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { pumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { standingTest } from '@/core/circuit/vacuum/standing-test';
import { evacuationOf } from '@/core/phases/evacuate/evacuation';
import { touchedMin } from '@/core/phases/live/stream';
import { Crew } from '@/core/phases/live/testing/crew';
import { doing } from '@/core/phases/live/testing/doing';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { type Bench, vacuumBench } from '@/core/plant/bench/bench';
import { typed } from '@/core/words/said';
import { told } from '@/core/words/testing/english';
import { PUMP_SETUP } from '@/demo/sample-entries';
import { liveEvacuate, type VacuumFits } from './live-evacuate';

const HOSES = { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false };
const bench = (change: object = {}, waterOz = 0.004): Bench =>
  vacuumBench(
    { seed: 5, volumeFt3: 0.35, pumpCfm: 6, hoses: HOSES, pipeF: 75, leakMicronCfm: 0, gauge: 'right', ...change },
    waterOz,
  );
const log = (method: 'single-deep' | 'triple' = 'single-deep') =>
  new LogBuilder().add('pump-setup', { ...PUMP_SETUP, method }).add('blank-off', { microns: 34 });
const view = (b: LogBuilder) => evacuationOf(b.log, { schools: DEFAULT_CIRCUIT_SCHOOLS, wetReasons: [] });

/** What the worker would have fitted. */
function fits(crew: Crew): VacuumFits {
  const evac = view(crew.log);
  const points = crew.samples.flatMap((s): [number, number][] =>
    typeof s.values.microns === 'number' ? [[s.runSeconds / 60, s.values.microns]] : [],
  );
  if (evac.stage === 'standing') {
    const from = (evac.isolated!.body.runSeconds ?? 0) / 60;
    // The guide waits ten minutes before it looks at the fit.
    if (points.at(-1)![0] - from < 10) return { progress: undefined, standing: undefined };
    const judged = standingTest({
      samples: points.filter(([t]) => t >= from).map(([t, v]): [number, number] => [t - from, v]),
    });
    return { progress: undefined, standing: judged.ok ? { result: judged.value } : undefined };
  }
  const { body } = evac.setup!;
  const touched = touchedMin(crew.orders) ?? 0;
  const progress = pumpProgress(
    points.filter(([t]) => t >= touched),
    {
      volumeFt3: body.volumeFt3,
      pumpCfm: body.pumpCfm,
      hoses: HOSES,
      targetMicrons: evac.targetMicrons,
      coldestPipeF: body.coldestPipeF,
    },
  );
  return { progress, standing: undefined };
}
const follow = (crew: Crew, minutes: number): Crew =>
  crew.follow(minutes, () => liveEvacuate(view(crew.log), crew.stream(), fits(crew)), 10);

describe.each([
  ['simulated', false],
  ['own gear, told', true],
])('a crew that follows the guide (%s)', (_, told) => {
  // Told, the gauge goes on when the pump is about to pull: the crew has started it.
  const start = (crew: Crew): Crew => (told ? crew.order({ kind: 'pump', on: true }) : crew);
  it('pulls, valves off at the target, waits ten minutes, records: a tight, dry system is proven', () => {
    const crew = follow(start(new Crew(bench(), log(), told)), 60);
    const evac = view(crew.log);
    expect(evac.standing!.result.classification).toBe('tight');
    expect(evac.stage).toBe('proven');
    const isolated = evac.isolated ?? crew.log.log.find((e) => e.kind === 'isolated')!;
    expect((isolated.body as { microns: number }).microns).toBeLessThanOrEqual(300);
    const { samples } = evac.standing!.entry.body;
    expect(samples.at(-1)![0]).toBeGreaterThanOrEqual(10);
  });
  it('a wet system is swept before it is tested, and no leaking one is ever proven (property)', () => {
    const wet = follow(start(new Crew(bench({}, 0.3), log(), told)), 120);
    expect(wet.pressed.some((l) => /[Ss]w(eep|ept)/.test(l))).toBe(true);
    fc.assert(
      fc.property(fc.integer({ min: 25, max: 60 }), fc.integer({ min: 1, max: 1e6 }), (leakMicronCfm, seed) => {
        const crew = follow(start(new Crew(bench({ leakMicronCfm, seed }), log(), told)), 70);
        expect(view(crew.log).stage).not.toBe('proven');
      }),
      { numRuns: 6, seed: 8 },
    );
  });
  it('a triple evacuation sweeps twice before its standing test', () => {
    const crew = follow(start(new Crew(bench({}, 0.02), log('triple'), told)), 120);
    expect(view(crew.log).sweeps.length).toBeGreaterThanOrEqual(2);
    expect(crew.pressed.indexOf(told ? 'Valved off, test it' : 'Valve off and test')).toBeGreaterThan(
      crew.pressed.findLastIndex((l) => /[Ss]w(eep|ept)/.test(l)),
    );
    expect(view(crew.log).stage).toBe('proven');
  });
});

describe('the guide of the evacuation', () => {
  it('after a test that leaked the leak comes first, not another pull', () => {
    const crew = follow(new Crew(bench({ leakMicronCfm: 40 }), log()), 40);
    const at = crew.said.findIndex((s) => /^Ten minutes are up/.test(s));
    expect(crew.said[at + 1]).toMatch(/soap-test every joint/);
    expect(crew.pressed).toContain('Fixed: pull again');
  });
  it('a pump whose oil is wet: the quick test tells neither leak nor water, fresh oil brings it down', () => {
    const crew = new Crew(bench(), log());
    (crew.bench.state as { oilWet: number }).oilWet = 1;
    follow(crew, 90);
    expect(crew.pressed).toEqual([
      'Start the pump',
      'Valve off and test',
      'Record the test',
      'Oil changed: pull again',
      'Valve off and test',
      'Record the test',
    ]);
    expect(view(crew.log).stage).toBe('proven');
    expect(crew.log.log.some((e) => e.kind === 'oil-change')).toBe(true);
  });
  it('what the gauge did before the valve was opened again is no stand (no false cause after a sweep)', () => {
    const crew = follow(new Crew(bench({}, 0.3), log()), 60);
    const swept = crew.said.findIndex((s) => /^Swept and soaked/.test(s));
    expect(crew.said[swept + 1]).toMatch(/^Pulling down/);
  });
  it('each cause of a stand has its own remedy', () => {
    const crew = new Crew(bench(), log()).order({ kind: 'pump', on: true }).wait(30);
    crew.samples.push({ runSeconds: 31, values: { microns: 900 } });
    const remedy = (cause: 'water' | 'ice' | 'hoses' | 'leak or outgassing') =>
      doing(
        liveEvacuate(view(crew.log), crew.stream(), {
          progress: { nowMicrons: 900, stalled: true, causes: [{ cause, why: typed(''), act: typed('') }] },
          standing: undefined,
        }),
      );
    expect(remedy('water').entry!.kind).toBe('sweep');
    expect(remedy('ice').entry!.kind).toBe('sweep');
    expect(remedy('hoses').form).toBe('pump-setup');
    expect(remedy('leak or outgassing').entry!.kind).toBe('isolated');
  });
  it('wet pump oil is told by its cause, and fresh oil goes on the record', () => {
    const crew = new Crew(bench(), log());
    crew.order({ kind: 'pump', on: true }).wait(30);
    const stalled: VacuumFits = {
      progress: {
        nowMicrons: 700,
        stalled: true,
        causes: [{ cause: 'pump oil', why: typed('Its oil is wet.'), act: typed('Change the oil.') }],
      },
      standing: undefined,
    };
    crew.samples.push({ runSeconds: 31, values: { microns: 700 } });
    expect(told(liveEvacuate(view(crew.log), crew.stream(), stalled))).toMatchObject({
      kind: 'look-again',
      say: 'Stalled at 700 µm: pump oil.',
      button: { label: 'Pump oil changed', action: { orders: [{ kind: 'oil' }], entry: { kind: 'oil-change' } } },
    });
  });
  it('a gauge that fell silent proves nothing; one that never spoke leaves the phase its own move', () => {
    const crew = new Crew(bench(), log()).wait(3);
    crew.samples.push({ runSeconds: 4, values: { microns: null } });
    expect(liveEvacuate(view(crew.log), crew.stream(), undefined)).toMatchObject({ kind: 'not-proven' });
    crew.samples = [{ runSeconds: 4, values: { microns: null } }];
    expect(liveEvacuate(view(crew.log), crew.stream(), undefined)).toBeUndefined();
  });
  it('nothing runs before the compressor is locked out, the pump proven, and the gauge in its place', () => {
    const open = (change: object, blankOff = 34) => {
      const crew = new Crew(
        bench(),
        new LogBuilder().add('pump-setup', { ...PUMP_SETUP, ...change }).add('blank-off', { microns: blankOff }),
      ).wait(2);
      return liveEvacuate(view(crew.log), crew.stream(), undefined);
    };
    expect(told(open({}))).toMatchObject({ button: { label: 'Start the pump' } });
    expect(open({ compressorLocked: false })).toBeUndefined();
    expect(open({ gaugePlace: 'at the pump' })).toBeUndefined();
    expect(open({}, 400)).toBeUndefined();
  });
  it('a test that began on other instruments is typed', () => {
    const crew = new Crew(
      bench(),
      log().add('isolated', { microns: 280, runId: '00000000-0000-4000-8000-0000000000aa', runSeconds: 60 }),
    ).wait(700);
    const move = liveEvacuate(view(crew.log), crew.stream(), undefined)!;
    expect(move.kind).toBe('not-proven');
    expect(move.button).toBeUndefined();
  });
});
