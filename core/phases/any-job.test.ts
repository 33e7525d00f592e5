import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import { anyOf } from '@/core/finding/testing/any-of';
import { FIT_KINDS, FIT_SCHEMAS, type FitKind, figurePaths, judgeFit } from '@/core/fit/sheets';
import { measured, sampleSheet } from '@/core/job/testing/sample-sheet';
import { FACTS, valueTrouble } from '@/core/scope/survey/facts';
import { anySurvey } from '@/core/scope/testing/any-survey';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { english } from '@/core/words/testing/english';
import { entryWords } from './log/entries';
import { gatesIn, nextMoveOf, type PhaseDescriptor } from './phase';
import { PHASES_BUILT } from './registry';
import { buildReport } from './report';
import { snapshotOf } from './snapshot';
import { noteOf, sheetGates, standingOf } from './standing';
import { recordedStartUp } from './start-up/start-up-sheet';
import { anyLog } from './testing/any-log';

/** A sheet is too large to be made smaller step by step: the first that fails is told as it is. */
const check = <T>(property: fc.IProperty<T>, { numRuns = 100 } = {}): void =>
  fc.assert(property, { numRuns, endOnFailure: true });
const ALL: readonly PhaseDescriptor[] = PHASES_BUILT;
const NO_RUN = () => undefined;
/** What no reader may ever see: a figure that was never computed, a hole, an object. */
const RUBBISH = /NaN|Infinity|undefined|\[object|\{\w+\}|\\/;
const readable = (said: unknown): void => {
  expect(english(said)).not.toMatch(RUBBISH);
};
const findingReads = (f: Finding): void => {
  for (const part of [f.claim, f.because, f.source, f.next?.say, f.next?.because]) if (part) readable(part);
};

describe('any fit sheet that its schema allows', () => {
  it.each(FIT_KINDS)('%s: is judged, in order, each finding once, in words that read', (kind: FitKind) => {
    check(
      fc.property(
        anyOf(FIT_SCHEMAS[kind]),
        fc.integer({ min: 0, max: 9000 }),
        fc.option(fc.integer({ min: 1, max: 10 }), { nil: undefined }),
        fc.boolean(),
        (record, elevationFt, ductTons, whole) => {
          const measuredPaths = whole ? figurePaths(kind, record) : [];
          const found = judgeFit(
            { kind, record, measured: measuredPaths },
            { elevationFt, ductTons, standIn: 0, narrowestIn: 28 },
          );
          const ids = found.map((f) => f.id);
          expect(new Set(ids).size, ids.join()).toBe(ids.length);
          for (const f of found) findingReads(f);
          // What nobody measured is never good.
          if (figurePaths(kind, record).length > 0 && !whole)
            expect(found.some((f) => f.verdict === 'good')).toBe(false);
        },
      ),
    );
  });
});

const minute = (n: number): string => new Date(Date.UTC(2026, 5, 1, 12, n)).toISOString();

/** Any readings that the fields take, one after the other. */
const anyReadings = fc
  .array(
    fc.constantFrom(...(Object.keys(QUANTITIES) as Quantity[])).chain((quantity) => {
      const { low, high } = QUANTITIES[quantity];
      return fc.record({
        quantity: fc.constant(quantity),
        value: fc.integer({ min: Math.ceil(low), max: Math.floor(high) }),
        round: fc.integer({ min: 0, max: 2 }),
      });
    }),
    { maxLength: 40 },
  )
  .map((drawn) =>
    drawn
      .sort((a, b) => a.round - b.round)
      .map(({ quantity, value, round }, i) =>
        measured(quantity, value, { id: `m${i}`, setId: `set${round}`, occurredAt: minute(round * 20) }),
      ),
  );

const anySheet = fc
  .record({
    circuitLog: anyLog,
    observations: anySurvey,
    measurements: anyReadings,
    mode: fc.constantFrom('cooling' as const, 'heating' as const),
    vacuum: fc.boolean(),
    surveyed: fc.boolean(),
  })
  .map(({ circuitLog, observations, measurements, mode, vacuum, surveyed }) => {
    const base = sampleSheet();
    return sampleSheet({
      circuitLog,
      measurements,
      job: { ...base.job, mode },
      ...(vacuum ? {} : { vacuum: null }),
      ...(surveyed ? { survey: { observations, waivers: [], photos: [] } } : {}),
    });
  });

describe('any log, survey and readings that the forms allow', () => {
  it('answers drawn here are answers that the survey takes', () => {
    check(
      fc.property(anySurvey, (observations) => {
        for (const o of observations)
          if (o.value !== null)
            expect(valueTrouble(FACTS.find((f) => f.key === o.fact)!, o.value), o.fact).toBeUndefined();
      }),
      { numRuns: 20 },
    );
  });
  it('every entry is told in one line that reads', () => {
    check(
      fc.property(anyLog, (log) => {
        for (const e of log) readable(entryWords(e));
      }),
      { numRuns: 200 },
    );
  });
  it('every phase has its gates, its next move and its note, and none of them breaks', () => {
    check(
      fc.property(anySheet, fc.boolean(), (sheet, maySign) => {
        const recorded = recordedStartUp(sheet, NO_RUN);
        for (const phase of ALL) {
          const gates = gatesIn(phase, sheet, recorded);
          expect(new Set(gates.map((g) => g.id)).size).toBe(gates.length);
          for (const gate of gates) for (const part of [gate.asks, gate.say]) readable(part);
          const move = nextMoveOf(phase, sheet, { maySign });
          for (const part of [move.say, move.because]) readable(part);
          readable(noteOf(phase, sheet).say);
        }
        const standing = standingOf(sheet, recorded);
        readable(standing.waitsFor);
        for (const f of recorded?.judgement.findings ?? []) findingReads(f);
      }),
      { numRuns: 150 },
    );
  });
  it('a signature freezes it, and its report prints nothing but what can be read', () => {
    check(
      fc.property(
        anySheet,
        fc.constantFrom('charge' as const, 'start-up' as const, 'hand-over' as const),
        (sheet, phase) => {
          const recorded = recordedStartUp(sheet, NO_RUN);
          const snapshot = snapshotOf(sheet, phase, sheetGates(sheet, phase, recorded), recorded);
          const report = buildReport({
            company: 'Dray & Pell',
            snapshot: snapshot as never,
            signOffs: [],
            amendments: [],
          });
          expect(report.status).toBe('draft');
          for (const table of report.tables) for (const row of table.rows) for (const cell of row) readable(cell);
        },
      ),
      { numRuns: 100 },
    );
  });
});
