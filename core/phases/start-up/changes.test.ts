import { describe, expect, it } from 'vitest';
import { HEALTHY, measured, moved, round, sampleSheet, standing } from '@/core/job/testing/sample-sheet';
import { refusesEntry } from '@/core/phases/entry-rules';
import { newestHere } from '@/core/phases/log/circuit-log';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { snapshotOf } from '@/core/phases/snapshot';
import { newestAir } from './airflow-since';
import type { Correction } from './bench-entries';
import { benchProofsOf } from './bench-proofs';
import { changesOf } from './changes';
import { airChangedAt, correctionsOf } from './corrections';
import { othersOf } from './of-circuit';
import { circuitColumn, sideBySide } from './side-by-side';
import { judgeTyped, recordedStartUp } from './start-up-sheet';

const at = (time: string) => `2026-06-01T${time}:00.000Z`;
const corrected = (what: Correction, time: string, change: object = {}) =>
  new LogBuilder().add('correction', { what, note: '', readAt: undefined }, { at: at(time), ...change }).log;
const air = measured('airflowCfm', 1204, {
  stage: 'airflow',
  occurredAt: at('14:00'),
  detail: { method: 'flow grid or hood' },
});
const WARM = { ...HEALTHY, suctionLineF: 62 };
const sheetOf = (change: Parameters<typeof sampleSheet>[0]) =>
  sampleSheet({
    measurements: [air, ...round(WARM, 'a', at('15:00')), ...round(HEALTHY, 'b', at('15:40'))],
    ...change,
  });
const unread = (sheet: ReturnType<typeof sampleSheet>) =>
  recordedStartUp(sheet, () => undefined)!.judgement.findings.find((f) => f.id === 'correction-unread');

describe('what was put right on the running system', () => {
  it('stands between the rounds on both sides of it', () => {
    const [change] = changesOf(sheetOf({ systemLog: corrected('valve or bulb mended', '15:20') }));
    const superheat = change!.figures.find((f) => f.label === change!.figures[0]!.label)!;
    expect(superheat.before! - superheat.after!).toBeCloseTo(6, 5);
  });

  it('a side that nobody read has no figure; several changes share no round', () => {
    const systemLog = [
      ...corrected('outdoor coil washed', '15:20'),
      ...corrected('filter changed', '15:30', { id: 'f' }),
    ];
    const [wash, filter] = changesOf(sheetOf({ systemLog }));
    expect(wash!.figures.every((f) => f.before !== undefined && f.after === undefined)).toBe(true);
    expect(filter!.figures.every((f) => f.before === undefined && f.after !== undefined)).toBe(true);
    const trimmed = sheetOf({});
    trimmed.measurements.push(moved(3, { phase: 'start-up', stage: 'trim', occurredAt: at('15:10') }));
    expect(changesOf(trimmed)[0]!.what).toMatchObject({ id: 'job.oz-added' });
  });

  it('a reading of before it says nothing now; one after it does; its own time counts', () => {
    expect(unread(sheetOf({ systemLog: corrected('filter changed', '15:50') }))).toMatchObject({
      verdict: 'not-proven',
    });
    expect(unread(sheetOf({ systemLog: corrected('filter changed', '15:20') }))).toBeUndefined();
    const late = new LogBuilder().add(
      'correction',
      { what: 'filter changed', note: '', readAt: at('15:20') },
      { at: at('16:30') },
    ).log;
    expect(unread(sheetOf({ systemLog: late }))).toBeUndefined();
    // A washed coil dries longer.
    expect(unread(sheetOf({ systemLog: corrected('outdoor coil washed', '15:50') }))?.next?.waitMin).toBe(15);
    expect(unread(sheetOf({ systemLog: corrected('probe moved', '15:50') }))?.next?.waitMin).toBe(10);
  });

  it('what is being typed now is of the system as it is', () => {
    const sheet = sheetOf({ systemLog: corrected('filter changed', '15:50') });
    const ids = (typing: object) =>
      judgeTyped(sheet, typing, Date.parse(at('16:10'))).judgement.findings.map((f) => f.id);
    expect(ids({})).toContain('correction-unread');
    expect(ids({ suctionPsig: 118 })).not.toContain('correction-unread');
  });

  it('two rounds on both sides of it are not two rounds that agree', () => {
    const measurements = [air, ...round(HEALTHY, 'a', at('15:00')), ...round(HEALTHY, 'b', at('15:08'))];
    const steady = (systemLog: ReturnType<typeof corrected>) =>
      recordedStartUp(sheetOf({ measurements, systemLog }), () => undefined)!.steady.state;
    expect(steady([])).toBe('steady');
    expect(steady(corrected('probe moved', '15:04'))).toBe('settling');
  });

  it('what moves the air voids air that was measured before', () => {
    const newest = (what: Correction, time: string) =>
      newestAir(sheetOf({ systemLog: corrected(what, time) }), 'cooling');
    expect(newest('filter changed', '14:30')).toBeUndefined();
    expect(newest('filter changed', '13:30')?.value).toBe(1204);
    expect(newest('outdoor coil washed', '14:30')?.value).toBe(1204);
    const [one] = corrected('filter changed', '14:30');
    const taken = {
      ...one!,
      id: 'w',
      kind: 'withdrawn' as const,
      body: { reason: 'wrong house' },
      supersedesId: one!.id,
    };
    expect(airChangedAt({ systemLog: [one!, taken] })).toBe('');
  });

  it('another circuit’s are not this one’s, but its air is the same', () => {
    const sheet = sheetOf({ systemLog: corrected('filter changed', '15:50', { circuitId: 'k2' }) });
    expect(correctionsOf(sheet)).toEqual([]);
    expect(airChangedAt(sheet)).toBe(at('15:50'));
  });
});

