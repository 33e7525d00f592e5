import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB, PSI_PER_INHG } from '@/core/units/units';
import { pumpDownEnd } from './pump-down-end';
import { pumpDownRebound, REBOUND_WAIT_MIN } from './rebound';
import { recoveredShare } from './recovered-share';
import { recoveryLevel } from './recovery-level';
import { removalMethod } from './removal-method';

/** A recovered circuit is watched this long before its level counts (common practice), min. */
export const LEVEL_WAIT_MIN = 5;
/** A compound gauge is read to this, psi. */
const READ_PSI = 0.3;
/** Volts that still count as dead on a tester (common practice). */
const DEAD_V = 3;
const COMMON = 'common practice';

export type PumpDownAttempt = {
  stop: EntryOf<'pump-down'>;
  rebound: EntryOf<'rebound'> | undefined;
  verdict: { reboundPsi: number; holds: boolean; next: string } | undefined;
};

export type RecoveryView = {
  old: EntryOf<'old-charge'> | undefined;
  expectedOz: number | undefined;
  facts: EntryOf<'removal-facts'> | undefined;
  advice: { method: string; reasons: string; narrow: boolean } | undefined;
  method: EntryOf<'method'> | undefined;
  attempts: PumpDownAttempt[];
  dead: EntryOf<'dead-proof'> | undefined;
  level: {
    legalInHg: number;
    wantedInHg: number;
    basis: string;
    reachedInHg: number | undefined;
    heldInHg: number | undefined;
    waitMin: number | undefined;
    /** Nothing was recovered since it was read. */
    newest: boolean;
  };
  recoveredOz: number;
  /** Every weighing that stands. */
  weighings: EntryOf<'recovered'>['body'][];
  /** A cylinder was weighed after the machine; after a good pump-down the scale may show nothing. */
  weighed: boolean;
  /** Charge that a pump-down left in the old unit; null when its amount is not known. */
  heldInUnit: EntryOf<'held-in-unit'> | undefined;
  share: { pct: number; reading: string } | undefined;
  checks: Finding[];
};

/** Full charge when the plate is unreadable and the level depends on it only beyond 200 lb. */
const UNKNOWN_CHARGE_LB = 10;

export function expectedOz(old: EntryOf<'old-charge'>['body']): number | undefined {
  if (old.factoryOz === null) return undefined;
  const beyondFt = Math.max(0, (old.lineLengthFt ?? old.includedFt) - old.includedFt);
  // A longer line without its adder is not known, never nothing.
  if (beyondFt > 0 && old.ozPerFt === null) return undefined;
  return old.factoryOz + beyondFt * (old.ozPerFt ?? 0) + old.extraOz;
}

export const inHgOf = (psig: number): number => -psig / PSI_PER_INHG;

export function recoveryOf(
  log: readonly CircuitEntry[],
  { schools, feeds = 1 }: { schools: CircuitSchools; feeds?: 1 | 2 },
): RecoveryView {
  const old = latestOf(log, 'old-charge');
  const facts = latestOf(log, 'removal-facts');
  const expected = old ? expectedOz(old.body) : undefined;
  const asked =
    old && facts
      ? removalMethod({
          refrigerant: old.body.refrigerant,
          ...(expected === undefined ? {} : { chargeOz: expected }),
          ...(old.body.outdoorFt3 === null ? {} : { outdoorFt3: old.body.outdoorFt3 }),
          ...omitKind(facts.body),
        })
      : undefined;
  const weighings = entriesOf(log, 'recovered');
  const recoveredOz = weighings.reduce((s, e) => s + e.body.endGrossOz - e.body.startGrossOz, 0);
  const heldInUnit = latestOf(log, 'held-in-unit');
  const method = latestOf(log, 'method');
  const whole = !(method?.body.method === 'pump-down');
  const share =
    expected !== undefined && recoveredOz > 0 && whole && !heldInUnit
      ? recoveredShare({ expectedOz: expected, recoveredOz })
      : undefined;
  const view: Omit<RecoveryView, 'checks'> = {
    old,
    expectedOz: expected,
    facts,
    advice: asked?.ok ? asked.value : undefined,
    method,
    attempts: attemptsOf(log),
    dead: latestOf(log, 'dead-proof'),
    level: levelOf(log, old, expected, schools),
    recoveredOz,
    weighings: weighings.map((w) => w.body),
    weighed: weighings.length > 0,
    heldInUnit,
    share: share?.ok ? share.value : undefined,
  };
  return { ...view, checks: checksOf(log, view, schools, feeds) };
}

