import type { DayActivity } from '@/core/plan/day/activity';
import { type Advice, adviceFor } from '@/core/plan/day/advice';
import type { Crew } from '@/core/plan/day/crew';
import { endsOf, type Spreads } from '@/core/plan/day/day-chance';
import { placeDay } from '@/core/plan/day/schedule';

export type DayQuestion = {
  pieces: DayActivity[];
  crew: Crew;
  now: number | undefined;
  spreads: Spreads;
  seed: number;
};
/** What would bring the end forward comes first; when the day may end takes longer. */
export type DayAnswer = { advice: Advice | undefined } | { ends: number[] };

self.onmessage = ({ data }: MessageEvent<DayQuestion>) => {
  const { pieces, crew, ...asked } = data;
  const rules = { now: asked.now };
  const say = (answer: DayAnswer): void => self.postMessage(answer);
  say({ advice: adviceFor(pieces, placeDay(pieces, crew, rules), crew, rules) });
  say({ ends: endsOf(pieces, crew, asked) });
};
