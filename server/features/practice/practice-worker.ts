import type { LevelId } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import { type Judged, judgeRound } from '@/core/practice/practice';
import { workOn } from '@/server/thread-work';

export type RoundOrder = { level: LevelId; seed: number; moves: readonly Move[] };

workOn(({ level, seed, moves }: RoundOrder): Judged => judgeRound(level, seed, moves));
