import { q } from '@/core/words/said';
import { tell } from './words';

/** Middles of the usual 5 °F bins, °F; colder hours count with the lowest. */
export const BIN_TEMPS = [62, 57, 52, 47, 42, 37, 32, 27, 22, 17, 12, 7, 2, -3, -8] as const;
type BinTemp = (typeof BIN_TEMPS)[number];
export type BinKey = `bin${BinTemp}F`;
export type BinHours = Record<BinKey, number>;
const MOST_HOURS = 4000;

const keyOf = (outdoorF: BinTemp): BinKey => `bin${outdoorF}F`;

/** Hours of a usual year at each outdoor temperature, as settings of the company: none until it enters its own place's. */
export const BIN_FIGURES = BIN_TEMPS.map((outdoorF) => ({
  id: keyOf(outdoorF),
  label: tell('money.hours-at', { outdoorF: q(outdoorF, 'F') }),
  unit: 'h',
  low: 0,
  high: MOST_HOURS,
  standard: 0,
  reason: tell('money.hours-of-your-place'),
}));

/** The bins that have hours, warmest first. */
export const binsOf = (hours: Partial<BinHours>): { outdoorF: number; hours: number }[] =>
  BIN_TEMPS.map((outdoorF) => ({ outdoorF, hours: hours[keyOf(outdoorF)] ?? 0 })).filter((b) => b.hours > 0);
