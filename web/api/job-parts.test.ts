import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import type { FactKey } from '@/core/scope/survey/facts';
import { observed } from '@/core/scope/survey/testing/observed';
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
  it('brings what is the system’s to its own circuits only, and what is the house’s to all', () => {
    const found = (fact: FactKey, value: string) => observed(fact, value, { id: `${fact}-${value}` });
    const photo = (subject: string) => ({
      id: subject,
      subject,
      caption: null,
      widthPx: 1,
      heightPx: 1,
      bytes: 1,
      by: '',
      at: '',
    });
    const theirs = {
      ...answer,
      survey: {
        waivers: [],
        observations: [found('oldRefrigerant', 'R-22'), found('asbestos', 'suspect')],
        photos: [photo('before:plates'), photo('fact:asbestos')],
      },
    };
    const other = {
      ...mine,
      system: { ...mine.system, id: 'z' },
      survey: {
        waivers: [],
        observations: [found('asbestos', 'none'), found('oldRefrigerant', 'R-32')],
        photos: [photo('before:lines')],
      },
    };
    expect(withJobOf(mine, theirs).survey).toBe(theirs.survey);
    const seen = withJobOf(other, theirs);
    expect(seen.survey.observations.map((o) => o.value)).toEqual(['suspect', 'R-32']);
    expect(seen.survey.photos.map((p) => p.subject)).toEqual(['fact:asbestos', 'before:lines']);
    expect([seen.removal, seen.system.id]).toEqual([null, 'z']);
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
