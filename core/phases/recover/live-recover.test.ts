import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { type CircuitSchools, DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { Crew } from '@/core/phases/live/testing/crew';
import { doing } from '@/core/phases/live/testing/doing';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { recoveryOf } from '@/core/phases/recover/recovery';
import { type Bench, recoveryBench } from '@/core/plant/bench/bench';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { english, told as inEnglish } from '@/core/words/testing/english';
import { DEAD_PROOF, EMPTY_CYLINDER, OLD_CHARGE, REMOVAL_FACTS } from '@/demo/sample-entries';
import { liveRecover } from './live-recover';

const CYLINDER: Cylinder = {
  id: '00000000-0000-4000-8000-0000000000c1',
  tag: 'RC-1',
  ...EMPTY_CYLINDER,
  flammableMark: true,
  contentsOz: 0,
};
const bench = (change: object = {}, chargeLb = 8, cylinderLb = 0): Bench =>
  recoveryBench(
    {
      seed: 11,
      refrigerant: 'R-410A',
      barometerPsia: 14.7,
      outdoorF: 85,
      lowFt3: 0.33,
      outdoorFt3: 0.24,
      valveLeaks: 0,
      cylinderId: CYLINDER.id,
      cylinderLimitOz: 647,
      cylinderTareOz: 452,
      waterCapacityLb: 47.7,
      chilled: false,
      ...change,
    },
    chargeLb,
    cylinderLb,
  );
const log = (
  method: 'pump-down' | 'machine',
  old: Partial<typeof OLD_CHARGE> = {},
  kind: 'scroll' | 'reciprocating' = 'scroll',
) =>
  new LogBuilder()
    .add('old-charge', { ...OLD_CHARGE, ...old })
    .add('removal-facts', { ...REMOVAL_FACTS, compressorKind: kind })
    .add('method', { method, reason: '' });

const guide =
  (crew: Crew, schools: CircuitSchools = DEFAULT_CIRCUIT_SCHOOLS, cylinder: Cylinder | undefined = CYLINDER) =>
  () => {
    crew.cylinders = [cylinder];
    const rec = recoveryOf(crew.log.log, { schools });
    return liveRecover(
      {
        rec,
        refrigerant: rec.old!.body.refrigerant,
        cylinder,
        roomOz: 600,
        stillOz: rec.expectedOz === undefined ? undefined : Math.max(0, rec.expectedOz - rec.recoveredOz),
        today: '2026-06-01',
      },
      crew.stream(),
      schools,
    );
  };
const view = (crew: Crew) => recoveryOf(crew.log.log, { schools: DEFAULT_CIRCUIT_SCHOOLS });

describe.each([
  ['simulated', false],
  ['own gear, told', true],
])('a crew that follows the guide (%s)', (_, told) => {
  it('pumps down: call, two minutes, liquid valve, vapour valve, power off, rebound', () => {
    const crew = new Crew(bench(), log('pump-down'), told);
    crew.follow(40, guide(crew));
    expect(crew.orders.map((o) => o.order)).toEqual(['call', 'liquid-valve', 'vapour-valve', 'call']);
    expect(crew.orders[1]!.runSeconds - crew.orders[0]!.runSeconds).toBeGreaterThanOrEqual(120);
    const [attempt] = view(crew).attempts;
    // Common practice: stopped from 10 psig down, never below 0.
    expect(attempt!.stop.body.stopPsig).toBeLessThanOrEqual(5);
    expect(attempt!.stop.body.stopPsig).toBeGreaterThan(-1);
    expect(attempt!.rebound!.body.minutes).toBe(10);
    expect(view(crew).checks.some((c) => c.id === 'too-deep')).toBe(false);
  });
  it('then finishes the low side by machine once it is proven dead, and the level holds', () => {
    const crew = new Crew(bench(), log('pump-down'), told);
    crew.follow(40, guide(crew));
    crew.log.add('dead-proof', DEAD_PROOF);
    crew.follow(60, guide(crew));
    const level = view(crew).checks.find((c) => c.id === 'level');
    expect(level?.verdict).toBe('good');
    expect(crew.pressed).toContain('Save the level');
    expect(crew.pressed).toContain(told ? 'The machine runs' : 'Start the machine');
  });
  it('what the scale says came over is what the cylinder took (mass balance)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 14 }), fc.integer({ min: 60, max: 105 }), (chargeLb, outdoorF) => {
        const crew = new Crew(
          bench({ outdoorF, chilled: true }, chargeLb),
          log('machine').add('dead-proof', DEAD_PROOF),
          told,
        );
        crew.follow(180, guide(crew));
        const rec = view(crew);
        const { state } = crew.bench as Extract<Bench, { kind: 'recovery' }>;
        expect(rec.checks.find((c) => c.id === 'level')?.verdict).toBe('good');
        // The scale shows half ounces.
        expect(Math.abs(rec.recoveredOz - state.cylinderLb * 16)).toBeLessThan(1);
        expect(state.cylinderLb + state.lowLb + state.highLb + state.oilLb).toBeCloseTo(chargeLb, 6);
        expect(rec.recoveredOz / 16 / chargeLb).toBeGreaterThan(0.9);
      }),
      { numRuns: 8, seed: 4 },
    );
  });
});

