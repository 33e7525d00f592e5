import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAULTS } from '@/core/plant/unit/faults';
import { ACT_IDS, ACTS } from './acts';
import { applySystem, DAY_MIN, isRight } from './apply-system';
import { LEVEL, LEVELS, nextSeed, SEEDS } from './levels';
import type { Move } from './moves';
import { judgeRound, playRound } from './practice';
import { BASE_PROBES, minutesOf, PROBE_IDS, PROBES } from './probes';
import { systemResult } from './result';
import { retrace } from './retrace';
import { readingsOf } from './system-facts';
import { nowMin, startSystem } from './system-play';
import { rigOf, type SystemRound } from './system-round';
import { played, refusedBy, roundOf, roundWith } from './testing/rounds';

const SYSTEM_LEVELS = LEVELS.filter((id) => LEVEL[id].kind === 'system');

describe('the stored rounds', () => {
  it('are two dozen a level, each once', () => {
    for (const id of LEVELS) expect(new Set(SEEDS[id]).size, id).toBe(24);
  });

  it.each(SYSTEM_LEVELS)('of %s run when the crew comes, and can be cleared by what a crew can measure', (id) => {
    for (const seed of SEEDS[id]) {
      const round = roundOf(id, seed);
      expect(startSystem(round).state.running, `${id} ${seed}`).toBe(true);
      const { solved, steps } = retrace(round);
      if (round.hidden.length) expect(solved, `${id} ${seed}`).toBe(true);
      else expect(steps.at(-1)).toMatchObject({ lead: { fault: 'healthy' } });
    }
  });

  it('show every fault that a level may hide, and nothing at all among them', () => {
    const shown = new Set(SEEDS.faults.map((s) => roundOf('faults', s).hidden[0]?.fault ?? 'healthy'));
    for (const f of FAULTS) if (f !== 'probe-doubt') expect(shown, f).toContain(f);
    const whys = new Set(SEEDS.probes.map((s) => roundOf('probes', s).spoilt?.why));
    expect(whys.size).toBeGreaterThan(6);
  });

  it('hide two different faults at the last level, never two that cannot be told together', () => {
    for (const seed of SEEDS.two) {
      const faults = roundOf('two', seed).hidden.map((h) => h.fault);
      expect(new Set(faults).size).toBe(2);
      expect(
        faults.filter((f) => f === 'undercharge' || f === 'overcharge' || f === 'non-condensables').length,
      ).toBeLessThan(2);
    }
  });

  it('come one after the other, then the one played longest ago', () => {
    const [first, second] = SEEDS.ladder as [number, number];
    expect(nextSeed('ladder', [])).toBe(first);
    expect(nextSeed('ladder', [first])).toBe(second);
    expect(nextSeed('ladder', [...SEEDS.ladder.slice(3), ...SEEDS.ladder.slice(0, 3)])).toBe(SEEDS.ladder[3]);
  });
});

