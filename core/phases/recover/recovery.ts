import { pumpDownEnd } from '@/core/circuit/recovery/pump-down-end';
import { pumpDownRebound, REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { recoveredShare } from '@/core/circuit/recovery/recovered-share';
import { recoveryLevel } from '@/core/circuit/recovery/recovery-level';
import { removalMethod } from '@/core/circuit/recovery/removal-method';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Finding } from '@/core/finding/finding';
import { type CircuitEntry, type EntryOf, entriesAfter, entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/recover/words';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB, PSI_PER_INHG } from '@/core/units/units';
import { list, q, type Said, value } from '@/core/words/said';
import { deadCheck } from './dead-check';
import { levelCheck, READ_PSI } from './level-check';
import type { PumpDownAttempt, RecoveryView } from './recovery-view';
import { type JudgedStanding, standingCheck, standingOf } from './standing-check';

const COMMON = tell('recovery.common-practice');

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
  { schools, feeds = 1, barometerPsia }: { schools: CircuitSchools; feeds?: 1 | 2; barometerPsia?: number },
): RecoveryView {
  const old = latestOf(log, 'old-charge');
  const facts = latestOf(log, 'removal-facts');
  const expected = old ? expectedOz(old.body) : undefined;
  const standing = standingOf(latestOf(log, 'standing-read'), old?.body.refrigerant, barometerPsia);
  const asked =
    old && facts
      ? removalMethod({
          refrigerant: old.body.refrigerant,
          ...(expected === undefined ? {} : { chargeOz: expected }),
          ...(old.body.outdoorFt3 === null ? {} : { outdoorFt3: old.body.outdoorFt3 }),
          faceFt2: old.body.faceFt2 ?? undefined,
          rows: old.body.rows ?? undefined,
          microchannel: old.body.microchannel ?? undefined,
          impure: standing?.reading === 'air-or-mixture',
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
    standing: standing?.reading,
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
  return { ...view, checks: checksOf(log, view, schools, feeds, standing) };
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
    basis: required?.ok ? required.value.basis : tell('recovery.old-refrigerant-is-not-known'),
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
  standing: JudgedStanding | undefined,
): Finding[] {
  const nothing = v.method?.body.method === 'nothing';
  const checks: Finding[] = [deadCheck(v.dead, feeds), ...standingCheck(latestOf(log, 'standing-read'), standing)];
  if (!nothing) {
    checks.push(levelCheck(log, v));
    if (v.advice && v.method?.body.method === 'pump-down' && v.advice.method === 'machine')
      checks.push({
        id: 'method',
        verdict: 'look-again',
        claim: tell('recovery.pumped-down-where-machine-was-called'),
        because: tell('recovery.reasons', { reasons: list(v.advice.reasons, '; ') }),
        source: COMMON,
        next: { say: tell('recovery.use-recovery-machine') },
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
          claim: tell('recovery.pumped-down-to', { stopPsig: q(inHgOf(low.stop.body.stopPsig), 'inHg') }),
          because: a2l
            ? tell('recovery.air-drawn-in-with-a2l-and')
            : tell('recovery.compressor-in-deep-vacuum-arcs-or'),
          source: COMMON,
          next: { say: tell('recovery.stop-at-0-psig-finish-low') },
          miss: 1,
        });
      if (low.verdict?.holds && low.rebound!.body.minutes < REBOUND_WAIT_MIN)
        checks.push({
          id: 'rebound',
          verdict: 'not-proven',
          claim: tell('recovery.rebound-was-watched-only-of', {
            minutes: q(low.rebound!.body.minutes, 'number', 0),
            reboundWaitMin: q(REBOUND_WAIT_MIN, 'min', 'as is'),
          }),
          because: tell('recovery.liquid-in-oil-boils-out-slowly'),
          source: COMMON,
          next: { say: tell('recovery.read-it-again-after-ten-minutes') },
        });
      if (low.verdict && !low.verdict.holds)
        checks.push({
          id: 'rebound',
          verdict: 'look-again',
          claim: tell('recovery.low-side-came-back', { reboundPsi: q(low.verdict.reboundPsi, 'psi', 0) }),
          because: tell('recovery.liquid-still-boils-out-or-service'),
          source: COMMON,
          next: {
            say:
              low.verdict.next === 'repeat'
                ? tell('recovery.wait-out-restart-delay-and-pump')
                : tell('recovery.recover-low-side-with-machine'),
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
      because: tell('recovery.both-cannot-be-so-way-of'),
      source: tell('recovery.record-itself'),
      next: { say: tell('recovery.look-again-and-correct-one-that') },
      miss: 1,
    });
  if (v.share) {
    const says: Record<string, Said> = {
      consistent: tell('recovery.system-held-its-charge'),
      'slightly short': tell('recovery.little-short-of-what-it-should'),
      'probable leak': tell('recovery.it-had-probably-leaked-kept-coil'),
      over: tell('recovery.more-than-expected-overcharged-another-line'),
    };
    checks.push({
      id: 'share',
      verdict: v.share.reading === 'consistent' ? 'good' : 'look-again',
      claim: tell('recovery.of-expected-charge-came-back', {
        pct: q(v.share.pct, 'pct'),
        reading: value(v.share.reading),
      }),
      because: says[v.share.reading]!,
      source: tell('recovery.mass-balance-bands', { common: COMMON }),
    });
  }
  if (v.heldInUnit)
    checks.push({
      id: 'held-in-unit',
      verdict: 'look-again',
      claim:
        v.heldInUnit.body.oz === null
          ? tell('recovery.old-unit-still-holds-its-charge')
          : tell('recovery.old-unit-still-holds-about', { oz: q(v.heldInUnit.body.oz / OZ_PER_LB, 'lb', 1) }),
      because: tell('recovery.pump-down-is-not-recovery-it'),
      source: tell('recovery.40-cfr-82-subpart-f-from'),
      next: { say: tell('recovery.recover-it-before-unit-goes-to') },
    });
  return checks;
}

/** Two answers about the old system that cannot both be so. */
function contradictionOf({ old, facts, method }: Omit<RecoveryView, 'checks'>): Said | undefined {
  if (old && facts && !old.body.leaker && facts.body.lowSideLeak === 'yes')
    return tell('recovery.old-charge-says-it-does-not');
  if (old && facts && old.body.leaker && facts.body.lowSideLeak === 'no' && method?.body.method === 'pump-down')
    return tell('recovery.old-charge-says-it-leaks-it');
  if (facts?.body.compressorRuns === 'no' && method?.body.method === 'pump-down')
    return tell('recovery.compressor-does-not-run-and-way');
  return undefined;
}
