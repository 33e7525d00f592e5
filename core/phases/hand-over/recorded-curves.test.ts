import { describe, expect, it } from 'vitest';
import type { Lines } from '@/core/job/chart';
import type { EquippedSheet } from '@/core/job/sheet';
import { HEALTHY, round, sampleSheet } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { snapshotOf } from '@/core/phases/snapshot';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import type { RunData } from '@/core/phases/start-up/system';
import { english } from '@/core/words/testing/english';
import { recordedCurves, runsToDraw } from './recorded-curves';

const AT = '2026-06-01T15:00:00.000Z';
/** A stream of so many seconds: the same healthy readings, the suction falling a psi a second. */
const stream = (seconds: number, events: RunData['events'] = []): RunData => ({
  samples: Array.from({ length: seconds }, (_, i) => ({
    runSeconds: i,
    values: { ...HEALTHY, suctionPsig: 117.5 - (i < 60 ? 0 : i - 60) },
  })),
  events,
});
const started = (runSeconds: number): EquippedSheet =>
  sampleSheet({
    measurements: round(HEALTHY, 'a', AT).map((m) => ({ ...m, runId: 'run-s', runSeconds })),
  });
const curves = (sheet: EquippedSheet, runs: Record<string, RunData>): Lines[] =>
  recordedCurves(
    snapshotOf(
      sheet,
      'start-up',
      [],
      recordedStartUp(sheet, (id) => runs[id]),
    ),
    (id) => runs[id],
  ) as Lines[];
const minutes = (line: Lines['lines'][number]) => line.pieces.map((p) => [p[0]![0], p.at(-1)![0]]);

describe('the start-up as instruments read it', () => {
  it('is drawn up to the second of the reading and no further, with what is wanted of it', () => {
    const [trend, ...rest] = curves(started(60), { 'run-s': stream(400) });
    expect(rest).toEqual([]);
    expect(trend!.lines.map((l) => english(l.say))).toEqual([
      expect.stringMatching(/^Superheat 1\d\.\d °F$/),
      expect.stringMatching(/^Subcooling \d+\.\d °F$/),
      // Return less supply: 76 − 57.
      'Air split 19.0 °F',
    ]);
    for (const line of trend!.lines) expect(minutes(line)).toEqual([[0, 1]]);
    const { target } = snapshotOf(
      started(60),
      'start-up',
      [],
      recordedStartUp(started(60), () => stream(400)),
    ).startUp!.figures.byId.subcooling!;
    expect(trend!.band).toEqual({ low: target!.low, high: target!.high, say: expect.anything() });
    expect(english(trend!.band!.say)).toBe('subcooling wanted');
  });
  it('breaks where the run says that nothing was read', () => {
    const run = stream(121, [{ kind: 'gap', runSeconds: 60, seconds: 90 } as never]);
    const [trend] = curves(started(120), { 'run-s': run });
    expect(minutes(trend!.lines[2]!)).toEqual([
      [0, 59 / 60],
      [1, 2],
    ]);
  });
  it('is not there for a crew that types, nor where the stream is not at hand', () => {
    expect(curves(sampleSheet({ measurements: round(HEALTHY, 'a', AT) }), { 'run-s': stream(100) })).toEqual([]);
    expect(curves(started(60), {})).toEqual([]);
    expect(curves(started(60), { 'run-s': { samples: [], events: [] } })).toEqual([]);
  });
});

describe('the recovery as instruments read it', () => {
  const log = () =>
    new LogBuilder()
      .add('recovered', {
        cylinderId: '018f0000-0000-7000-8000-000000000001',
        startGrossOz: 400,
        endGrossOz: 500,
        oily: false,
        scale: '',
        runId: 'run-old',
      })
      .add('level', { reachedPsig: -5, afterPsig: -4.9, waitMin: 5, runId: 'run-r' });
  const recovered = (change: Partial<EquippedSheet> = {}) => sampleSheet({ circuitLog: log().log, ...change });

  it('is drawn of the run that the newest entry names, against the level it must reach', () => {
    const sheet = recovered();
    expect(runsToDraw(sheet)).toEqual(['run-r']);
    const [recovery, ...rest] = curves(sheet, { 'run-r': stream(181), 'run-old': stream(10) });
    expect(rest).toEqual([]);
    expect(recovery!.lines).toHaveLength(1);
    // 117.5 falling by 120 in the two minutes after the first.
    expect(recovery!.lines[0]!.pieces.at(-1)!.at(-1)).toEqual([3, -2.5]);
    // 10 inHg of a medium-pressure appliance, or deeper by company policy: below atmosphere, 0.491 psi an inch.
    expect(recovery!.bounds[0]!.at).toBeLessThanOrEqual(-4.9);
    expect(english(recovery!.bounds[0]!.say)).toMatch(/^required: [\d.]+ inHg$/);
  });
  it('and the start-up are both asked for, each once', () => {
    const both = { ...recovered(), measurements: started(60).measurements };
    expect(runsToDraw(both)).toEqual(['run-r', 'run-s']);
    expect(runsToDraw(sampleSheet())).toEqual([]);
  });
});