describe('a round', () => {
  it('is the same from the same seed and moves, to the last sample', () => {
    const moves: Move[] = [
      { kind: 'place', probes: ['gauges', 'liquid-clamp', 'suction-clamp'] },
      { kind: 'wait', minutes: 5 },
      { kind: 'charge', way: 'add', oz: 3 },
    ];
    const [a, b] = [1, 2].map(() => played(roundOf('faults', SEEDS.faults[0]!), ...moves));
    expect(a!.samples).toEqual(b!.samples);
    expect(a!.state).toEqual(b!.state);
  });

  it('spends exactly the minutes of what was done', () => {
    const p = played(
      roundWith('healthy'),
      { kind: 'place', probes: [...BASE_PROBES] },
      { kind: 'follow', id: 'airflow' },
      { kind: 'wait', minutes: 15 },
      { kind: 'act', id: 'open-airways' },
    );
    expect(p.minutes).toEqual({
      measuring: minutesOf(BASE_PROBES) + 8,
      waiting: 15,
      working: ACTS['open-airways'].minutes,
    });
    expect(nowMin(p)).toBeCloseTo(13 + 8 + 15 + 12, 9);
  });

  it('shows only what is hung on, from then on', () => {
    const p = played(roundWith('healthy'), { kind: 'place', probes: ['gauges'] });
    expect(Object.keys(readingsOf(p)).sort()).toEqual(['liquidPsig', 'suctionPsig']);
    for (const id of PROBE_IDS) {
      const one = played(roundWith('healthy'), { kind: 'place', probes: [id] });
      expect(Object.keys(readingsOf(one)).sort()).toEqual([...PROBES[id].channels].sort());
    }
  });

  it('spoils one probe and nothing else, until a second look', () => {
    const round = roundOf('probes', SEEDS.probes.find((s) => roundOf('probes', s).spoilt)!);
    const { channel } = round.spoilt!;
    const all: Move = { kind: 'place', probes: [...PROBE_IDS] };
    const sound = readingsOf(played({ ...round, hidden: [], spoilt: undefined }, all));
    const p = played(round, all);
    const read = readingsOf(p);
    for (const name of Object.keys(sound) as (keyof typeof sound)[])
      if (name === channel) expect(Math.abs(read[name]!.value - sound[name]!.value)).toBeGreaterThan(1);
      else expect(read[name]!.value).toBe(sound[name]!.value);
    expect(isRight(p)).toBe(false);
    expect(applySystem(p, { kind: 'follow', id: 'second-look' }).ok).toBe(true);
    expect(p.hidden).toEqual([]);
    expect(isRight(p)).toBe(true);
  });

  it('refuses what cannot be done now and then does nothing', () => {
    const p = played(roundWith('undercharge', 'ladder'), { kind: 'place', probes: ['gauges'] });
    const before = structuredClone({ state: p.state, done: p.done });
    expect(refusedBy(p, { kind: 'place', probes: ['gauges'] })).toBe('practice.is-on-already');
    expect(refusedBy(p, { kind: 'act', id: 'change-orifice' })).toBe('practice.not-on-this-meter');
    expect(refusedBy(p, { kind: 'follow', id: 'orifice-stamp' })).toBe('practice.not-on-this-meter');
    expect(refusedBy(p, { kind: 'finish' })).toBe('practice.nothing-named');
    expect(refusedBy(p, { kind: 'restart' })).toBe('practice.it-runs');
    expect(refusedBy(p, { kind: 'name', faults: ['orifice-too-large'] })).toBe('practice.not-on-this-meter');
    expect(refusedBy(p, { kind: 'name', faults: ['healthy', 'undercharge'] })).toBe(
      'practice.faults-exclude-each-other',
    );
    expect(refusedBy(p, { kind: 'name', faults: ['undercharge', 'undercharge'] })).toBe(
      'practice.faults-exclude-each-other',
    );
    expect(refusedBy(p, { kind: 'mend', code: 'YO_SWAP' })).toBe('practice.no-cabinet-here');
    expect(refusedBy(p, { kind: 'charge', way: 'recover', oz: 9999 })).toBe('practice.more-than-is-in-it');
    expect({ state: p.state, done: p.done }).toEqual(before);
    played(p.round);
    expect(refusedBy(p, { kind: 'name', faults: ['undercharge'] })).toBeUndefined();
    expect(refusedBy(p, { kind: 'name', faults: ['overcharge'] })).toBe('practice.named-already');
    expect(refusedBy(p, { kind: 'finish' })).toBeUndefined();
    expect(refusedBy(p, { kind: 'wait', minutes: 5 })).toBe('practice.round-is-over');
  });

  it('ends with the day: then only the naming and the hand-over are left', () => {
    const p = played(
      roundWith('healthy'),
      { kind: 'act', id: 'change-compressor' },
      { kind: 'act', id: 'change-compressor' },
    );
    expect(nowMin(p)).toBeGreaterThanOrEqual(DAY_MIN);
    expect(refusedBy(p, { kind: 'wait', minutes: 5 })).toBe('practice.day-is-over');
    expect(refusedBy(p, { kind: 'name', faults: ['healthy'] })).toBeUndefined();
    expect(refusedBy(p, { kind: 'finish' })).toBeUndefined();
  });
});

