import { describe, expect, it } from 'vitest';
import { moved, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { english } from '@/core/words/testing/english';
import { rememberedOf, type Similar, similarWords, spreadOf } from './memory';

const HANDED = [signedOff('hand-over', { at: '2026-06-02T02:00:00.000Z' })];
const one = (workedH: number | null, overPlateOz: number | null): Similar => ({
  jobId: `${workedH}-${overPlateOz}`,
  number: 1,
  workedH,
  overPlateOz,
});

describe('what is remembered of a job', () => {
  it('handed over: its unit, the day by the clock of the site, the year, what went in over the plate', () => {
    const r = rememberedOf(sampleSheet({ signOffs: HANDED, measurements: [moved(20), moved(5.75)] }));
    expect([r.doneOn, r.stands]).toEqual(['2026-06-01', true]);
    expect([r.refrigerant, r.tons, r.year]).toEqual(['R-454B', 3, 2026]);
    expect(r.overPlateOz).toBe(25.8);
    expect(r.said.map((s) => english(s))[0]).toMatch(/^Charge .* over the plate$/);
  });
  it('not handed over, nothing weighed: no year, no charge, and nothing is said of it', () => {
    const r = rememberedOf(sampleSheet({ signOffs: [], measurements: [] }));
    expect([r.doneOn, r.stands, r.year, r.overPlateOz, r.workedH]).toEqual([null, false, null, null, null]);
    expect(r.said).toEqual([]);
  });
  it('what leaked, what was promised and what is open', () => {
    const jobLog = new LogBuilder()
      .add('warranty-term', { covers: 'compressor', piece: '', beginsOn: '2026-06-01', years: 10, by: 'Corvane' })
      .add('open-item', { what: 'Hatch light', owner: 'electrician', name: '', due: '2026-07-01', next: 'They come' })
      .add('open-closed', { itemId: 'e2', on: '2026-06-20', how: 'done' }).log;
    const circuitLog = new LogBuilder()
      .add('bubble', { jointId: 'j', result: 'bubbles' })
      .add('bubble', { jointId: 'k', result: 'no bubbles' }).log;
    const said = rememberedOf(sampleSheet({ jobLog, circuitLog })).said.map((s) => english(s));
    expect(said).toEqual(['1 joints bubbled, last on Jun 1, 2026', 'Warranty on compressor to May 31, 2036']);
  });
  it('hours are what the pieces took, together', () => {
    const piece = (workedH: number | null) => ({
      piece: 'recover',
      startedAt: '2026-06-01T12:00:00.000Z',
      doneAt: '2026-06-01T14:00:00.000Z',
      who: ['Tess Orlan'],
      listH: 1.5,
      workedH,
    });
    const jobLog = new LogBuilder()
      .add('plan-work', piece(1.55))
      .add('plan-work', piece(null))
      .add('plan-work', piece(0.5)).log;
    expect(rememberedOf(sampleSheet({ jobLog })).workedH).toBe(2.1);
  });
});

describe('jobs like this one', () => {
  it('are told by their spread; what nobody timed is not made up', () => {
    expect(english(similarWords([one(5.1, 6), one(6.3, 9), one(null, 7), one(5.8, null)])!)).toBe(
      '4 like this: 5.1 to 6.3 h, 6 to 9 oz over the plate',
    );
    expect(english(similarWords([one(5.04, 6.2)])!)).toBe('1 like this: 5.0 h, 6 oz over the plate');
    expect(english(similarWords([one(null, null)])!)).toBe('1 like this: nothing timed or weighed');
    expect(similarWords([])).toBeUndefined();
    expect(spreadOf([null, 3, 1])).toEqual([1, 3]);
    expect(spreadOf([null])).toBeUndefined();
  });
});
