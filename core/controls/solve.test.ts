import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { value } from '@/core/finding/testing/value';
import { callsOf, runCall, SYSTEMS, specOf, wiredFor } from './control-network';
import { FAULTS, faultsOf, layFault } from './fault-codes';
import { cableConductors, controlDrop, damperPosition, transformerLoad } from './low-voltage';
import { BREAKS, type PlanSpec } from './make-plan';
import { Nets } from './nets';
import type { Load, Plan, Source, Wire } from './plan';
import { solve } from './solve';

const source = (id: string, r: string, c: string, more: Partial<Source> = {}): Source => ({
  id,
  r,
  c,
  va: 40,
  fuseA: 3,
  phase: 1,
  emfV: 26.4,
  ...more,
});
const wire = (a: string, b: string): Wire => ({ id: `${a}-${b}`, a, b, role: '', cable: 'stat' });
const load = (id: string, a: string, b: string, va: number): Load => ({ id, a, b, va });
const plan = (more: Partial<Plan>): Plan => ({
  sources: [source('s', 'R', 'C')],
  wires: [],
  switches: [],
  loads: [],
  contacts: [],
  outputs: {},
  ...more,
});
const quiet = { calls: new Set<never>() };

describe('voltages of a network (Kirchhoff; figures worked by hand)', () => {
  it('a transformer sags under its load: 24 V at its rating', () => {
    const at = (va: number, emfV = 26.4) =>
      solve(plan({ sources: [source('s', 'R', 'C', { emfV })], loads: [load('l', 'R', 'C', va)] }), quiet).across.get(
        'l',
      );
    // 576/va ohm behind 1.44 ohm.
    expect(at(40)).toBeCloseTo((26.4 * 14.4) / 15.84, 3);
    expect(at(37)).toBeCloseTo(24.2, 1);
    // The 240 V tap on 208 V.
    expect(at(37, 26.4 * (208 / 240))).toBeCloseTo(20.9, 1);
  });
  it('a short gives what the inner resistance lets through and blows the fuse', () => {
    const shorted = solve(plan({ wires: [wire('R', 'C')], loads: [load('l', 'R', 'C', 5)] }), quiet);
    expect(26.4 / 1.44).toBeCloseTo(18.33, 2);
    expect([...shorted.met]).toEqual(['RC_SHORT']);
    expect([...shorted.blown]).toEqual(['s']);
    expect([...shorted.on]).toEqual([]);
  });
  it('a fuse blows on what it is asked for, not a hair before', () => {
    const under = (fuseA: number) =>
      solve(plan({ sources: [source('s', 'R', 'C', { fuseA })], loads: [load('l', 'R', 'C', 40)] }), quiet).blown.size;
    const amps = 26.4 / (1.44 + 14.4);
    expect(under(amps + 0.001)).toBe(0);
    expect(under(amps - 0.001)).toBe(1);
  });
  it('an open common lets coils in series feed the input of another board', () => {
    // Contactor and stage solenoid share a common that is open; only Y1 is called.
    const r = solve(
      plan({
        wires: [wire('R', 'Y1')],
        loads: [load('contactor', 'Y1', 'lost', 9), load('solenoid', 'Y2', 'lost', 6), load('input', 'Y2', 'C', 1)],
      }),
      quiet,
    );
    expect(r.across.get('input')).toBeCloseTo(20.6, 0);
    expect(r.across.get('contactor')).toBeCloseTo(2.3, 1);
    expect(r.across.get('solenoid')).toBeCloseTo(-3.4, 1);
    expect([...r.on]).toEqual(['input']);
  });
  it('one wire between two transformers carries nothing', () => {
    const r = solve(
      plan({
        sources: [source('s', 'R', 'C'), source('t', 'R2', 'C2')],
        wires: [wire('R', 'lamp')],
        loads: [load('l', 'lamp', 'C2', 9)],
      }),
      quiet,
    );
    expect(Math.abs(r.across.get('l')!)).toBeLessThan(0.1);
  });
  it.each([
    [1, ['R_PARALLEL'], 0],
    [-1, ['RC_SHORT', 'R_PARALLEL'], 2],
  ] as const)('two transformers side by side, phase %d', (phase, met, blown) => {
    const r = solve(
      plan({
        sources: [source('s', 'R', 'C'), source('t', 'R2', 'C2', { phase })],
        wires: [wire('R', 'R2'), wire('C', 'C2')],
      }),
      quiet,
    );
    expect([...r.met].sort()).toEqual(met);
    expect(r.blown.size).toBe(blown);
  });
  it('R nets that meet are told, whatever their phase, also with apart commons', () => {
    const r = solve(
      plan({ sources: [source('s', 'R', 'C'), source('t', 'R2', 'C2', { phase: -1 })], wires: [wire('R', 'R2')] }),
      quiet,
    );
    expect([...r.met]).toEqual(['R_PARALLEL']);
    expect(r.blown.size).toBe(0);
  });
  it('a relay that opens its own coil never settles', () => {
    const r = solve(
      plan({
        contacts: [{ id: 'nc', a: 'R', b: 'coil', when: { not: { on: 'coil' } } }],
        loads: [load('coil', 'coil', 'C', 5)],
      }),
      quiet,
    );
    expect([...r.met]).toEqual(['OSCILLATES']);
  });
  it('a coil that is in stays in down to its drop-out, and does not come in below its pull-in', () => {
    // A second coil loads the source down to 16 V once it is in.
    const loads = [load('first', 'R', 'C', 5), load('heavy', 'H', 'C', 260)];
    const contacts = [{ id: 'h', a: 'R', b: 'H', when: { on: 'first' } }];
    const r = solve(plan({ sources: [source('s', 'R', 'C', { fuseA: 99 })], loads, contacts }), quiet);
    const volts = r.across.get('first')!;
    expect(volts).toBeLessThan(18);
    expect(volts).toBeGreaterThan(10);
    expect([...r.on]).toEqual(['first']);
  });
  it('a meter reads between any two terminals, nothing where a wire hangs in the air', () => {
    const r = solve(plan({ loads: [load('l', 'R', 'C', 40)] }), quiet);
    expect(r.between('R', 'C')).toBeCloseTo(24, 3);
    expect(r.between('C', 'R')).toBeCloseTo(-24, 3);
    expect(r.between('R', 'nowhere')).toBe(0);
    expect(r.joined('R', 'C')).toBe(false);
  });
  it('gives what it takes: amps of the source are those of its loads (random loads)', () => {
    const vas = fc.array(fc.double({ min: 0.5, max: 12, noNaN: true }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(vas, (sizes) => {
        const loads = sizes.map((va, i) => load(`l${i}`, 'R', 'C', va));
        const r = solve(plan({ sources: [source('s', 'R', 'C', { fuseA: 99 })], loads }), quiet);
        const taken = loads.reduce((sum, l) => sum + (r.across.get(l.id)! * l.va) / 576, 0);
        expect(r.amps.get('s')!).toBeCloseTo(taken, 5);
      }),
    );
  });
});

it('nets join what is joined and nothing else (random pairs, against a plain search)', () => {
  const pair = fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 }));
  fc.assert(
    fc.property(fc.array(pair, { maxLength: 15 }), pair, (pairs, [from, to]) => {
      const nets = new Nets();
      for (const [a, b] of pairs) nets.join(String(a), String(b));
      const seen = new Set([from]);
      for (let grew = true; grew; ) {
        const before = seen.size;
        for (const [a, b] of pairs) {
          if (seen.has(a)) seen.add(b);
          if (seen.has(b)) seen.add(a);
        }
        grew = seen.size > before;
      }
      expect(nets.same(String(from), String(to))).toBe(seen.has(to));
    }),
  );
});

