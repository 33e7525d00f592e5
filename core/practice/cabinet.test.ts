import { describe, expect, it } from 'vitest';
import { applyCabinet, type CabinetPlay, startCabinet } from './cabinet-play';
import { CABINET_MIN, drawCabinetRound, namesFor, retraceCabinet } from './cabinet-round';
import { type CabinetLevel, LEVEL, SEEDS } from './levels';
import type { Move } from './moves';
import { judgeRound } from './practice';
import { cabinetResult } from './result';

const level = LEVEL.wires as CabinetLevel;
const rounds = SEEDS.wires.map((seed) => ({ seed, round: drawCabinetRound(level, seed) }));
const played = (seed: number, ...moves: Move[]): CabinetPlay => {
  const p = startCabinet(drawCabinetRound(level, seed));
  for (const m of moves) expect(applyCabinet(p, m).ok).toBe(true);
  return p;
};
const broken = rounds.find((r) => r.round.hidden !== 'none')!;

describe('rounds at a cabinet', () => {
  it('hide every kind of wiring fault over four systems, and a sound one among them', () => {
    expect(new Set(rounds.map((r) => r.round.system)).size).toBe(4);
    expect(new Set(rounds.map((r) => r.round.hidden)).size).toBeGreaterThan(12);
    expect(rounds.map((r) => r.round.hidden)).toContain('none');
  });

  it('come down to what hides, by trials and measurements', () => {
    for (const { seed, round } of rounds) {
      const { left, steps, minutes } = retraceCabinet(round);
      expect(left, String(seed)).toContain(round.hidden);
      expect(left.length).toBeLessThan(4);
      expect(minutes).toBe(steps.reduce((sum, s) => sum + (s.did === 'try' ? CABINET_MIN.try : CABINET_MIN.volts), 0));
    }
  });

  it('are a hundred for who tries what the reasoning tries, names it and mends it', () => {
    for (const { seed, round } of rounds) {
      const moves = retraceCabinet(round).steps.map(
        (s): Move =>
          s.did === 'try'
            ? { kind: 'try', call: s.trial.call, open: [...s.trial.open] }
            : { kind: 'volts', call: s.measured.call, open: [...s.measured.open], a: s.measured.a, b: s.measured.b },
      );
      const mend: Move[] = round.hidden === 'none' ? [] : [{ kind: 'mend', code: round.hidden }];
      const p = played(seed, ...moves, { kind: 'name-wiring', code: round.hidden }, ...mend, { kind: 'finish' });
      expect(cabinetResult(p).score.total, `${seed} ${round.hidden}`).toBeGreaterThanOrEqual(95);
    }
  });

  it('count a right conductor that was changed, and do nothing for it', () => {
    const { seed, round } = broken;
    const other = namesFor(round).find((n) => n !== round.hidden && n !== 'none')! as Exclude<
      typeof round.hidden,
      'none'
    >;
    const p = played(seed, { kind: 'mend', code: other }, { kind: 'name-wiring', code: other }, { kind: 'finish' });
    expect(p.harm).toMatchObject([{ id: 'wire-moved-for-nothing', points: 10 }]);
    expect(cabinetResult(p)).toMatchObject({ right: false, score: { total: 0 } });
  });

  it('work as they must once the fault is mended', () => {
    const { seed, round } = broken;
    const trial: Move = { kind: 'try', call: 'cool1', open: [] };
    const p = played(seed, { kind: 'mend', code: round.hidden as never }, trial);
    const sound = rounds.find((r) => r.round.hidden === 'none' && r.round.system === round.system);
    if (sound) expect(p.done.at(-1)?.showed).toEqual(played(sound.seed, trial).done.at(-1)?.showed);
    expect(p.seen).toHaveLength(1);
  });

  it('refuse what this cabinet has not', () => {
    const p = played(broken.seed);
    const why = (m: Move): string | undefined => {
      const r = applyCabinet(p, m);
      return r.ok ? undefined : r.refused.message.id;
    };
    expect(why({ kind: 'try', call: 'cool1', open: ['nothing'] })).toBe('practice.no-such-call-here');
    expect(why({ kind: 'ohms', a: 'in.Z', b: 'in.C' })).toBe('practice.no-such-terminal');
    expect(why({ kind: 'volts', call: 'cool1', open: [], a: 'in.R', b: 'in.Z' })).toBe('practice.no-such-terminal');
    expect(why({ kind: 'wait', minutes: 5 })).toBe('practice.only-a-cabinet-here');
    expect(why({ kind: 'finish' })).toBe('practice.nothing-named');
    expect(why({ kind: 'ohms', a: 'in.R', b: 'in.C' })).toBeUndefined();
    expect(why({ kind: 'name-wiring', code: 'none' })).toBeUndefined();
    expect(why({ kind: 'name-wiring', code: 'none' })).toBe('practice.named-already');
    expect(p.done).toHaveLength(2);
  });

  it('are judged from seed and moves', () => {
    const judged = judgeRound('wires', broken.seed, [
      { kind: 'try', call: 'cool1', open: [] },
      { kind: 'name-wiring', code: broken.round.hidden },
      { kind: 'finish' },
    ]);
    expect(judged).toMatchObject({ ok: true, value: { right: true, minutes: 3, harm: 0 } });
  });
});
