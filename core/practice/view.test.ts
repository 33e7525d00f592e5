import { describe, expect, it } from 'vitest';
import { wiringWords } from './labels';
import { LEVEL, LEVELS, SEEDS } from './levels';
import type { Move } from './moves';
import { beginRound, moveOn } from './practice';
import { BASE_PROBES } from './probes';
import { type CabinetView, type SystemView, viewOf } from './view';

const shown = (level: (typeof LEVELS)[number], seed: number, ...moves: Move[]) => {
  const play = beginRound(level, seed);
  for (const m of moves) expect(moveOn(play, m).ok).toBe(true);
  return viewOf(level, seed, play);
};
const ALL: Move = { kind: 'place', probes: [...BASE_PROBES] };

describe('what the screen of a round is given', () => {
  it.each(LEVELS)('tells nothing of what hides in %s before it is handed over', (level) => {
    const seed = SEEDS[level][0]!;
    const view = shown(level, seed);
    expect(Object.keys(view)).not.toContain('hidden');
    expect(JSON.stringify(view)).not.toMatch(/severity|spoilt/);
    expect(view.result).toBeUndefined();
    const name: Move =
      level === 'wires'
        ? { kind: 'name-wiring', code: 'none' }
        : level === 'lines'
          ? { kind: 'name-line', fault: 'sound' }
          : { kind: 'name', faults: ['healthy'] };
    const ended = shown(level, seed, name, { kind: 'finish' });
    expect(ended.result?.kind).toBe(LEVEL[level].kind);
  });

  it('marks what is in its band and what is not, only where the level does', () => {
    const view = shown('ladder', SEEDS.ladder[0]!, ALL) as SystemView;
    const marked = Object.entries(view.verdicts);
    expect(marked.length).toBeGreaterThan(4);
    for (const [id, verdict] of marked) {
      const { value, target } = view.figures.byId[id as keyof typeof view.figures.byId];
      expect(verdict, id).toBe(value! >= target!.low && value! <= target!.high ? 'good' : 'look-again');
    }
    expect(marked.map(([, v]) => v)).toContain('look-again');
    expect((shown('faults', SEEDS.faults[0]!, ALL) as SystemView).verdicts).toEqual({});
  });

  it('marks nothing of a system that stands', () => {
    const play = beginRound('ladder', SEEDS.ladder[0]!);
    moveOn(play, ALL);
    if (play.kind !== 'system') throw new Error('a running system was asked for');
    for (const s of play.play.samples) s.values.compressorA = 0;
    expect((viewOf('ladder', SEEDS.ladder[0]!, play) as SystemView).verdicts).toEqual({});
  });

  it('says how long it has been steady, and what may be done', () => {
    const view = shown('ladder', SEEDS.ladder[0]!, ALL, { kind: 'wait', minutes: 10 }) as SystemView;
    expect(view.steady.state).toBe('steady');
    expect(view.nowMin).toBeCloseTo(23, 9);
    expect(view.acts).not.toContain('change-orifice');
    expect(view.follows.map((f) => f.id)).toContain('valve-bulb');
  });

  it('of a cabinet: only terminals that a tip reaches, only calls and safeties that it has', () => {
    const view = shown('wires', SEEDS.wires[0]!) as CabinetView;
    expect(view.terminals).toContain('in.Y1');
    for (const t of view.terminals) expect(t).toMatch(/^(stat|in|out)\./);
    expect(view.calls).toContain('cool1');
    expect(view.safeties).toEqual(['float', 'freeze']);
    expect(view.names).toContain('none');
  });

  it('a wiring without fault has words of its own', () => {
    expect(wiringWords('none').id).toBe('practice.nothing-wrong-in-the-wiring');
    expect(wiringWords('YO_SWAP').id).toBe('controls.fault-yo-swap');
  });
});