function omitKind({ compressorKind: _, ...rest }: EntryOf<'removal-facts'>['body']) {
  return rest;
}

function attemptsOf(log: readonly CircuitEntry[]): PumpDownAttempt[] {
  const rebounds = entriesOf(log, 'rebound');
  return entriesOf(log, 'pump-down').map((stop, i, all) => {
    const next = all[i + 1];
    const rebound = rebounds
      .filter((r) => log.indexOf(r) > log.indexOf(stop) && (!next || log.indexOf(r) < log.indexOf(next)))
      .at(-1);
    const judged = rebound
      ? pumpDownRebound({ stopPsig: rebound.body.stopPsig, afterPsig: rebound.body.afterPsig, attempt: i + 1 })
      : undefined;
    return { stop, rebound, verdict: judged?.ok ? judged.value : undefined };
  });
}

function levelOf(
  log: readonly CircuitEntry[],
  old: EntryOf<'old-charge'> | undefined,
  expected: number | undefined,
  schools: CircuitSchools,
): RecoveryView['level'] {
  const required = old
    ? recoveryLevel({
        applianceClass: old.body.applianceClass,
        refrigerant: old.body.refrigerant,
        chargeLb: Math.min(
          old.body.applianceClass === 'small' ? 5 : 5000,
          Math.max(0.1, (expected ?? UNKNOWN_CHARGE_LB * OZ_PER_LB) / OZ_PER_LB),
        ),
      })
    : undefined;
  const legalInHg = required?.ok ? required.value.requiredInHg : 0;
  const company = schools.companyLevel === 'legal' || old?.body.leaker ? 0 : Number(schools.companyLevel);
  const reading = latestOf(log, 'level');
  return {
    legalInHg,
    wantedInHg: Math.max(legalInHg, company),
    basis: required?.ok ? required.value.basis : 'the old refrigerant is not known',
    reachedInHg: reading ? inHgOf(reading.body.reachedPsig) : undefined,
    heldInHg: reading ? inHgOf(reading.body.afterPsig) : undefined,
    waitMin: reading?.body.waitMin,
    newest: reading !== undefined && !entriesAfter(log, reading).some((e) => e.kind === 'recovered'),
  };
}

