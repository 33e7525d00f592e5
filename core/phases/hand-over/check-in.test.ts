import { describe, expect, it } from 'vitest';
import { sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { observed } from '@/core/scope/survey/testing/observed';
import { checkInOf } from './check-in';

const sheet = (log: LogBuilder['log'], place?: string, alone: boolean | null = true) => ({
  ...sampleSheet(),
  jobLog: log,
  survey: {
    ...sampleSheet().survey,
    observations: [
      ...(alone === null ? [] : [observed('worksAlone', alone)]),
      ...(place ? [observed('workPlace', place)] : []),
    ],
  },
});
const begun = (what: 'begun' | 'here' | 'off site' = 'begun') => new LogBuilder().add('check-in', { what }).log;
const at = (log: LogBuilder['log'], minutes: number) => Date.parse(log.at(-1)!.at) + minutes * 60_000;

describe('one who works alone', () => {
  it('is asked for only where somebody does', () => {
    expect(checkInOf(sheet([], undefined, false), 0)).toBeUndefined();
    expect(checkInOf(sheet([], undefined, null), 0)).toBeUndefined();
    expect(checkInOf(sheet([]), 0)).toMatchObject({ state: 'not begun', dueAt: undefined });
  });
  it('is not asked to begin once the sheet is closed; who began is still watched', () => {
    const closed = { signOffs: [signedOff('hand-over')] };
    expect(checkInOf({ ...sheet([]), ...closed }, 0)).toBeUndefined();
    const log = begun();
    expect(checkInOf({ ...sheet(log), ...closed }, at(log, 70))!.state).toBe('silent');
  });
  it.each([
    [undefined, 60],
    ['open', 60],
    ['basement', 60],
    ['attic', 30],
    ['roof', 30],
    ['crawlspace', 30],
  ])('%s: a call every %d min, silent ten minutes after it was due', (place, every) => {
    const log = begun();
    const state = (minutes: number) => checkInOf(sheet(log, place), at(log, minutes))!.state;
    expect(state(0)).toBe('well');
    expect(state(every - 0.01)).toBe('well');
    expect(state(every)).toBe('due');
    expect(state(every + 9.99)).toBe('due');
    expect(state(every + 10)).toBe('silent');
    expect(checkInOf(sheet(log, place), 0)!.dueAt).toBe(new Date(at(log, every)).toISOString());
  });
  it('the newest call counts, and none is due once the site is left', () => {
    const b = new LogBuilder().add('check-in', { what: 'begun' }).wait(50).add('check-in', { what: 'here' });
    expect(checkInOf(sheet(b.log), at(b.log, 59))!.state).toBe('well');
    b.add('check-in', { what: 'off site' });
    expect(checkInOf(sheet(b.log), at(b.log, 600))).toMatchObject({ state: 'off site', dueAt: undefined });
  });
});
