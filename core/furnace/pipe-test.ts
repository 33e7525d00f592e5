import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/furnace/words';
import { PSI_PER_IN_WC } from '@/core/units/units';
import { q, type Said } from '@/core/words/said';
import { gasPipeHold } from './gas';

/** A gas valve under test above this is not isolated but harmed (common practice: they bear about 14 in. w.c.), psi. */
const VALVE_BEARS_PSI = 0.5;
/** The least test: this many times the working pressure, and never below the second (IFGC 406, edition not checked). */
const LEAST = { timesWorking: 1.5, psig: 3 } as const;
/** A dwelling's pipe is held this long (IFGC 406, edition not checked), min. */
const LEAST_MIN = 10;
/** What a test gauge can tell: this, or this share of what it reads (common practice), psi. */
const GAUGE = { psi: 0.1, share: 0.01 } as const;

/** What was done to the gas pipe, and how it was proven tight before anything burned. */
export type PipeTest = {
  work: 'piping' | 'connection';
  isolated: boolean | null;
  workingInWc: number | null;
  startPsig: number | null;
  startF: number | null;
  heldMin: number | null;
  endPsig: number | null;
  endF: number | null;
  bubbles: boolean;
  purge: 'outdoors' | 'ventilated room' | 'not purged';
  trap: 'fitted last' | 'not fitted';
};

/**
 * Judges the test of a gas pipe: valve isolated, pressure, time, the hold corrected for temperature, every joint under soap,
 * the purge, the sediment trap's leg last.
 *
 * A connection alone (no pipe changed) is proven by soap at its working pressure. Not covered: the time for pipes of more
 * than 10 ft³, the inspector's own pressure. Source: IFGC 406, edition not checked; local code and inspector win.
 */
export function judgePipeTest(test: PipeTest, { barometerPsia }: { barometerPsia: number }): Finding[] {
  const base = { source: tell('furnace.ifgc-406-local-code-wins'), miss: 1 };
  const judged = (
    id: string,
    verdict: Finding['verdict'],
    claim: Said,
    because: Said,
    next?: Said,
    miss = verdict === 'good' ? 0 : 1,
  ): Finding => ({ ...base, id, verdict, claim, because, miss, ...(next ? { next: { say: next } } : {}) });

  const soap = test.bubbles
    ? judged(
        'gas-soap',
        'stop',
        tell('furnace.soap-bubbles'),
        tell('furnace.gas-that-leaks-burns'),
        tell('furnace.shut-the-gas-mend-the-joint'),
        5,
      )
    : judged(
        'gas-soap',
        'good',
        tell('furnace.no-bubble-at-any-joint'),
        tell('furnace.soap-finds-what-a-gauge-does-not'),
      );
  const purge =
    test.purge === 'not purged'
      ? judged(
          'gas-purge',
          'not-proven',
          tell('furnace.line-is-not-purged'),
          tell('furnace.air-in-the-line-keeps-it-from-lighting'),
          tell('furnace.purge-outdoors-or-well-ventilated'),
        )
      : judged('gas-purge', 'good', tell('furnace.line-is-purged'), tell('furnace.air-is-out-before-it-lights'));
  const trap =
    test.trap === 'fitted last'
      ? judged(
          'gas-trap',
          'good',
          tell('furnace.trap-leg-is-fitted'),
          tell('furnace.trap-catches-what-the-line-brings'),
        )
      : judged(
          'gas-trap',
          'look-again',
          tell('furnace.trap-leg-is-missing'),
          tell('furnace.trap-catches-what-the-line-brings'),
          tell('furnace.fit-the-trap-leg-and-soap-it'),
        );
  return [...(test.work === 'piping' ? holdChecks(test, barometerPsia, judged) : []), soap, purge, trap];
}

type Judged = (
  id: string,
  verdict: Finding['verdict'],
  claim: Said,
  because: Said,
  next?: Said,
  miss?: number,
) => Finding;

function holdChecks(test: PipeTest, barometerPsia: number, judged: Judged): Finding[] {
  const { isolated, workingInWc, startPsig, startF, heldMin, endPsig, endF } = test;
  if (startPsig === null || endPsig === null || startF === null || endF === null || heldMin === null)
    return [
      judged(
        'gas-hold',
        'not-proven',
        tell('furnace.pipe-is-not-tested'),
        tell('furnace.new-pipe-is-tested-before-it-is-connected'),
        tell('furnace.test-the-pipe-with-air-or-nitrogen'),
      ),
    ];
  const out: Finding[] = [];
  if (isolated !== true && startPsig > VALVE_BEARS_PSI)
    out.push(
      judged(
        'gas-valve',
        'stop',
        tell('furnace.gas-valve-stood-under-test', { psig: q(startPsig, 'psig') }),
        tell('furnace.a-gas-valve-bears-half-a-psi'),
        tell('furnace.do-not-light-it-replace-the-valve'),
        5,
      ),
    );
  const least = Math.max(LEAST.psig, LEAST.timesWorking * PSI_PER_IN_WC * (workingInWc ?? 0));
  if (startPsig < least)
    out.push(
      judged(
        'gas-pressure',
        'not-proven',
        tell('furnace.tested-at-below', { psig: q(startPsig, 'psig'), least: q(least, 'psig') }),
        tell('furnace.half-as-much-again-and-3-psi'),
        tell('furnace.test-again-at-least-at', { least: q(least, 'psig') }),
      ),
    );
  if (heldMin < LEAST_MIN)
    out.push(
      judged(
        'gas-time',
        'not-proven',
        tell('furnace.held-for-of', { held: q(heldMin, 'min'), least: q(LEAST_MIN, 'min', 'as is') }),
        tell('furnace.a-small-leak-needs-time-to-show'),
        tell('furnace.hold-it-for-the-whole-time'),
      ),
    );
  const hold = gasPipeHold({ startPsig, startF, endF, barometerPsia });
  if (!hold.ok)
    return [...out, judged('gas-hold', 'not-proven', hold.refused.message, tell('furnace.pipe-is-not-tested'))];
  const { expectedPsig } = hold.value;
  // To a thousandth: what a gauge shows as its own step is within it.
  const offPsi = Math.round(1000 * (endPsig - expectedPsig)) / 1000;
  const within = Math.max(GAUGE.psi, GAUGE.share * expectedPsig);
  const said = { end: q(endPsig, 'psig', 2), expected: q(expectedPsig, 'psig', 2) };
  if (offPsi < -within)
    out.push(
      judged(
        'gas-hold',
        'look-again',
        tell('furnace.pressure-fell-below-what-cooling-explains', said),
        tell('furnace.what-temperature-does-not-explain-leaks'),
        tell('furnace.soap-every-joint-mend-and-test-again'),
        -offPsi / within,
      ),
    );
  else if (offPsi > within)
    out.push(
      judged(
        'gas-hold',
        'not-proven',
        tell('furnace.pressure-rose-above-what-warming-explains', said),
        tell('furnace.a-pipe-that-gains-pressure-was-read-wrong'),
        tell('furnace.read-gauge-and-pipe-again'),
        offPsi / within,
      ),
    );
  else
    out.push(
      judged('gas-hold', 'good', tell('furnace.pipe-holds', said), tell('furnace.temperature-explains-all-of-it')),
    );
  return out;
}
