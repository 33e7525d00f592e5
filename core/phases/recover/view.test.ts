import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { observed } from '@/core/scope/survey/testing/observed';
import { feedsOf, oldChargeFromSurvey, removalFactsFromSurvey } from './view';

const sheet = (...observations: ReturnType<typeof observed>[]) =>
  sampleSheet({ survey: { ...sampleSheet().survey, observations } });

describe('what the survey knows of the old system', () => {
  it('fills its record: figures as figures, what was not seen as not known', () => {
    const known = sheet(
      observed('oldRefrigerant', 'R-22'),
      observed('lineLengthFt', 42),
      observed('oldChargeOz', null),
    );
    expect(oldChargeFromSurvey(known)).toEqual({ refrigerant: 'R-22', factoryOz: null, lineLengthFt: 42 });
    expect(oldChargeFromSurvey(sampleSheet())).toEqual({});
  });
  it.each([
    ['runs', 'none', { compressorRuns: 'yes', burnout: 'no' }],
    ['locked', 'none', { compressorRuns: 'no', burnout: 'no' }],
    ['grounded', 'none', { compressorRuns: 'no', burnout: 'yes' }],
    ['runs', 'acid', { compressorRuns: 'yes', burnout: 'yes' }],
  ])('a compressor that is %s with %s acid: %j', (state, acid, facts) =>
    expect(
      removalFactsFromSurvey(sheet(observed('compressorState', state as never), observed('acid', acid as never))),
    ).toEqual(facts),
  );
  it('two feeds where the survey found two', () => {
    expect(feedsOf(sampleSheet())).toBe(1);
    expect(feedsOf(sheet(observed('twoFeeds', true)))).toBe(2);
    expect(feedsOf(sheet(observed('twoFeeds', false)))).toBe(1);
  });
});
