import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BENCH_ORDERS, type BenchOrder } from '@/core/plant/bench/bench';
import { ordersOf, touchedMin } from './stream';
import { afterTold, toldAtFirst } from './told-switches';
import { type SystemTold, systemAtFirst, tellSystem, toldLeftOz } from './told-system';

describe('what the crew tells', () => {
  it('a machine told to run twice keeps its first weight; one told after a stop takes a new one', () => {
    let s = toldAtFirst('recovery');
    s = afterTold(s, { kind: 'machine', on: true }, 500);
    s = afterTold(s, { kind: 'machine', on: true }, 540);
    expect(s.startGrossOz).toBe(500);
    s = afterTold(s, { kind: 'machine', on: false }, 600);
    expect(s).toMatchObject({ machineOn: false, startGrossOz: 500 });
    expect(afterTold(s, { kind: 'machine', on: true }, 600).startGrossOz).toBe(600);
  });
  it('nitrogen of a sweep closes the pump off; an order of another bench changes nothing', () => {
    expect(afterTold(toldAtFirst('vacuum'), { kind: 'sweep', psig: 2 }, undefined)).toMatchObject({
      open: false,
      pumpOn: true,
    });
    expect(afterTold(toldAtFirst('vacuum'), { kind: 'oil' }, undefined)).toEqual(toldAtFirst('vacuum'));
  });
  it('every order a bench knows can be told, and none forgets another switch', () => {
    for (const kind of ['nitrogen', 'vacuum', 'recovery'] as const) {
      const before = toldAtFirst(kind);
      for (const order of BENCH_ORDERS[kind].filter((k) => k !== 'configure')) {
        const after = afterTold(
          before,
          { kind: order, on: true, open: true, psig: 2, cylinder: { id: 'c1' } } as BenchOrder,
          100,
        );
        expect(Object.keys(after)).toEqual(Object.keys(before));
      }
    }
  });
  it('a call is a compressor start once, and its end a stop once', () => {
    const at = { runSeconds: 30, scaleOz: undefined };
    const started = tellSystem(systemAtFirst(), { kind: 'start' }, at);
    expect(started.events).toMatchObject([{ kind: 'compressor-start', runSeconds: 30, told: true }]);
    expect(tellSystem(started.switches, { kind: 'start' }, at).events).toEqual([]);
    expect(tellSystem(started.switches, { kind: 'stop' }, at).events).toMatchObject([{ kind: 'compressor-stop' }]);
    expect(tellSystem(systemAtFirst(), { kind: 'stop' }, at).events).toEqual([]);
  });
  it('what moved is the difference of the two taps, whatever was wanted (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<'weigh-in' | 'recover'>('weigh-in', 'recover'),
        fc.integer({ min: 0, max: 10_000 }),
        fc.integer({ min: 0, max: 10_000 }),
        fc.integer({ min: 1, max: 2000 }),
        (kind, a, b, oz) => {
          const open = tellSystem(systemAtFirst(), { kind, oz } as SystemTold, { runSeconds: 5, scaleOz: a / 10 });
          const shut = tellSystem(open.switches, { kind: 'close-valve' }, { runSeconds: 60, scaleOz: b / 10 });
          expect(shut.events).toMatchObject([
            {
              kind: 'scale-movement',
              startOz: a / 10,
              endOz: b / 10,
              startS: 5,
              on: kind === 'recover' ? 'recovery' : 'charge',
            },
          ]);
          const left = toldLeftOz(open.switches, b / 10);
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left).toBeCloseTo(Math.max(0, kind === 'recover' ? oz - (b - a) / 10 : oz - (a - b) / 10), 9);
          expect(tellSystem(shut.switches, { kind: 'close-valve' }, { runSeconds: 61, scaleOz: 1 }).events).toEqual([]);
        },
      ),
    );
  });
  it('touched is the last order that moved something', () => {
    const orders = ordersOf([
      { kind: 'order', runSeconds: 60, order: 'pump' } as never,
      { kind: 'gap', runSeconds: 90 },
      { kind: 'order', runSeconds: 120, order: 'configure' } as never,
    ]);
    expect(touchedMin(orders)).toBe(1);
    expect(touchedMin([])).toBeUndefined();
  });
});
