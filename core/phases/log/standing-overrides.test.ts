import { describe, expect, it } from 'vitest';
import type { EntryBody } from './entries';
import { standingOverrides } from './standing-overrides';
import { LogBuilder } from './testing/log-builder';

const given = (phase: string, afterEntryId: string | null) => ({ id: `after ${afterEntryId}`, phase, afterEntryId });
const dead = {} as EntryBody<'dead-proof'>;
/** e1 another phase's, e2 of the recovery, e3 another phase's, e4 withdraws e2, e5 of the recovery again. */
const { log } = new LogBuilder()
  .add('drier', {} as EntryBody<'drier'>)
  .add('dead-proof', dead)
  .add('drier', {} as EntryBody<'drier'>)
  .add('withdrawn', { reason: 'Wrong unit' }, { supersedesId: 'e2', phase: 'recover' })
  .add('dead-proof', dead);

describe('standingOverrides', () => {
  it.each([
    [null, true, 'given on an empty log'],
    ['e1', true, 'given before the entry: it passed something else'],
    ['e2', false, 'given right after the entry'],
    ['e3', false, 'given while the entry stood'],
    ['e4', true, 'given when it was withdrawn: it passed what was left'],
    ['e5', true, 'given after that'],
  ])('after %s stands: %s (%s)', (after, stands, _why) => {
    expect(standingOverrides([given('recover', after)], log)).toHaveLength(stands ? 1 : 0);
  });

  it('leaves the overrides of other phases, whatever is taken back in this one', () => {
    expect(standingOverrides([given('join', 'e3')], log)).toEqual([{ id: 'after e3', phase: 'join' }]);
  });

  it('a corrected entry takes its override off as a withdrawn one does', () => {
    const b = new LogBuilder().add('dead-proof', dead);
    const corrected = b.add('dead-proof', dead, { supersedesId: 'e1' }).log;
    const two = [given('recover', 'e1'), given('recover', 'e2')];
    expect(standingOverrides(two, corrected).map((o) => o.id)).toEqual(['after e2']);
  });

  it('keeps an override where what was replaced is of another circuit, or the log it saw is not this one', () => {
    const other = new LogBuilder()
      .add('dead-proof', dead)
      .add('withdrawn', { reason: 'Elsewhere' }, { supersedesId: 'of another circuit' }).log;
    expect(standingOverrides([given('recover', 'e1')], other)).toHaveLength(1);
    expect(standingOverrides([given('recover', 'of another circuit')], log)).toHaveLength(1);
  });
});