describe('a result', () => {
  const finish = (round: SystemRound, ...moves: Move[]) => systemResult(played(round, ...moves, { kind: 'finish' }));

  it('is a hundred for who goes about it as the reasoning does', () => {
    const round = roundWith('low-indoor-airflow', 'ladder');
    const r = finish(
      round,
      { kind: 'place', probes: [...BASE_PROBES] },
      { kind: 'name', faults: ['low-indoor-airflow'] },
      { kind: 'act', id: 'open-airways' },
    );
    expect(r.score).toMatchObject({ total: 100, harm: [] });
    expect(r.before.supplyDryBulbF!.value).toBeLessThan(r.after.supplyDryBulbF!.value);
  });

  it('is nothing for a guess that is wrong, however quick', () => {
    const r = finish(roundWith('low-indoor-airflow', 'ladder'), { kind: 'name', faults: ['overcharge'] });
    expect(r).toMatchObject({ right: false, score: { total: 0 } });
  });

  it('gives a sound system that was left alone its due', () => {
    const r = finish(
      roundWith('healthy', 'ladder'),
      { kind: 'place', probes: [...BASE_PROBES] },
      { kind: 'name', faults: ['healthy'] },
    );
    expect(r).toMatchObject({ right: true, score: { total: 100 } });
  });

  it('never leaves 0 to 100, whatever is done', () => {
    const move = fc.oneof(
      fc.constantFrom<Move>(...ACT_IDS.map((id): Move => ({ kind: 'act', id }))),
      fc.record({
        kind: fc.constant('charge' as const),
        way: fc.constantFrom('add' as const, 'recover' as const),
        oz: fc.integer({ min: 1, max: 60 }),
      }),
      fc.constant<Move>({ kind: 'restart' }),
      fc.constantFrom<Move>(...PROBE_IDS.map((id): Move => ({ kind: 'place', probes: [id] }))),
    );
    fc.assert(
      fc.property(
        fc.array(move, { maxLength: 5 }),
        fc.constantFrom(...SEEDS.two),
        fc.constantFrom(...FAULTS),
        (moves, seed, fault) => {
          const p = startSystem(roundOf('two', seed));
          for (const m of [...moves, { kind: 'name', faults: [fault] } as Move]) applySystem(p, m);
          if (!p.named) return;
          applySystem(p, { kind: 'finish' });
          const { total, parts } = systemResult(p).score;
          expect(total).toBeGreaterThanOrEqual(0);
          expect(total).toBeLessThanOrEqual(100);
          for (const part of Object.values(parts)) expect(part).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 12, seed: 3 },
    );
  });

  it('is judged from seed and moves; a move that cannot be made names itself', () => {
    const seed = SEEDS.ladder[0]!;
    const hidden = roundOf('ladder', seed).hidden.map((h) => h.fault);
    const good = judgeRound('ladder', seed, [
      { kind: 'name', faults: hidden.length ? hidden : ['healthy'] },
      { kind: 'finish' },
    ]);
    expect(good).toMatchObject({ ok: true, value: { right: true, minutes: 0, harm: 0 } });
    expect(judgeRound('ladder', seed, [{ kind: 'name', faults: ['healthy'] }])).toMatchObject({
      ok: false,
      refused: { field: 'moves' },
    });
    expect(playRound('ladder', seed, [{ kind: 'wait', minutes: 5 }, { kind: 'restart' }])).toMatchObject({
      ok: false,
      refused: { field: 'moves.1' },
    });
  });

  it('the faults are really in the simulated system', () => {
    const sound = rigOf({ ...roundWith('healthy') }, [], undefined);
    for (const f of ['weak-compressor', 'reversing-valve-leak', 'valve-flooding', 'liquid-restriction'] as const) {
      const laid = rigOf(roundWith(f), roundWith(f).hidden, undefined);
      const changed = (['compressorHealth', 'bypassed', 'stuckOpen', 'meterOpening'] as const).filter(
        (k) => laid[k] !== sound[k],
      );
      expect(changed).toEqual([
        {
          'weak-compressor': 'compressorHealth',
          'reversing-valve-leak': 'bypassed',
          'valve-flooding': 'stuckOpen',
          'liquid-restriction': 'meterOpening',
        }[f],
      ]);
    }
  });
});