function checksOf(
  log: readonly CircuitEntry[],
  v: Omit<RecoveryView, 'checks'>,
  schools: CircuitSchools,
  feeds: 1 | 2,
): Finding[] {
  const nothing = v.method?.body.method === 'nothing';
  const checks: Finding[] = [deadCheck(v.dead, feeds)];
  if (!nothing) {
    checks.push(levelCheck(log, v));
    if (v.advice && v.method?.body.method === 'pump-down' && v.advice.method === 'machine')
      checks.push({
        id: 'method',
        verdict: 'look-again',
        claim: 'Pumped down where a machine was called for.',
        because: v.advice.reasons,
        source: COMMON,
        next: { say: 'Use the recovery machine.' },
      });
    const low = v.attempts.at(-1);
    if (low && v.old) {
      const a2l = REFRIGERANT_FACTS[v.old.body.refrigerant].safetyGroup === 'A2L';
      const { floorPsig } = pumpDownEnd({
        refrigerant: v.old.body.refrigerant,
        compressorKind: v.facts?.body.compressorKind,
        school: schools.pumpDownEnd,
      });
      if (low.stop.body.stopPsig < floorPsig - READ_PSI)
        checks.push({
          id: 'too-deep',
          verdict: a2l ? 'stop' : 'look-again',
          claim: `Pumped down to ${inHgOf(low.stop.body.stopPsig).toFixed(0)} inHg.`,
          because: a2l
            ? 'Air drawn in with A2L and oil vapour under compression can explode.'
            : 'A compressor in deep vacuum arcs or overheats.',
          source: COMMON,
          next: { say: 'Stop at 0 psig; finish the low side with the machine.' },
          miss: 1,
        });
      if (low.verdict?.holds && low.rebound!.body.minutes < REBOUND_WAIT_MIN)
        checks.push({
          id: 'rebound',
          verdict: 'not-proven',
          claim: `The rebound was watched only ${low.rebound!.body.minutes.toFixed(0)} of ${REBOUND_WAIT_MIN} min.`,
          because: 'Liquid in the oil boils out slowly: an early reading shows too little.',
          source: COMMON,
          next: { say: 'Read it again after ten minutes.' },
        });
      if (low.verdict && !low.verdict.holds)
        checks.push({
          id: 'rebound',
          verdict: 'look-again',
          claim: `The low side came back ${low.verdict.reboundPsi.toFixed(0)} psi.`,
          because: 'Liquid still boils out, or a service valve leaks through.',
          source: COMMON,
          next: {
            say:
              low.verdict.next === 'repeat'
                ? 'Wait out the restart delay and pump down once more.'
                : 'Recover the low side with the machine.',
          },
          miss: low.verdict.reboundPsi / 5,
        });
    }
  }
  const conflict = contradictionOf(v);
  if (conflict)
    checks.push({
      id: 'contradiction',
      verdict: 'look-again',
      claim: conflict,
      because: 'Both cannot be so: the way of recovery and what comes back hang on it.',
      source: 'the record itself',
      next: { say: 'Look again, and correct the one that is wrong.' },
      miss: 1,
    });
  if (v.share) {
    const says: Record<string, string> = {
      consistent: 'The system held its charge.',
      'slightly short': 'A little short of what it should have held.',
      'probable leak': 'It had probably leaked. A kept coil or line set is pressure-tested and searched before reuse.',
      over: 'More than expected: overcharged, another line length, or air.',
    };
    checks.push({
      id: 'share',
      verdict: v.share.reading === 'consistent' ? 'good' : 'look-again',
      claim: `${v.share.pct.toFixed(0)} % of the expected charge came back: ${v.share.reading}.`,
      because: says[v.share.reading]!,
      source: `mass balance; bands ${COMMON}`,
    });
  }
  if (v.heldInUnit)
    checks.push({
      id: 'held-in-unit',
      verdict: 'look-again',
      claim:
        v.heldInUnit.body.oz === null
          ? 'The old unit still holds its charge.'
          : `The old unit still holds about ${(v.heldInUnit.body.oz / OZ_PER_LB).toFixed(1)} lb.`,
      because: 'A pump-down is not a recovery: it is evacuated before the unit is scrapped.',
      source: '40 CFR 82 subpart F, from memory',
      next: { say: 'Recover it before the unit goes to scrap.' },
    });
  return checks;
}

const secondFeed = (d: EntryOf<'dead-proof'>['body']): number[] =>
  [d.secondLineToLineV, d.secondLineToGroundV, d.secondOtherToGroundV].filter((v) => typeof v === 'number');
/** Readings that each feed needs: line to line, and each line to ground. */
const READINGS_A_FEED = 3;

/** Two answers about the old system that cannot both be so. */
function contradictionOf({ old, facts, method }: Omit<RecoveryView, 'checks'>): string | undefined {
  if (old && facts && !old.body.leaker && facts.body.lowSideLeak === 'yes')
    return 'The old charge says it does not leak; below, the low side leaks.';
  if (old && facts && old.body.leaker && facts.body.lowSideLeak === 'no' && method?.body.method === 'pump-down')
    return 'The old charge says it leaks; it is pumped down as if it were tight.';
  if (facts?.body.compressorRuns === 'no' && method?.body.method === 'pump-down')
    return 'The compressor does not run, and the way is a pump-down.';
  return undefined;
}

export const provesDead = (d: EntryOf<'dead-proof'>['body'], feeds: 1 | 2 = 1): boolean =>
  d.liveBefore &&
  d.liveAfter &&
  d.lockedOut &&
  (feeds === 1 || secondFeed(d).length === READINGS_A_FEED) &&
  [d.lineToLineV, d.lineToGroundV, d.otherToGroundV, ...secondFeed(d)].every((v) => v <= DEAD_V);

