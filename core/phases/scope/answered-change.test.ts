import { describe, expect, it } from 'vitest';
import { NEW_LINE_SET } from '@/core/scope/rules/circuit-rules';
import { changesLineSet, decidedByAnswer } from './answered-change';
import type { ScopeView } from './view';

const item = (id: string, level: 'must' | 'should' | 'may', safety = false) => ({ id, level, safety });
const found = (added: object[], removed: object[] = []) =>
  ({ change: { delta: { added, removed } } }) as unknown as Pick<ScopeView, 'change'>;

describe('a customer answers what was found on the day', () => {
  const change = found([
    item('pad', 'must'),
    item('drain', 'should'),
    item('gas', 'must', true),
    item('co', 'should', true),
  ]);
  it.each([
    [
      'yes',
      null,
      [
        ['drain', 'in', null],
        ['co', 'in', null],
      ],
    ],
    [
      'no',
      'Next year.',
      [
        ['pad', 'out', 'Next year.'],
        ['drain', 'out', 'Next year.'],
      ],
    ],
  ] as const)('%s', (answer, reason, decided) => {
    expect(decidedByAnswer(change, { answer, reason }).map((d) => [d.itemId, d.decision, d.reason])).toEqual(decided);
  });
  it('with nothing found nothing is decided', () => {
    expect(decidedByAnswer({ change: undefined }, { answer: 'yes', reason: null })).toEqual([]);
    expect(changesLineSet({ change: undefined })).toBe(false);
  });
  it.each([
    ['put in', found([item(NEW_LINE_SET, 'must')]), true],
    ['taken out', found([], [item(NEW_LINE_SET, 'must')]), true],
    ['neither', change, false],
  ])('a line set is %s', (_name, view, changes) => {
    expect(changesLineSet(view)).toBe(changes);
  });
});
