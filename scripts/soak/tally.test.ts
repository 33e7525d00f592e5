import { describe, expect, it } from 'vitest';
import { tally } from './tally';

const sent = (id: string, words: string, acknowledged = true) => ({ id, words, acknowledged });

describe('what a soak counts', () => {
  it('nothing lost and nothing doubled where each acknowledged write is there once', () => {
    const all = [sent('a', 'one'), sent('b', 'two'), sent('c', 'three', false)];
    expect(tally(all, [all[0]!, all[1]!])).toEqual({ acknowledged: 2, lost: [], doubled: [] });
    // Stored and never answered: neither lost nor doubled.
    expect(tally(all, all)).toEqual({ acknowledged: 2, lost: [], doubled: [] });
  });
  it('sees a lost one, changed words, and words stored twice under another id', () => {
    const all = [sent('a', 'one'), sent('b', 'two'), sent('c', 'three')];
    const found = [sent('a', 'one'), sent('b', 'other'), sent('x', 'one')];
    const t = tally(all, found);
    expect(t.lost.map((s) => s.id)).toEqual(['b', 'c']);
    expect(t.doubled.map((f) => f.id)).toEqual(['x']);
  });
  it('sees the same id twice', () => {
    expect(tally([sent('a', 'one')], [sent('a', 'one'), sent('a', 'one')]).doubled).toHaveLength(1);
  });
});
