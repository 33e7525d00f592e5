import type { Said } from '@/core/words/said';
import { triedCalls } from './control-network';
import { type Signature, signatureOf } from './diagnose';
import type { Trial } from './expected';
import { type FaultCode, faultsOf, layFault, type Wired } from './fault-codes';
import type { PlanSpec } from './make-plan';
import type { Runs } from './plan';
import { type Probe, probesOf, voltsClass } from './probe';
import { trialsOf } from './trials';
import { tell } from './words';

/** What a trial shows otherwise than it should. */
export type Otherwise = { trial: Trial; missing: Runs[]; extra: Runs[] };
/** The one measurement that shows it. */
export type Telling = Trial & Probe & { healthyV: number; faultyV: number };
export type Explained = {
  /** The fault of the list that behaves exactly so; several where nothing tells them apart. */
  codes: FaultCode[];
  otherwise: Otherwise[];
  /** What the network meets by itself: shorts, joined transformers. */
  met: string[];
  telling: Telling | undefined;
};

const runsOf = (shown: string): Runs[] => (shown === '' ? [] : (shown.split(' ') as Runs[]));

/**
 * What is wrong with a wiring against the healthy one: every trial that runs otherwise, which fault of the list does exactly
 * that, and the cheapest measurement that shows it.
 */
export function explain(spec: PlanSpec, healthy: Wired, faulty: Wired): Explained {
  const [good, bad] = [signatureOf(healthy), signatureOf(faulty)];
  const trials = trialsOf(spec);
  // The same two conductors changed over elsewhere behave alike until a safety opens.
  const uncut = trials.filter((t) => t.open.length === 0);
  const otherwise = trials.flatMap((trial): Otherwise[] => {
    const [want, got] = [runsOf(good.show(trial)), runsOf(bad.show(trial))];
    const missing = want.filter((r) => !got.includes(r));
    const extra = got.filter((r) => !want.includes(r));
    return missing.length + extra.length ? [{ trial, missing, extra }] : [];
  });
  const telling = tellingOf();
  const met = [...new Set(trials.flatMap((t) => bad.met(t).split(' ')))].filter(Boolean);
  const nothing = otherwise.length === 0 && met.length === 0 && !telling;
  return { codes: nothing ? [] : (codesLike(trials, true) ?? codesLike(uncut, false) ?? []), otherwise, met, telling };

  /** Faults of the list that do the same in these trials; undefined where none does. */
  function codesLike(over: readonly Trial[], measured: boolean): FaultCode[] | undefined {
    const same = (one: Signature, other: Signature): boolean =>
      over.every((t) => one.show(t) === other.show(t) && one.met(t) === other.met(t));
    if (!measured && same(bad, good)) return undefined;
    const like = faultsOf(spec).filter((code) => {
      const laid = signatureOf(layFault(code, healthy, spec));
      const reads = !measured || !telling || voltsClass(laid.volts(telling, telling)) === voltsClass(telling.faultyV);
      return same(laid, bad) && reads;
    });
    return like.length ? like : undefined;
  }

  function tellingOf(): Telling | undefined {
    let best: Telling | undefined;
    const apart = (t: Pick<Telling, 'healthyV' | 'faultyV'>): number => Math.abs(t.healthyV - t.faultyV);
    const calls = triedCalls(spec);
    for (const trial of uncut.filter((t) => calls.includes(t.call)))
      for (const probe of probesOf(healthy.plan)) {
        const t = { ...trial, ...probe, healthyV: good.volts(trial, probe), faultyV: bad.volts(trial, probe) };
        if (voltsClass(t.healthyV) === voltsClass(t.faultyV)) continue;
        // The cheapest trial first; the same trial at the terminal that shows it most clearly.
        if (!best || apart(t) > apart(best) + CLEARLY_V) best = t;
      }
    return best;
  }
}

/** A later place of the meter replaces an earlier one only where it shows this much more, V. */
const CLEARLY_V = 4;

/** A fault of the list in one sentence: what is wrong, and what a crew sees of it. */
export const FAULT_WORDS: Readonly<Record<FaultCode, Said>> = {
  YO_SWAP: tell('controls.fault-yo-swap'),
  OB_WRONG: tell('controls.fault-ob-wrong'),
  ODU_C_OPEN: tell('controls.fault-odu-c-open'),
  STAT_C_OPEN: tell('controls.fault-stat-c-open'),
  RC_SHORT: tell('controls.fault-rc-short'),
  YC_SHORT: tell('controls.fault-yc-short'),
  FLOAT_ABSENT: tell('controls.fault-float-absent'),
  FLOAT_FAN_ONLY: tell('controls.fault-float-fan-only'),
  RHRC_OPEN: tell('controls.fault-rhrc-open'),
  BACKFEED: tell('controls.fault-backfeed'),
  W_ON_O: tell('controls.fault-w-on-o'),
  W_ON_Y: tell('controls.fault-w-on-y'),
  W_ON_G: tell('controls.fault-w-on-g'),
  W_OPEN: tell('controls.fault-w-open'),
  DEFROST_W_OPEN: tell('controls.fault-defrost-w-open'),
  YG_SWAP: tell('controls.fault-yg-swap'),
  Y1Y2_SWAP: tell('controls.fault-y1y2-swap'),
  DF_AS_ELECTRIC: tell('controls.fault-df-as-electric'),
  WIRE_REUSED: tell('controls.fault-wire-reused'),
};
/** What puts it right. */
export const MEND_WORDS: Readonly<Record<FaultCode, Said>> = {
  YO_SWAP: tell('controls.mend-yo-swap'),
  OB_WRONG: tell('controls.mend-ob-wrong'),
  ODU_C_OPEN: tell('controls.mend-odu-c-open'),
  STAT_C_OPEN: tell('controls.mend-stat-c-open'),
  RC_SHORT: tell('controls.mend-short'),
  YC_SHORT: tell('controls.mend-short'),
  FLOAT_ABSENT: tell('controls.mend-float'),
  FLOAT_FAN_ONLY: tell('controls.mend-float'),
  RHRC_OPEN: tell('controls.mend-rhrc-open'),
  BACKFEED: tell('controls.mend-backfeed'),
  W_ON_O: tell('controls.mend-w'),
  W_ON_Y: tell('controls.mend-w'),
  W_ON_G: tell('controls.mend-w'),
  W_OPEN: tell('controls.mend-w-open'),
  DEFROST_W_OPEN: tell('controls.mend-defrost-w-open'),
  YG_SWAP: tell('controls.mend-yg-swap'),
  Y1Y2_SWAP: tell('controls.mend-y1y2-swap'),
  DF_AS_ELECTRIC: tell('controls.mend-df-as-electric'),
  WIRE_REUSED: tell('controls.mend-wire-reused'),
};
/** Can hurt somebody, ruin the compressor or flood the house: a stop. The rest is put right before it is signed. */
export const HAZARDS: readonly FaultCode[] = [
  'BACKFEED',
  'FLOAT_ABSENT',
  'FLOAT_FAN_ONLY',
  'DF_AS_ELECTRIC',
  'RC_SHORT',
];