const specs = fc.record({
  system: fc.constantFrom(...SYSTEMS),
  valve: fc.constantFrom('O' as const, 'B' as const),
  floatBreak: fc.constantFrom(...BREAKS),
  freezeBreak: fc.constantFrom(...BREAKS),
});
const made = ({
  system,
  ...more
}: { system: (typeof SYSTEMS)[number] } & Pick<PlanSpec, 'valve' | 'floatBreak' | 'freezeBreak'>) =>
  specOf(system, more);

describe('what always holds of a plan that was made here', () => {
  it('under every call and every single open safety (random plans)', () => {
    fc.assert(
      fc.property(specs, (s) => {
        const spec = made(s);
        const wired = wiredFor(spec);
        for (const call of callsOf(spec))
          for (const open of [[], ['float'], ['freeze'], ['float', 'freeze']]) {
            const { runs, met, blown } = runCall(wired, call, open);
            const told = `${JSON.stringify(s)} ${call} ${open}: ${[...runs]}`;
            expect([...met, ...blown], told).toEqual([]);
            if (call === 'off') expect(runs.size, told).toBe(0);
            if (call === 'fan' || call === 'emergency') expect(runs.has('CC'), told).toBe(false);
            // Whatever a safety breaks, no compressor runs with it open.
            if (open.length) expect(runs.has('CC'), told).toBe(false);
            if (runs.has('CC') || runs.has('EH')) expect(runs.has('BL'), told).toBe(true);
            if (runs.has('CC') && call !== 'defrost') expect(runs.has('F1'), told).toBe(false);
            if (runs.has('CC') && spec.heatPump)
              expect(runs.has('RV'), told).toBe(
                (call.startsWith('cool') || call === 'defrost') === (spec.valve === 'O'),
              );
            if (open.length === 0 && (call === 'aux' || call === 'emergency'))
              expect(runs.has('EH') || runs.has('F1'), told).toBe(true);
            if (runs.has('OF')) expect(runs.has('CC'), told).toBe(true);
          }
      }),
      { numRuns: 60 },
    );
  });
  it('its wires end on terminals that something else stands on, and no conductor has two roles', () => {
    for (const system of SYSTEMS) {
      const { wires } = wiredFor(specOf(system, { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' })).plan;
      expect(new Set(wires.map((w) => w.id)).size).toBe(wires.length);
      for (const cable of ['stat', 'outdoor'] as const) {
        const roles = wires.filter((w) => w.cable === cable).map((w) => w.role);
        expect(new Set(roles).size).toBe(roles.length);
      }
    }
  });
  it.each([
    ['split-heat-pump', 'stat', 'R C Y1 G OB W2'],
    ['split-heat-pump', 'outdoor', 'R C Y1 OB W'],
    ['two-stage-cooling-furnace', 'outdoor', 'R C Y1 Y2'],
    ['packaged-two-stage-heat-pump', 'outdoor', ''],
    ['dual-fuel', 'stat', 'R C Y1 G OB W1'],
  ] as const)('%s, %s cable: %s', (system, cable, roles) => {
    const { wires } = wiredFor(specOf(system, { valve: 'O', floatBreak: 'Y', freezeBreak: 'Y' })).plan;
    expect(
      wires
        .filter((w) => w.cable === cable)
        .map((w) => w.role)
        .sort()
        .join(' '),
    ).toBe(roles.split(' ').sort().join(' '));
  });
});

describe('faults', () => {
  it('each that a system can have is seen by some call with some safety open, but batteries hide an open C', () => {
    for (const system of SYSTEMS) {
      const spec = specOf(system, { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' });
      const healthy = wiredFor(spec);
      const seen = (w: typeof healthy): string =>
        callsOf(spec)
          .flatMap((call) => [[], ['float'], ['freeze']].map((open) => runCall(w, call, open)))
          .map((r) => [...r.runs, '/', ...r.met].join(' '))
          .join('|');
      for (const code of faultsOf(spec))
        expect(seen(layFault(code, healthy, spec)) === seen(healthy), `${system} ${code}`).toBe(code === 'STAT_C_OPEN');
    }
  });
  it('laying one leaves the healthy plan as it was', () => {
    const spec = specOf('dual-fuel', { valve: 'O', floatBreak: 'Y', freezeBreak: 'Y' });
    const healthy = wiredFor(spec);
    const before = JSON.stringify(healthy);
    for (const code of faultsOf(spec)) layFault(code, healthy, spec);
    expect(JSON.stringify(healthy)).toBe(before);
    expect(FAULTS).toEqual(expect.arrayContaining(faultsOf(spec)));
  });
});

describe('control wire and transformers (Ohm’s law; copper from the usual tables)', () => {
  it('loads add up', () => {
    expect(value(transformerLoad({ loadsVa: [9, 8, 3, 5, 6, 3], ratingVa: 40 }))).toEqual({ totalVa: 34, loadPct: 85 });
    expect(value(transformerLoad({ loadsVa: [61], ratingVa: 40 })).loadPct).toBeCloseTo(152.5, 9);
  });
  it.each([
    [1.6, 110, 18, 24, 2.29],
    [1.6, 260, 18, 24, 5.42],
    [1, 100, 20, 24, 2.07],
  ])('%d A over %d ft of %d AWG', (amps, lengthFt, awg, sourceVolts, dropV) => {
    const r = value(controlDrop({ amps, lengthFt, awg, sourceVolts } as never));
    expect(r.dropV).toBeCloseTo(dropV, 2);
    expect(r.loadV + r.dropV).toBeCloseTo(sourceVolts, 9);
  });
  it('a damper stops at its end', () => {
    const at = (runSeconds: number) => value(damperPosition({ runSeconds, strokeSeconds: 60 })).percent;
    expect([at(15), at(60), at(75)]).toEqual([25, 100, 100]);
  });
  it.each([
    [['R', 'C', 'Y', 'G', 'O', 'W2'], 4, 6, 2],
    [['R', 'r', 'C'], 0, 2, 2],
    [['Y', 'C'], 8, 2, 0],
  ])('%j on %d: %d needed, %d short', (roles, intact, needed, short) =>
    expect(value(cableConductors({ roles, intact }))).toEqual({ needed, short }),
  );
});
