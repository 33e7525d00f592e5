import { describe, expect, it } from 'vitest';
import type { EquippedSheet, SheetMeasurement } from '@/core/job/sheet';
import { HEALTHY, measured, moved, round, sampleSheet } from '@/core/job/testing/sample-sheet';
import { cycleBeforeTrim, faultNow } from './reasoned';
import { followUpsOf, readingsOfRound, roundsOf } from './rounds';
import { judgeTyped } from './start-up-sheet';

const EARLY = '2026-06-01T15:00:00.000Z';
const LATE = '2026-06-01T15:08:00.000Z';
const LAST = '2026-06-01T15:40:00.000Z';
/** A dry, cold coil behind plenty of liquid, on a valve. */
const STARVED = {
  ...HEALTHY,
  suctionPsig: 78,
  suctionLineF: 66,
  liquidPsig: 345,
  liquidLineF: 98,
  supplyDryBulbF: 65,
  compressorA: 10.9,
};
const sheetOf = (...measurements: SheetMeasurement[]): EquippedSheet => sampleSheet({ measurements });
const drop = (value: number, occurredAt = LAST): SheetMeasurement =>
  measured('drierDropF', value, { stage: 'reading', setId: 'follow', occurredAt });
const trim = (occurredAt: string): SheetMeasurement => moved(4, { phase: 'start-up', occurredAt });

describe('a follow-up that is recorded by itself', () => {
  const sheet = sheetOf(...round(STARVED, 'a', EARLY), drop(11));
  it('takes no round’s place: the readings before it stand', () => {
    expect(roundsOf(sheet).map((r) => r.setId)).toEqual(['a']);
    const { readings } = judgeTyped(sheet, {}, Date.parse(LAST));
    expect(readings.suctionPsig?.value).toBe(78);
  });
  it('is known from then on, the newest first, until the charge is changed', () => {
    expect(followUpsOf(sheet).drierDropF?.value).toBe(11);
    expect(followUpsOf(sheetOf(drop(11, EARLY), drop(2, LATE))).drierDropF?.value).toBe(2);
    expect(followUpsOf(sheetOf(drop(11, EARLY), trim(LATE)))).toEqual({});
    expect(followUpsOf(sampleSheet({ job: { ...sheet.job, mode: 'heating' }, measurements: [drop(11)] }))).toEqual({});
  });
  it('settles what the round could not', () => {
    const before = faultNow(sheetOf(...round(STARVED, 'a', EARLY)), {})!;
    expect(before).toMatchObject({ fromRound: true });
    expect(before.found.ranked[0]!.or).toHaveLength(1);
    expect(faultNow(sheet, {})!.found.ranked[0]!.fault).toBe('liquid-restriction');
    // Typed now, it stands before what is on record.
    const typed = { drierDropF: { value: 0.5, uncertainty: 1, source: 'typed' as const } };
    expect(faultNow(sheet, typed)!.found.ranked[0]!.fault).toBe('valve-starving');
  });
});

describe('by which readings the fault is told', () => {
  const running = round(STARVED, 'a', EARLY);
  const atRest = round({ ...STARVED, compressorA: 0 }, 'b', LATE);
  it('what is read now, else the last round that was running', () => {
    const now = readingsOfRound(round(HEALTHY, 'x', LAST));
    expect(faultNow(sheetOf(...running), now)).toMatchObject({ fromRound: false, found: { verdict: 'healthy' } });
    expect(faultNow(sheetOf(...running, ...atRest), {})!.found.ranked[0]!.or).toBeDefined();
    expect(faultNow(sheetOf(), {})).toBeUndefined();
  });
  it('nothing of before a change of charge, and nothing in heating', () => {
    expect(faultNow(sheetOf(...running, trim(LATE)), {})).toBeUndefined();
    const heating = sampleSheet({ measurements: running });
    expect(
      faultNow({ ...heating, job: { ...heating.job, mode: 'heating' } }, readingsOfRound(running)),
    ).toBeUndefined();
  });
});

describe('the cycle before the charge was changed', () => {
  it('is that of the last round before it; none where nothing was moved or read', () => {
    const both = [...round(HEALTHY, 'a', EARLY), ...round(STARVED, 'b', LAST)];
    const before = cycleBeforeTrim(sheetOf(...both, trim(LATE)))!;
    expect(before.suction.psia).toBeCloseTo(HEALTHY.suctionPsig! + sampleSheet().site.barometerPsia, 6);
    expect(cycleBeforeTrim(sheetOf(...both))).toBeUndefined();
    expect(cycleBeforeTrim(sheetOf(trim(EARLY)))).toBeUndefined();
  });
});
