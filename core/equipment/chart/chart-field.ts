import { z } from 'zod';
import { tell } from '@/core/equipment/words';
import { allows } from '@/core/finding/allow';
import { readChart } from './read-chart';

const MOST_CHARACTERS = 12_000;

/** A maker's chart as text; what is wrong in which line is told by `readChart`. */
export const chartField = z
  .string()
  .trim()
  .max(MOST_CHARACTERS)
  .refine((s) => readChart(s).ok, tell('equipment.chart-cannot-be-read').id)
  .meta(allows(tell('equipment.a-chart-is-columns-then-points')));