describe('supply air at the nearest register', () => {
  const placed = (time: string, place: 'plenum' | 'register' = 'register') =>
    new LogBuilder().add('supply-place', { place }, { at: at(time) }).log;
  const split = (supply: number, systemLog: ReturnType<typeof placed>) => {
    const warm = { ...HEALTHY, supplyDryBulbF: supply };
    const measurements = [air, ...round(warm, 'a', at('15:00')), ...round(warm, 'b', at('15:08'))];
    const { judgement } = recordedStartUp(sheetOf({ measurements, systemLog }), () => undefined)!;
    return {
      finding: judgement.findings.find((f) => f.id === 'air-split'),
      figure: judgement.figures.byId['air-split'],
    };
  };

  it('widens the split and calls one that is low by no more than the duct not proven', () => {
    const here = split(61, []);
    const low = here.figure.target!.low;
    const supply = 76 - low + 1;
    expect(split(supply, []).figure.uncertainty).toBeCloseTo(Math.hypot(0.5, 0.5), 9);
    expect(split(supply, placed('14:00')).figure.uncertainty).toBeCloseTo(Math.hypot(0.5, 0.5, 1), 9);
    expect(split(supply, []).finding?.verdict).toBe('look-again');
    expect(split(supply, placed('14:00')).finding?.verdict).toBe('not-proven');
    // By more than that it is low.
    expect(split(supply + 1.5, placed('14:00')).finding?.verdict).toBe('look-again');
  });

  it('counts from the tap on, and until the next one', () => {
    expect(split(57, placed('15:30')).figure.readsLow).toBe(0);
    expect(split(57, [...placed('14:00'), ...placed('14:30', 'plenum')]).figure.readsLow).toBe(0);
  });
});

describe('two circuits side by side', () => {
  const first = sheetOf({ circuits: [standing({ id: 'k' }), standing({ id: 'k2', name: 'Circuit 2' })] });
  const second = {
    ...sheetOf({ measurements: [...round({ ...WARM, compressorA: 12 }, 'a', at('15:20'))] }),
    circuit: { ...first.circuit, id: 'k2', name: 'Circuit 2' },
  };

  it('lays the newest round of each beside the other, with its own target and verdict', () => {
    const columns = [circuitColumn(first), circuitColumn(second)];
    expect(columns.map((c) => c.at)).toEqual([at('15:40'), at('15:20')]);
    const rows = sideBySide(columns);
    expect(rows.find((r) => r.id === 'superheat')?.apart).toBe(true);
    expect(rows.find((r) => r.id === 'compressor-amps')?.apart).toBe(false);
    expect(rows.find((r) => r.id === 'subcooling')?.figures[0]?.figure.target?.value).toBe(10);
  });

  it('one that is not read yet has only its name', () => {
    const bare = { ...second, measurements: [] };
    expect(circuitColumn(bare)).toEqual({ id: 'k2', name: 'Circuit 2', at: undefined, figures: {} });
    expect(sideBySide([circuitColumn(first), circuitColumn(bare)]).every((r) => !r.apart)).toBe(true);
  });

  it('only circuits of the same system that are charged', () => {
    const of = (...circuits: ReturnType<typeof standing>[]) =>
      othersOf({ ...first, circuits: [standing({ id: 'k' }), ...circuits] }).map((c) => c.id);
    expect(of(standing({ id: 'k2' }))).toEqual(['k2']);
    expect(of(standing({ id: 'k3', systemId: 'z' }))).toEqual([]);
    expect(of(standing({ id: 'k4', cooled: false }), standing({ id: 'k5', equipped: false }))).toEqual([]);
  });
});

