import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Move } from '@/core/job/move';
import { isSigned, type JobSheet } from '@/core/job/sheet';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { liveEvacuate } from '@/core/phases/evacuate/live-evacuate';
import { evacuationView } from '@/core/phases/evacuate/view';
import { livePressure } from '@/core/phases/pressure-test/live-pressure';
import { pressureView } from '@/core/phases/pressure-test/view';
import { liveRecover } from '@/core/phases/recover/live-recover';
import { recoveryView } from '@/core/phases/recover/view';
import { anyLog } from '@/core/phases/testing/any-log';
import { BENCH_ORDERS, type BenchKind, type BenchOrder } from '@/core/plant/bench/bench';
import type { RunSample } from '@/core/startup/live';
import { english } from '@/core/words/testing/english';
import type { LiveStream } from './stream';
import { afterTold, toldAtFirst } from './told-switches';

const RUBBISH = /NaN|Infinity|undefined|\[object|\{\w+\}|\\/;
const reads = (move: Move | undefined): void => {
  if (!move) return;
  expect(english(move.say)).not.toMatch(RUBBISH);
  expect(english(move.say).length).toBeGreaterThan(2);
  expect(english(move.because)).not.toMatch(RUBBISH);
  if (move.button) expect(english(move.button.label).length).toBeGreaterThan(1);
};

/** What a channel of each bench may show, a lost signal among it. */
const value = (low: number, high: number) => fc.option(fc.double({ min: low, max: high, noNaN: true }), { freq: 8 });
const CHANNELS: Record<BenchKind, Record<string, fc.Arbitrary<number | null>>> = {
  recovery: {
    suctionPsig: value(-14, 400),
    liquidPsig: value(-14, 600),
    dischargePsig: value(0, 600),
    grossOz: value(0, 2000),
    cylinderOz: value(0, 2000),
    cylinderF: value(-20, 150),
  },
  nitrogen: {
    nitrogenPsig: value(-5, 700),
    testPsig: value(-5, 700),
    suctionPsig: value(-5, 700),
    ambientF: value(-20, 130),
  },
  vacuum: { microns: value(0, 25_000), vapourMicrons: value(0, 25_000) },
};

/** Minutes of samples in order, the orders told on the way, and how the switches stand after them. */
const anyStream = (kind: BenchKind): fc.Arbitrary<LiveStream> =>
  fc
    .record({
      values: fc.array(fc.record(CHANNELS[kind]), { maxLength: 40 }),
      step: fc.integer({ min: 1, max: 400 }),
      told: fc.array(
        fc.record({
          order: fc.constantFrom(...BENCH_ORDERS[kind].filter((o) => o !== 'configure')),
          on: fc.boolean(),
          psig: fc.integer({ min: 0, max: 600 }),
          at: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        { maxLength: 6 },
      ),
      known: fc.boolean(),
      byHand: fc.boolean(),
    })
    .map(({ values, step, told, known, byHand }): LiveStream => {
      const endS = values.length * step;
      const orders = told
        .map((t) => ({ runSeconds: Math.round(t.at * endS), order: t.order, on: t.on, open: t.on }))
        .sort((a, b) => a.runSeconds - b.runSeconds);
      let switches = toldAtFirst(kind);
      for (const [i, o] of orders.entries())
        switches = afterTold(
          switches,
          { kind: o.order, on: o.on, open: o.on, psig: told[i]!.psig, cylinder: { id: 'c1' } } as unknown as BenchOrder,
          600,
        );
      return {
        runId: 'run',
        samples: values.map((v, i) => ({ runSeconds: (i + 1) * step, values: v }) as unknown as RunSample),
        orders,
        switches: known ? switches : undefined,
        told: byHand,
        nowMs: Date.UTC(2026, 5, 1, 20),
      };
    });

const sheetWith = (circuitLog: JobSheet['circuitLog']): JobSheet => sampleSheet({ circuitLog });
const check = <T>(property: fc.IProperty<T>): void => fc.assert(property, { numRuns: 300, endOnFailure: true });

describe('instruments that show anything, over any log', () => {
  it('the recovery always has a next thing to do, or leaves it to the record', () => {
    check(
      fc.property(
        anyLog,
        anyStream('recovery'),
        fc.option(fc.integer({ min: 0, max: 400 }), { nil: undefined }),
        (log, stream, stillOz) => {
          const sheet = sheetWith(log);
          expect(isSigned(sheet, 'recover')).toBe(false);
          const on = {
            rec: recoveryView(sheet),
            refrigerant: 'R-410A' as const,
            cylinder: undefined,
            roomOz: 0,
            stillOz,
            today: '2026-06-01',
          };
          reads(liveRecover(on, stream, sheet.circuitSchools));
        },
      ),
    );
  });
  it('the pressure test too, its hold on this run among them', () => {
    const gear = fc.record({
      volumeFt3: fc.double({ min: 0.01, max: 5, noNaN: true }),
      gaugePsi: fc.constantFrom(0.1, 1, 5),
      thermometerF: fc.constantFrom(0.2, 1, 3),
      barometerPsia: fc.double({ min: 10, max: 15, noNaN: true }),
    });
    check(
      fc.property(anyLog, anyStream('nitrogen'), gear, (log, stream, has) => {
        // Half of the holds drawn are those of this very run.
        const mine = log.map((e, i) =>
          e.kind === 'hold-start' && i % 2 === 0 ? { ...e, body: { ...e.body, runId: stream.runId } } : e,
        );
        reads(livePressure(pressureView(sheetWith(mine)), stream, has));
      }),
    );
  });
  it('and the evacuation, with or without what was fitted to its curve', () => {
    check(
      fc.property(anyLog, anyStream('vacuum'), (log, stream) => {
        reads(liveEvacuate(evacuationView(sheetWith(log)), stream, undefined));
        reads(liveEvacuate(evacuationView(sheetWith(log)), stream, { progress: undefined, standing: undefined }));
      }),
    );
  });
  it('without a single sample nothing is said of instruments that show nothing', () => {
    for (const kind of ['recovery', 'nitrogen', 'vacuum'] as const) {
      const silent: LiveStream = {
        runId: 'r',
        samples: [],
        orders: [],
        switches: toldAtFirst(kind),
        told: false,
        nowMs: 0,
      };
      const sheet = sheetWith([]);
      if (kind === 'vacuum') reads(liveEvacuate(evacuationView(sheet), silent, undefined));
      if (kind === 'recovery')
        expect(
          liveRecover(
            {
              rec: recoveryView(sheet),
              refrigerant: 'R-410A',
              cylinder: undefined,
              roomOz: 0,
              stillOz: 10,
              today: '2026-06-01',
            },
            silent,
            sheet.circuitSchools,
          ),
        ).toBeUndefined();
    }
  });
});
