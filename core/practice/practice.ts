import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { applySystem } from './apply-system';
import { applyBench, type BenchPlay, startBench } from './bench-play';
import { drawBenchRound } from './bench-round';
import { applyCabinet, type CabinetPlay, startCabinet } from './cabinet-play';
import { drawCabinetRound } from './cabinet-round';
import { LEVEL_WORDS } from './labels';
import { LEVEL, type LevelId, SEEDS } from './levels';
import type { Move } from './moves';
import {
  type BenchResult,
  benchResult,
  type CabinetResult,
  cabinetResult,
  type SystemResult,
  systemResult,
} from './result';
import { type SystemPlay, startSystem } from './system-play';
import { drawSystemRound } from './system-round';
import { tell } from './words';

export type Play =
  | { kind: 'system'; play: SystemPlay }
  | { kind: 'cabinet'; play: CabinetPlay }
  | { kind: 'bench'; play: BenchPlay };
export type Result = SystemResult | CabinetResult | BenchResult;

/** A round before its first move. */
export function beginRound(level: LevelId, seed: number): Play {
  const of = LEVEL[level];
  switch (of.kind) {
    case 'system':
      return { kind: 'system', play: startSystem(drawSystemRound(of, seed)) };
    case 'cabinet':
      return { kind: 'cabinet', play: startCabinet(drawCabinetRound(of, seed)) };
    case 'bench':
      return { kind: 'bench', play: startBench(drawBenchRound(seed)) };
  }
}

/** One more move; the play is changed in place. */
export function moveOn(play: Play, move: Move): Outcome<unknown> {
  switch (play.kind) {
    case 'system':
      return applySystem(play.play, move);
    case 'cabinet':
      return applyCabinet(play.play, move);
    case 'bench':
      return applyBench(play.play, move);
  }
}

/** A round from its seed and its moves: whoever plays them again gets the same. */
export function playRound(level: LevelId, seed: number, moves: readonly Move[]): Outcome<Play> {
  const play = beginRound(level, seed);
  for (const [i, move] of moves.entries()) {
    const made = moveOn(play, move);
    if (!made.ok) return { ok: false, refused: { ...made.refused, field: `moves.${i}` } };
  }
  return ok(play);
}

export function resultOf(play: Play): Result {
  switch (play.kind) {
    case 'system':
      return systemResult(play.play);
    case 'cabinet':
      return cabinetResult(play.play);
    case 'bench':
      return benchResult(play.play);
  }
}

export type Judged = Outcome<{ total: number; right: boolean; minutes: number; harm: number }>;

/** What a finished round is kept by. A round without its end, or one whose moves cannot be made, is refused. */
export function judgeRound(level: LevelId, seed: number, moves: readonly Move[]): Judged {
  if (!SEEDS[level].includes(seed))
    return refuse(
      'seed',
      tell('practice.no-such-round'),
      tell('practice.one-of-its-rounds', { level: LEVEL_WORDS[level].name }),
    );
  if (moves.at(-1)?.kind !== 'finish')
    return refuse('moves', tell('practice.round-has-no-end'), tell('practice.the-last-hands-over'));
  const played = playRound(level, seed, moves);
  if (!played.ok) return played;
  const { score, right } = resultOf(played.value);
  const spent = Object.values(played.value.play.minutes) as number[];
  return ok({
    total: score.total,
    right,
    minutes: Math.round(spent.reduce((a, b) => a + b, 0)),
    harm: score.harm.reduce((a, h) => a + h.points, 0),
  });
}
