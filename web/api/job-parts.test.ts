import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { withJobOf } from './job-parts';

describe('an answer for one circuit, on the sheet of another', () => {
  const mine = { ...sampleSheet(), circuit: { ...sampleSheet().circuit, id: 'k2', name: 'Circuit 2' } };
  const answer = {
    ...sampleSheet(),
    job: { ...sampleSheet().job, version: 9 },
    removal: { by: 'Tess Orlan', at: '2026-06-01T12:00:00.000Z' },
    vacuum: null,
  };
  it('brings what is the job’s', () => {
    const seen = withJobOf(mine, answer);
    expect(seen.job.version).toBe(9);
    expect(seen.removal).toEqual(answer.removal);
  });
  it('leaves what is the circuit’s: plate, log, readings, vacuum, signatures', () => {
    const seen = withJobOf(mine, answer);
    for (const part of [
      'circuit',
      'vacuum',
      'circuitLog',
      'measurements',
      'runs',
      'startUp',
      'signOffs',
      'overrides',
    ] as const)
      expect(seen[part], part).toBe(mine[part]);
  });
});