function deadCheck(dead: EntryOf<'dead-proof'> | undefined, feeds: 1 | 2): Finding {
  const base = {
    id: 'dead',
    because: 'Tester on a known live source, then dead line to line and each to ground, then live again; locked out.',
    source: 'live-dead-live, NFPA 70E, from memory',
  };
  if (!dead)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'Not proven dead.',
      next: {
        say:
          feeds === 2
            ? 'Two feeds: lock out both and prove each dead before a pipe is cut.'
            : 'Lock out and prove it dead before a pipe is cut.',
      },
    };
  const b = dead.body;
  if (provesDead(b, feeds))
    return {
      ...base,
      verdict: 'good',
      claim: `${feeds === 2 ? 'Both feeds proven' : 'Proven'} dead and locked out by ${dead.by}.`,
    };
  const volts = Math.max(b.lineToLineV, b.lineToGroundV, b.otherToGroundV, ...secondFeed(b));
  if (volts > DEAD_V)
    return {
      ...base,
      verdict: 'stop',
      claim: `${volts.toFixed(0)} V still on it.`,
      next: { say: 'Find the source that feeds it; lock it out; prove again.' },
      miss: volts,
    };
  if (feeds === 2 && secondFeed(b).length < READINGS_A_FEED)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'The survey found two feeds; only one is proven dead.',
      next: { say: 'Lock out the second feed and prove it dead as well.' },
    };
  return {
    ...base,
    verdict: 'not-proven',
    claim: b.lockedOut ? 'The tester was not proven before and after.' : 'Dead, but not locked out.',
    next: {
      say: b.lockedOut ? 'Prove the tester on a live source before and after.' : 'Lock and tag it, then prove again.',
    },
  };
}

function levelCheck(log: readonly CircuitEntry[], v: Omit<RecoveryView, 'checks'>): Finding {
  const { legalInHg, wantedInHg, basis, heldInHg, waitMin } = v.level;
  const say = (inHg: number): string => (inHg > 0 ? `${inHg.toFixed(0)} inHg` : '0 psig');
  const base = {
    id: 'level',
    because:
      `The rule asks ${say(legalInHg)}: ${basis}. ${wantedInHg > legalInHg ? `The company asks ${say(wantedInHg)}.` : ''}`.trim(),
    source: '40 CFR 82.156 Table 1, from memory: check the current rule',
  };
  const exception = latestOf(log, 'leak-exception');
  if (exception)
    return {
      ...base,
      verdict: 'look-again',
      claim: `Opened at ${exception.body.psig.toFixed(1)} psig for a leak: ${exception.body.reason}`,
    };
  if (heldInHg === undefined)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'No recovery level on record.',
      next: { say: `Pull to ${say(wantedInHg)}, machine off, wait ${LEVEL_WAIT_MIN} min, read again.` },
    };
  const slack = READ_PSI / PSI_PER_INHG;
  if ((waitMin ?? 0) < LEVEL_WAIT_MIN)
    return {
      ...base,
      verdict: 'not-proven',
      claim: `Watched only ${(waitMin ?? 0).toFixed(0)} of ${LEVEL_WAIT_MIN} min.`,
      next: { say: `Leave the machine off for ${LEVEL_WAIT_MIN} min and read again: liquid in oil boils out.` },
    };
  if (heldInHg < legalInHg - slack)
    return {
      ...base,
      verdict: 'look-again',
      claim:
        heldInHg < 0
          ? `${(-heldInHg * PSI_PER_INHG).toFixed(0)} psig still in it.`
          : `Only ${heldInHg.toFixed(0)} inHg held.`,
      next: { say: `Start the machine again: ${say(wantedInHg)} is asked for.` },
      miss: 1 + (legalInHg - heldInHg),
    };
  if (heldInHg < wantedInHg - slack)
    return {
      ...base,
      verdict: 'look-again',
      claim: `${say(Math.max(0, heldInHg))} held: enough by the rule, not for the company.`,
      next: { say: `Pull on to ${say(wantedInHg)}.` },
      miss: 0.5,
    };
  return {
    ...base,
    verdict: 'good',
    claim: `${say(Math.max(0, heldInHg))} held for ${waitMin?.toFixed(0)} min; ${say(wantedInHg)} asked for.`,
  };
}