describe('the guide and its limits', () => {
  it('never asks for the vapour valve before the liquid valve, whatever the charge (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Refrigerant>('R-410A', 'R-22', 'R-32', 'R-454B'),
        fc.double({ min: 2, max: 9, noNaN: true }),
        fc.integer({ min: 60, max: 100 }),
        fc.integer({ min: 0, max: 1e6 }),
        (refrigerant, chargeLb, outdoorF, seed) => {
          const crew = new Crew(bench({ refrigerant, outdoorF, seed }, chargeLb), log('pump-down', { refrigerant }));
          crew.follow(25, guide(crew));
          const at = (order: string) => crew.orders.findIndex((o) => o.order === order);
          expect(at('liquid-valve')).toBeGreaterThan(-1);
          expect(at('vapour-valve')).toBeGreaterThan(at('liquid-valve'));
        },
      ),
      { numRuns: 25, seed: 9 },
    );
  });
  it('a valve that leaks through: one repeat after the restart delay, then the machine', () => {
    const crew = new Crew(bench({ valveLeaks: 1.2 }), log('pump-down'));
    crew.follow(90, guide(crew));
    const rec = view(crew);
    expect(rec.attempts).toHaveLength(2);
    expect(rec.attempts[0]!.verdict).toMatchObject({ holds: false, next: 'repeat' });
    expect(rec.attempts[1]!.verdict).toMatchObject({ holds: false, next: 'machine-low-side' });
    expect(crew.said).toContain('Open the vapor valve and call for cooling once more.');
    const [, , , off, , again] = crew.orders;
    expect([off!.order, again!.order]).toEqual(['call', 'call']);
    expect(again!.runSeconds - off!.runSeconds).toBeGreaterThanOrEqual(300);
  });
  it('a suction that stands for three minutes stops the pump-down', () => {
    const crew = new Crew(bench({ valveLeaks: 12 }), log('pump-down'));
    crew.follow(25, guide(crew));
    expect(crew.said.some((s) => s.startsWith('The suction has stalled at'))).toBe(true);
    expect(view(crew).attempts.length).toBeGreaterThan(0);
  });
  it('a high side past the pressure switch stops at once', () => {
    const crew = new Crew(bench(), log('pump-down'));
    crew.follow(1, guide(crew));
    const sample = crew.samples.at(-1)!;
    crew.samples.push({ runSeconds: sample.runSeconds + 1, values: { ...sample.values, liquidPsig: 612 } });
    expect(inEnglish(guide(crew)())).toMatchObject({ kind: 'stop', button: { label: 'Both closed, power off' } });
    expect(doing(guide(crew)()).orders.at(-1)).toEqual({ kind: 'call', on: false });
  });
  it('the deep school goes below 0 psig only with A1 and no scroll', () => {
    const deep = { ...DEFAULT_CIRCUIT_SCHOOLS, pumpDownEnd: 'deep' };
    const stopOf = (refrigerant: Refrigerant, kind: 'scroll' | 'reciprocating'): number => {
      const crew = new Crew(bench({ refrigerant }, 5), log('pump-down', { refrigerant }, kind));
      crew.wait(2).order({ kind: 'call', on: true }).order({ kind: 'liquid-valve', open: false });
      const lowest = (psig: number): boolean => {
        crew.samples.push({ runSeconds: 60 + crew.samples.length, values: { suctionPsig: psig } });
        return guide(crew, deep)()?.button !== undefined;
      };
      return [9, 5, 2.1, 1.5, 0.5, -1, -3, -3.8, -4.5].find(lowest)!;
    };
    // The hand goes to the power from 5 psig; on a deep pump-down not before it is 5 psi above its end.
    expect(stopOf('R-22', 'scroll')).toBe(5);
    expect(stopOf('R-22', 'reciprocating')).toBe(0.5);
    const says = (refrigerant: Refrigerant, kind: 'scroll' | 'reciprocating', psig: number): string => {
      const crew = new Crew(bench({ refrigerant }, 5), log('pump-down', { refrigerant }, kind));
      crew.order({ kind: 'call', on: true }).order({ kind: 'liquid-valve', open: false });
      crew.samples.push({ runSeconds: 60, values: { suctionPsig: psig } });
      return `${english(guide(crew, deep)()!.say)} ${english(guide(crew, deep)()!.because)}`;
    };
    expect(says('R-22', 'reciprocating', 1)).toMatch(/^Close the vapor valve: 1 psig\. .*−10 inHg/);
    expect(says('R-22', 'reciprocating', -4.2)).toMatch(/cut the power now/);
    expect(says('R-22', 'scroll', 1)).toMatch(/cut the power now.*scroll suffers/);
    expect(says('R-22', 'scroll', 5)).toMatch(/no deep pump-down here, a scroll suffers/);
    expect(says('R-32', 'reciprocating', 1)).toMatch(/cut the power now/);
    expect(says('R-32', 'reciprocating', 5)).toMatch(/never below 0 psig with A2L/);
  });
  it('a full cylinder stops the machine; a cylinder that may not be filled never starts it', () => {
    const nearly = { ...CYLINDER, refrigerant: 'R-410A' as const, contentsOz: 610 };
    const crew = new Crew(
      bench({ chilled: true }, 12, 610 / 16),
      log('machine', { factoryOz: null }).add('dead-proof', DEAD_PROOF),
    );
    crew.follow(3, guide(crew, DEFAULT_CIRCUIT_SCHOOLS, nearly));
    expect(
      crew.said.some((s) => /cylinder is at its limit/.test(s)) || crew.pressed.includes('Machine off, weigh'),
    ).toBe(true);
    const late = new Crew(bench(), log('machine').add('dead-proof', DEAD_PROOF)).wait(1);
    expect(guide(late, DEFAULT_CIRCUIT_SCHOOLS, { ...CYLINDER, retestOn: '2020-01-01' })()).toMatchObject({
      kind: 'stop',
    });
    expect(doing(guide(late, DEFAULT_CIRCUIT_SCHOOLS, { ...CYLINDER, disposable: true })()).go).toBe('/cylinders');
    expect(
      inEnglish(
        liveRecover(
          { rec: view(late), refrigerant: 'R-410A', cylinder: undefined, roomOz: 0, stillOz: 100, today: '2026-06-01' },
          late.stream(),
          DEFAULT_CIRCUIT_SCHOOLS,
        ),
      ),
    ).toMatchObject({
      kind: 'not-proven',
      say: 'No recovery cylinder has room for this refrigerant.',
      button: { action: { go: '/cylinders' } },
    });
  });
  it('a low side that held too little for the scale to show is watched all the same', () => {
    const crew = new Crew(bench({}, 0.02), log('machine').add('dead-proof', DEAD_PROOF));
    crew.follow(40, guide(crew));
    expect(view(crew).recoveredOz).toBeLessThan(1);
    expect(crew.pressed).toEqual(['Start the machine', 'Machine off, weigh', 'Save the level']);
  });
  it('says nothing before the way is chosen, before it is proven dead, and without a gauge', () => {
    const crew = new Crew(bench(), new LogBuilder().add('old-charge', OLD_CHARGE)).wait(2);
    expect(guide(crew)()).toBeUndefined();
    const undead = new Crew(bench(), log('machine')).wait(2);
    expect(guide(undead)()).toBeUndefined();
    const silent = new Crew(bench(), log('pump-down')).wait(2);
    silent.samples.push({ runSeconds: 3, values: { suctionPsig: null } });
    expect(guide(silent)()).toBeUndefined();
  });
  it('a stop written down without a run is watched by the clock, never taken as ten minutes', () => {
    const crew = new Crew(bench(), log('pump-down')).wait(2);
    crew.log.add('pump-down', { liquidClosedPsig: null, stopPsig: 1, ranMin: 3, runId: null, runSeconds: null });
    const at = (minutes: number) =>
      liveRecover(
        { rec: view(crew), refrigerant: 'R-410A', cylinder: CYLINDER, roomOz: 600, stillOz: 100, today: '2026-06-01' },
        { ...crew.stream(), nowMs: Date.parse(crew.log.log.at(-1)!.at) + minutes * 60_000 },
        DEFAULT_CIRCUIT_SCHOOLS,
      )!;
    expect(inEnglish(at(3))).toMatchObject({ wait: '7 min' });
    expect(at(3).button).toBeUndefined();
    expect(doing(at(12)).entry).toMatchObject({ kind: 'rebound', body: { minutes: 12 } });
  });
  it.each([true, false])('a scale that dies while the machine runs stops it, and weighs nothing (told %s)', (told) => {
    const crew = new Crew(bench(), log('machine').add('dead-proof', DEAD_PROOF), told).wait(2);
    crew.order({ kind: 'machine', on: true }).wait(30);
    crew.samples.push({ runSeconds: 33, values: { suctionPsig: 90, scaleOz: null } });
    const move = guide(crew)()!;
    expect(inEnglish(move)).toMatchObject({ kind: 'stop', say: 'The scale gives no signal: stop the machine.' });
    expect(doing(move).orders).toEqual([{ kind: 'machine', on: false }]);
    expect(doing(move).entry).toBeUndefined();
  });
  it('an own scale that is silent does not let the machine start', () => {
    const crew = new Crew(bench(), log('machine').add('dead-proof', DEAD_PROOF), true).wait(2);
    crew.samples.push({ runSeconds: 3, values: { suctionPsig: 120, scaleOz: null } });
    expect(guide(crew)()).toMatchObject({ kind: 'not-proven' });
    expect(guide(crew)()!.button).toBeUndefined();
  });
});
