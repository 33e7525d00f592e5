import type { Said } from '@/core/words/said';
import type { SpoiltWhy } from './system-round';
import { tell } from './words';

/** What a second look found of a probe, and that it is right now. */
export const SPOILT_WORDS: Record<SpoiltWhy, Said> = {
  'suction-clamp-loose': tell('practice.suction-clamp-was-loose'),
  'liquid-clamp-in-sun': tell('practice.liquid-clamp-was-in-sun'),
  'outdoor-probe-in-sun': tell('practice.outdoor-probe-was-in-sun'),
  'suction-gauge-off': tell('practice.suction-gauge-was-off'),
  'liquid-gauge-off': tell('practice.liquid-gauge-was-off'),
  'supply-probe-wrong': tell('practice.supply-probe-was-wrong'),
  'sock-dry': tell('practice.sock-was-dry'),
};
