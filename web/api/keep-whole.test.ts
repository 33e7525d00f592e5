import { describe, expect, it } from 'vitest';
import { freshMarks, jobsToKeep } from './keep-whole';

const ME = { fullName: 'Tess Orlan' };
const TODAY = '2026-06-10';
const row = (jobId: string, scheduledFor: string, change: object = {}) => ({
  jobId,
  scheduledFor,
  leadName: 'Tess Orlan',
  state: 'open',
  ...change,
});

describe('the jobs a device keeps whole', () => {
  it('are those that the person leads, the soonest first, and then those that it knows', () => {
    const rows = [
      row('late', '2026-07-30'),
      row('theirs', '2026-06-10', { leadName: 'Jory Vance' }),
      row('next', '2026-06-11'),
      row('known', '2026-06-20', { leadName: 'Jory Vance' }),
      row('past', '2026-06-08'),
    ];
    expect(jobsToKeep(rows, ME, new Set(['known', 'next']), TODAY)).toEqual(['next', 'past', 'late', 'known']);
  });

  it('none that is done or does not go ahead, each once, and twelve at most', () => {
    const rows = [
      row('done', TODAY, { state: 'done' }),
      row('cancelled', TODAY, { state: 'cancelled' }),
      ...Array.from({ length: 20 }, (_, i) => row(`j${i}`, `2026-06-${String(10 + i)}`)),
    ];
    const kept = jobsToKeep(rows, ME, new Set(['done', 'j0']), TODAY);
    expect(kept).toEqual(Array.from({ length: 12 }, (_, i) => `j${i}`));
  });
});

describe('what was fetched lately', () => {
  const NOW = Date.parse('2026-06-10T12:00:00Z');
  const MIN = 60_000;
  it('counts for ten minutes, over a reload; a clock that was set back does not make it last for ever', () => {
    const marks = { old: NOW - 11 * MIN, edge: NOW - 10 * MIN, new: NOW - 9 * MIN, ahead: NOW + MIN };
    expect(freshMarks(JSON.stringify(marks), NOW)).toEqual({ new: NOW - 9 * MIN });
  });
  it('is nothing where nothing readable is kept', () => {
    for (const text of [null, '', '{', 'null', '[]', '{"a":"b"}']) expect(freshMarks(text, NOW)).toEqual({});
  });
});
