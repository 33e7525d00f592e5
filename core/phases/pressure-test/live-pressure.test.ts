import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { Crew } from '@/core/phases/live/testing/crew';
import { doing } from '@/core/phases/live/testing/doing';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { pressureOf } from '@/core/phases/pressure-test/pressure-test';
import { type Bench, nitrogenBench } from '@/core/plant/bench/bench';
import { told } from '@/core/words/testing/english';
import { TEST_PLAN } from '@/demo/sample-entries';
import { livePressure } from './live-pressure';

const GEAR = { volumeFt3: 0.35, gaugePsi: 0.5, thermometerF: 0.5, barometerPsia: 14.7 };
const bench = (change: object = {}): Bench =>
  nitrogenBench({
    seed: 3,
    volumeFt3: 0.35,
    barometerPsia: 14.7,
    airF: 88,
    swingFPerH: -6,
    sunF: 0,
    leakScfh: 0,
    cylinderScf: 40,
    cylinderPsig: 1750,
    ...change,
  });
const view = (log: LogBuilder) =>
  pressureOf(log.log, {
    schools: DEFAULT_CIRCUIT_SCHOOLS,
    barometerPsia: 14.7,
    lineFt: 42,
    keptLines: false,
    preCharged: false,
    expansionOpen: true,
  });
const follow = (crew: Crew, minutes: number): Crew =>
  crew.follow(minutes, () => livePressure(view(crew.log), crew.stream(), GEAR));
const crewAt = (change: object = {}, told = false, plan: object = {}): Crew =>
  new Crew(bench(change), new LogBuilder().add('test-plan', { ...TEST_PLAN, ...plan }), told);

describe.each([
  ['simulated', false],
  ['own gear, told', true],
])('a crew that follows the guide (%s)', (_, told) => {
  it('goes up by stages, shuts the cylinder before the hold, and ends it after its time', () => {
    const crew = follow(crewAt({}, told), 60);
    expect(crew.orders.map((o) => o.order)).toEqual(['pressurise', 'pressurise', 'pressurise', 'close-source']);
    const stages = crew.pressed.slice(0, 3).map((l) => Number(l.match(/\d+/)![0]));
    expect(stages).toEqual([50, 150, 450]);
    const hold = view(crew.log).hold!;
    expect(hold.minutes).toBeGreaterThanOrEqual(30);
    expect(hold.clock).toBe('run');
    expect(hold.verdict!.classification).toBe('no leak detected');
  });
  it('a day that cools is not a leak; a leak is not a cool day (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -9, max: 9 }), fc.integer({ min: 1, max: 1e6 }), (swingFPerH, seed) => {
        const tight = view(follow(crewAt({ swingFPerH, seed }, told), 60).log).hold!.verdict!;
        const leaky = view(follow(crewAt({ swingFPerH, seed, leakScfh: 1.2 }, told), 60).log).hold!.verdict!;
        expect(tight.classification).not.toBe('leak');
        expect(leaky.classification).toBe('leak');
      }),
      { numRuns: 6, seed: 2 },
    );
  });
});

describe('the guide of the pressure test', () => {
  const at = (
    values: Record<string, number | null>,
    change: object = {},
    log = new LogBuilder().add('test-plan', TEST_PLAN),
  ) =>
    livePressure(
      view(log),
      {
        runId: 'r',
        samples: [{ runSeconds: 100, values }],
        orders: [],
        switches: { sourceOpen: false, regulatorPsig: 0 },
        told: false,
        nowMs: 0,
        ...change,
      },
      GEAR,
    );
  it.each([
    [0, 'Open the nitrogen: first stage 50 psig.', 'Fill to 50 psig'],
    [49, 'Listen at 49 psig. Quiet: go on to 150 psig.', 'Fill to 150 psig'],
    [148, 'Listen at 148 psig. Quiet: go on to 450 psig.', 'Fill to 450 psig'],
    // Shut in, it may have cooled by a little without being filled again.
    [440, 'Settled. Start the hold.', 'Start the hold'],
  ])('at %d psig: %s', (testPsig, say, label) => {
    expect(told(at({ testPsig, pipeF: 80 }))).toMatchObject({ say, button: { label } });
  });
  it('never fills past the target, also when it is below a stage', () => {
    const low = new LogBuilder().add('test-plan', { ...TEST_PLAN, lowSidePsig: 120, targetPsig: 120 });
    expect(doing(at({ testPsig: 48 }, {}, low)).orders).toEqual([{ kind: 'pressurise', psig: 120 }]);
    expect(doing(at({ testPsig: 119 }, { switches: { sourceOpen: true, regulatorPsig: 120 } }, low)).orders).toEqual([
      { kind: 'close-source' },
    ]);
  });
  it('waits while it fills, and through the settling', () => {
    expect(at({ testPsig: 60 }, { switches: { sourceOpen: true, regulatorPsig: 150 } })!.button).toBeUndefined();
    expect(
      told(at({ testPsig: 449, pipeF: 80 }, { orders: [{ runSeconds: 40, order: 'close-source' }] })),
    ).toMatchObject({
      say: 'Settling: 9 min before the hold.',
      button: { label: 'Start it now' },
    });
  });
  it('a hold that began on other instruments is not ended by these', () => {
    const other = new LogBuilder()
      .add('test-plan', TEST_PLAN)
      .add('hold-start', { psig: 450, pipeF: 90, runId: '00000000-0000-4000-8000-0000000000aa', runSeconds: 5 });
    expect(at({ testPsig: 440 }, {}, other)).toBeUndefined();
  });
  it('without the pipe’s temperature a hold is neither started nor ended, and no figure is made up', () => {
    const silent = at({ testPsig: 449, pipeF: null })!;
    expect(told(silent)).toMatchObject({ kind: 'not-proven', say: 'The pipe thermometer gives no signal.' });
    expect(silent.button).toBeUndefined();
    const held = new LogBuilder()
      .add('test-plan', TEST_PLAN)
      .add('hold-start', { psig: 450, pipeF: 90, runId: '00000000-0000-4000-8000-0000000000aa', runSeconds: 5 });
    const running = at({ testPsig: 440, pipeF: null }, { runId: '00000000-0000-4000-8000-0000000000aa' }, held)!;
    expect(running.kind).toBe('not-proven');
    expect(running.button).toBeUndefined();
  });
  it('says nothing without a gauge or a plan', () => {
    expect(at({ testPsig: null })).toBeUndefined();
    expect(at({ testPsig: 3 }, {}, new LogBuilder())).toBeUndefined();
  });
});
