import type { Refusal } from '@/core/finding/outcome';
import type { LevelId } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import { beginRound, moveOn, type Play } from '@/core/practice/practice';
import { type RoundView, viewOf } from '@/core/practice/view';

/** A round that is played on this device: the simulated system lives here, away from the screen. */
export type PracticeOrder = { id: number; level: LevelId; seed: number; moves: readonly Move[] };
export type PracticeAnswer = { id: number; view: RoundView; refused: Refusal | undefined };

let now: { level: LevelId; seed: number; made: number; play: Play } | undefined;

/** Plays on from where it stands when the moves only grew; else from the start. */
function playTo({ level, seed, moves }: PracticeOrder): Refusal | undefined {
  if (now?.level !== level || now.seed !== seed || now.made > moves.length)
    now = { level, seed, made: 0, play: beginRound(level, seed) };
  for (const move of moves.slice(now.made)) {
    const r = moveOn(now.play, move);
    if (!r.ok) return r.refused;
    now.made += 1;
  }
  return undefined;
}

self.onmessage = ({ data }: MessageEvent<PracticeOrder>) => {
  const refused = playTo(data);
  const view = viewOf(data.level, data.seed, now!.play);
  self.postMessage({ id: data.id, view, refused } satisfies PracticeAnswer);
};
