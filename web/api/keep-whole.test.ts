import { describe, expect, it } from 'vitest';
import { jobsToKeep } from './keep-whole';

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