describe('a round that instruments recorded', () => {
  it('stands as it stood once they are gone: nobody is asked to type it again', () => {
    const kept = (steady: 'steady' | 'settling') => {
      const measurements = round(HEALTHY, 'a', at('15:00')).map((m) => ({
        ...m,
        source: 'simulated' as const,
        detail: { steady, ranMin: 24 },
      }));
      return judgeTyped(sheetOf({ measurements: [air, ...measurements] }), {}, Date.parse(at('16:00')));
    };
    expect(kept('steady').steady.state).toBe('steady');
    expect(kept('settling').steady.state).toBe('settling');
    expect(kept('steady').judgement.findings.find((f) => f.id === 'steady')?.verdict).toBe('good');
  });
});

describe('one clamp that is moved between both lines', () => {
  it('widens what is made of it, and nothing else', () => {
    const figures = (systemLog: ReturnType<typeof corrected>) =>
      recordedStartUp(sheetOf({ systemLog }), () => undefined)!.judgement.figures.byId;
    const moved = new LogBuilder().add('clamps', { how: 'one moved' }, { at: at('14:00') }).log;
    const [two, one] = [figures([]), figures(moved)];
    expect(one.superheat.uncertainty).toBeCloseTo(Math.hypot(two.superheat.uncertainty!, 1), 9);
    expect(one.subcooling.uncertainty).toBeCloseTo(Math.hypot(two.subcooling.uncertainty!, 1), 9);
    expect(one['air-split'].uncertainty).toBe(two['air-split'].uncertainty);
    const back = [...moved, ...new LogBuilder().add('clamps', { how: 'two' }, { at: at('14:30'), id: 'b' }).log];
    expect(figures(back).superheat.uncertainty).toBe(two.superheat.uncertainty);
  });
});

describe('what is read on one circuit of two', () => {
  const both = new LogBuilder()
    .add('sight-glass', { shows: 'clear', moisture: 'dry' }, { id: 'one' })
    .add('sight-glass', { shows: 'bubbles', moisture: 'dry' }, { id: 'two', circuitId: 'k2' })
    .add(
      'static-budget',
      { returnInWc: 0.2, supplyInWc: 0.2, filterInWc: null, coilInWc: null, ratedInWc: 0.5 },
      {
        id: 'air',
        circuitId: 'k2',
      },
    ).log;
  const on = (id: string) => {
    const sheet = sheetOf({ systemLog: both });
    return { ...sheet, circuit: { ...sheet.circuit, id } };
  };

  it('is put right, judged and frozen there alone; what is of the system on both', () => {
    expect(newestHere(on('k'), 'sight-glass')?.id).toBe('one');
    expect(newestHere(on('k2'), 'sight-glass')?.id).toBe('two');
    expect([newestHere(on('k'), 'static-budget')?.id, newestHere(on('k2'), 'static-budget')?.id]).toEqual([
      'air',
      'air',
    ]);
    const glass = (id: string) => benchProofsOf(on(id)).find((p) => p.id === 'sight-glass')!.findings![0]!.verdict;
    expect([glass('k'), glass('k2')]).toEqual(['good', 'not-proven']);
    const frozen = (id: string) => {
      const sheet = on(id);
      const recorded = recordedStartUp(sheet, () => undefined);
      return snapshotOf(sheet, 'start-up', [], recorded).startUp!.written.map((e) => e.id);
    };
    expect(frozen('k')).toEqual(['one', 'air']);
    expect(frozen('k2')).toEqual(['two', 'air']);
  });

  it('nothing is put right before its time', () => {
    const refused = (readAt: string) =>
      refusesEntry(sheetOf({}), 'correction', { what: 'filter changed', note: '', readAt }, {
        nowMs: Date.parse(at('16:00')),
      } as never);
    expect(refused(at('17:00'))).toMatchObject({ field: 'readAt' });
    expect(refused(at('15:30'))).toBeUndefined();
  });
});
