import { advise, type Finding } from '@/core/finding/finding';
import { q } from '@/core/words/said';
import { tell } from './words';

/** The steps of making one source safe, in their order (OSHA 1910.147 and .333, NFPA 70E 120, edition not checked). */
export const ISOLATION_STEPS = ['listed', 'opened and locked', 'waited', 'live before', 'dead', 'live after'] as const;
export type IsolationStep = (typeof ISOLATION_STEPS)[number];

export const SIDES = ['line', 'load'] as const;
export type Side = (typeof SIDES)[number];
/** What is measured of a source: between its lines and to ground, before and behind the switch. */
export const pairsOf = (phases: 1 | 3): string[] =>
  phases === 3 ? ['L1-L2', 'L2-L3', 'L1-L3', 'L1-G', 'L2-G', 'L3-G'] : ['L1-L2', 'L1-G', 'L2-G'];

export type DeadReading = { pair: string; side: Side; volts: number };
export type Isolation = {
  phases: 1 | 3;
  nominalV: number;
  /** When each step was done, ISO; missing: it was not. */
  done: Readonly<Partial<Record<IsolationStep, string>>>;
  /** The meter on a source known to be live, before and after. */
  liveBeforeV: number | null;
  liveAfterV: number | null;
  readings: readonly DeadReading[];
};

/** Up to this counts as dead; up to the second it may be induced: measured again with a low-impedance meter (house rules), V. */
export const DEAD_V = 2;
export const INDUCED_V = 50;
/** A known source must show at least this much of its nominal voltage for the meter to be believed (house rule). */
const LIVE_SHARE = 0.8;

const SOURCE = tell('power.osha-1910-and-nfpa-70e-edition-not-checked');

/**
 * Whether a source is verified without voltage: every step in its order, the meter live before and after, and each pair read on both
 * sides of the switch by itself. One zero for all of them proves nothing.
 */
export function judgeIsolation(i: Isolation): Finding {
  const base = { id: 'isolation', because: tell('power.a-skipped-step-is-how-people-die'), source: SOURCE };
  const hot = i.readings.find((r) => r.volts > INDUCED_V);
  if (hot)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('power.voltage-is-there', { pair: hot.pair, volts: q(hot.volts, 'V', 0) }),
      next: advise(tell('power.step-back-find-the-other-source')),
    };
  const skipped = ISOLATION_STEPS.find((step) => i.done[step] === undefined);
  if (skipped) return { ...base, verdict: 'not-proven', claim: STEP_OPEN[skipped], next: advise(STEP_OPEN[skipped]) };
  const order = ISOLATION_STEPS.map((step) => Date.parse(i.done[step]!));
  if (order.some((at, n) => n > 0 && at < order[n - 1]!))
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('power.steps-are-out-of-order'),
      next: advise(tell('power.begin-again-from-the-first-step')),
    };
  const live = LIVE_SHARE * i.nominalV;
  if (i.liveBeforeV === null || i.liveBeforeV < live || i.liveAfterV === null || i.liveAfterV < live)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('power.meter-did-not-prove-itself'),
      next: advise(tell('power.another-meter-and-all-of-it-again')),
    };
  const missing = SIDES.flatMap((side) => pairsOf(i.phases).map((pair) => ({ side, pair }))).find(
    (m) => !i.readings.some((r) => r.side === m.side && r.pair === m.pair),
  );
  if (missing)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('power.pair-is-not-read', { pair: missing.pair, side: SIDE_WORDS[missing.side] }),
      next: advise(tell('power.read-each-pair-by-itself')),
    };
  const induced = i.readings.find((r) => r.volts > DEAD_V);
  if (induced)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('power.may-be-induced', { pair: induced.pair, volts: q(induced.volts, 'V', 1) }),
      next: advise(tell('power.read-again-with-low-impedance')),
      miss: induced.volts / DEAD_V,
    };
  return { ...base, verdict: 'good', claim: tell('power.verified-without-voltage', { count: i.readings.length }) };
}

const SIDE_WORDS = { line: tell('power.line-side'), load: tell('power.load-side') } as const;
const STEP_OPEN = {
  listed: tell('power.list-every-source'),
  'opened and locked': tell('power.open-lock-and-tag'),
  waited: tell('power.wait-and-discharge'),
  'live before': tell('power.prove-the-meter-live'),
  dead: tell('power.read-dead-on-both-sides'),
  'live after': tell('power.prove-the-meter-live-again'),
} as const satisfies Record<IsolationStep, ReturnType<typeof tell>>;
