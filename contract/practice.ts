import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { num, oneOf } from '@/core/finding/quantity-field';
import { LEVELS } from '@/core/practice/levels';
import { moveSchema } from '@/core/practice/moves';
import { idSchema, instant } from './requests';

const MOST_MOVES = 200;

/** A round of practice that was played to its end: its seed and its moves, from which everything follows. */
export const practiceSchema = z.strictObject({
  id: idSchema,
  level: oneOf(LEVELS),
  seed: num(0, 100_000, ''),
  moves: z.array(moveSchema).min(1).max(MOST_MOVES).meta(upTo(MOST_MOVES, 'moves')),
  finishedAt: instant,
});
export type PracticeBody = z.infer<typeof practiceSchema>;
