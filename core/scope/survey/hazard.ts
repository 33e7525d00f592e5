import type { Verdict } from '@/core/finding/finding';
import type { Said } from '@/core/words/said';
import type { Place } from './fact';

/** A hazard met on the walk: shown at the place where it is met. */
export type Hazard = {
  id: string;
  place: Place;
  verdict: Extract<Verdict, 'stop' | 'look-again'>;
  say: Said;
  act: Said;
  source: Said;
  /** The work may not go on while this stands; no one can override it. */
  stopsWork?: true;
};
