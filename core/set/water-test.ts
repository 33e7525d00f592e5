import type { Finding } from '@/core/finding/finding';
import { q } from '@/core/words/said';
import { tell } from './words';

/** Share of the water that must come out of the primary (house rule). */
const OUT_SHARE = 0.95;
/** Minutes that it may take (house rule), min. */
const OUT_MIN = 10;
/** A float must stop what it guards within this (common practice), s. */
const STOP_S = 5;
/** Less is no test: a dry pan keeps as much (house rule), oz. */
export const LEAST_POURED_OZ = 32;

export const WATER_WENT = ['nowhere else', 'secondary', 'into the house'] as const;
export const FLOAT_ACTED = ['before the lip', 'after the lip', 'not at all', 'no float'] as const;

export type WaterTest = {
  pouredOz: number;
  outOz: number;
  minutes: number;
  elsewhere: (typeof WATER_WENT)[number];
  trapHeld: boolean;
  float: (typeof FLOAT_ACTED)[number];
  /** What it must stop was stopped within so many seconds; null: it was not seen to stop. */
  stopsS?: number | null | undefined;
};

/**
 * What a poured-water test says: out of the primary, nowhere else, the trap full, the float before the lip and what it must stop
 * stopped. Trap primed and pan wet before; blower at its top stage, doors on.
 * @param t ounces in and out, minutes, what the float did
 */
export function judgeWater(t: WaterTest): Finding {
  const share = t.outOz / t.pouredOz;
  const base = {
    id: 'water-test',
    because: tell('setting.water-that-does-not-leave-finds-the-ceiling'),
    source: tell('setting.house-rule-common-practice'),
  };
  const out = { out: q(t.outOz, 'number', 0), poured: q(t.pouredOz, 'number', 0), minutes: q(t.minutes, 'number', 0) };
  if (t.elsewhere === 'into the house')
    return {
      ...base,
      verdict: 'stop',
      claim: tell('setting.water-went-into-the-house'),
      next: { say: tell('setting.find-where-and-mend-before-power') },
    };
  if (t.float === 'not at all' || t.float === 'after the lip')
    return {
      ...base,
      verdict: 'stop',
      claim: tell(t.float === 'not at all' ? 'setting.float-did-not-act' : 'setting.float-acted-too-late'),
      next: { say: tell('setting.set-float-lower-and-pour-again') },
    };
  if (t.float === 'before the lip' && typeof t.stopsS === 'number' && t.stopsS > STOP_S)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('setting.what-it-guards-ran-on', { s: q(t.stopsS, 'number', 0) }),
      next: { say: tell('setting.float-must-break-the-circuit') },
    };
  if (t.pouredOz < LEAST_POURED_OZ)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('setting.too-little-poured', out),
      next: { say: tell('setting.pour-64-oz-in-2-min') },
    };
  if (!t.trapHeld)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('setting.trap-did-not-hold'),
      next: { say: tell('setting.trap-as-drawn-and-primed') },
      miss: 2,
    };
  if (t.elsewhere === 'secondary')
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('setting.secondary-ran-with-the-primary-open'),
      next: { say: tell('setting.free-the-primary-and-pour-again') },
      miss: 2,
    };
  if (share < OUT_SHARE || t.minutes > OUT_MIN)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('setting.too-little-came-out', out),
      next: { say: tell('setting.slope-and-pan-then-pour-again') },
      miss: 1,
    };
  return { ...base, verdict: 'good', claim: tell('setting.water-came-out', out) };
}
