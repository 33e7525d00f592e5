import { tell } from '@/core/circuit/recovery/words';
import type { Finding } from '@/core/finding/finding';
import { bubblePsia } from '@/core/refrigerant/lookup';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { DEFAULT_BAROMETER_PSIA, OZ_PER_LB } from '@/core/units/units';
import { day, q, type Said, value } from '@/core/words/said';
import { cylinderFill, FILL_BASIS_F, specificGravity } from './cylinder-fill';

export const CYLINDER_USES = ['recovery', 'supply'] as const;
export const CYLINDER_STATES = ['in use', 'quarantined', 'gone'] as const;

/** A refrigerant cylinder of the company, with what the ledger says is in it. */
export type Cylinder = {
  id: string;
  tag: string;
  use: (typeof CYLINDER_USES)[number];
  /** Null: empty and evacuated, it takes whatever comes first. */
  refrigerant: Refrigerant | null;
  waterCapacityLb: number;
  tareOz: number;
  /** Stamped service pressure. */
  ratingPsig: number;
  /** Last day on which it may be filled before its retest, YYYY-MM-DD. */
  retestOn: string | null;
  disposable: boolean;
  flammableMark: boolean;
  dipTube: boolean;
  state: (typeof CYLINDER_STATES)[number];
  /** Sum of its movements. */
  contentsOz: number;
};

/** Temperature at which a cylinder's pressure is held against its rating, and the share of the rating allowed (49 CFR 173.304a, from memory). */
const RATING_F = 131;
const RATING_SHARE = 1.25;
/** From this share of its limit on a cylinder is nearly full (design default). */
export const NEARLY_FULL = 0.9;
const REGULATION = tell('recovery.49-cfr-173-and-ahri-guideline');

/** The share of a cylinder that its contents fill as liquid at a temperature. */
export const liquidShare = (
  c: Pick<Cylinder, 'contentsOz' | 'waterCapacityLb'>,
  refrigerant: Refrigerant,
  temperatureF: number,
): number => c.contentsOz / OZ_PER_LB / (c.waterCapacityLb * specificGravity(refrigerant, temperatureF));

/** How full a cylinder is: its limit at the basis temperature, and what its liquid would fill at another. */
export function cylinderFillOf(c: Cylinder, refrigerant: Refrigerant, temperatureF = FILL_BASIS_F) {
  const limit = cylinderFill({
    refrigerant,
    waterCapacityLb: c.waterCapacityLb,
    tareLb: c.tareOz / OZ_PER_LB,
    temperatureF,
  });
  if (!limit.ok) return undefined;
  const limitOz = limit.value.maxRefrigerantLb * OZ_PER_LB;
  return { limitOz, leftOz: limitOz - c.contentsOz, share: c.contentsOz / limitOz, grossLimitOz: limitOz + c.tareOz };
}

/**
 * Whether this cylinder may take this refrigerant, and this much of it. Never overridden: the fill limit, another
 * refrigerant, an overdue retest, a disposable cylinder, a rating too low.
 */
export function cylinderChecks(
  c: Cylinder,
  refrigerant: Refrigerant,
  expectedOz: number | undefined,
  today: string,
): Finding[] {
  const source = REGULATION;
  const checks: Finding[] = [];
  const bad = (id: string, claim: Said, because: Said, next: Said): void =>
    void checks.push({ id, verdict: 'stop', claim, because, source, next: { say: next }, miss: 1 });
  if (c.state !== 'in use')
    bad(
      'state',
      tell('recovery.cylinder-is', { tag: c.tag, state: value(c.state) }),
      tell('recovery.it-is-not-to-be-filled'),
      tell('recovery.take-another-cylinder'),
    );
  if (c.refrigerant !== null && c.refrigerant !== refrigerant)
    bad(
      'mixture',
      tell('recovery.cylinder-holds-this-is', { tag: c.tag, refrigerant: c.refrigerant, refrigerant2: refrigerant }),
      tell('recovery.one-refrigerant-cylinder-mixture-can-only'),
      tell('recovery.take-cylinder-of-same-refrigerant-or'),
    );
  if (c.use === 'recovery') {
    if (c.disposable)
      bad(
        'disposable',
        tell('recovery.cylinder-is-disposable', { tag: c.tag }),
        tell('recovery.disposable-cylinder-is-never-refilled'),
        tell('recovery.take-refillable-recovery-cylinder'),
      );
    if (c.retestOn === null || c.retestOn < today)
      bad(
        'retest',
        c.retestOn === null
          ? tell('recovery.cylinder-shows-no-retest-date', { tag: c.tag })
          : tell('recovery.cylinder-was-due-for-retest-on', { tag: c.tag, retestOn: day(c.retestOn) }),
        tell('recovery.overdue-cylinder-may-not-be-filled'),
        tell('recovery.send-it-to-retest-take-another'),
      );
    const hotPsig = bubblePsia(refrigerant, RATING_F) - DEFAULT_BAROMETER_PSIA;
    if (hotPsig > c.ratingPsig * RATING_SHARE)
      bad(
        'rating',
        tell('recovery.rated-too-weak-for', { ratingPsig: q(c.ratingPsig, 'psig', 'as is'), refrigerant }),
        tell('recovery.at-131-f-it-would-stand', {
          hotPsig: q(hotPsig, 'psig', 0),
          ratingPsig: q(c.ratingPsig * RATING_SHARE, 'number', 0),
        }),
        tell('recovery.take-cylinder-rated-for-it'),
      );
    if (REFRIGERANT_FACTS[refrigerant].safetyGroup === 'A2L' && !c.flammableMark)
      bad(
        'flammable-mark',
        tell('recovery.cylinder-is-not-marked-for-flammable', { tag: c.tag }),
        tell('recovery.a2l-goes-into-cylinders-with-red'),
        tell('recovery.take-marked-one'),
      );
    const fill = cylinderFillOf(c, refrigerant);
    if (fill) {
      const over = expectedOz !== undefined && expectedOz > fill.leftOz;
      const verdict = fill.leftOz <= 0 ? 'stop' : over ? 'stop' : fill.share >= NEARLY_FULL ? 'look-again' : 'good';
      checks.push({
        id: 'fill',
        verdict,
        claim:
          verdict === 'good'
            ? tell('recovery.room-for-more', { leftOz: q(fill.leftOz / OZ_PER_LB, 'lb', 1) })
            : over
              ? tell('recovery.room-for-are-expected', {
                  ozPerLb: q(Math.max(0, fill.leftOz) / OZ_PER_LB, 'lb', 1),
                  expectedOz: q(expectedOz / OZ_PER_LB, 'lb', 1),
                })
              : tell('recovery.of-its-limit', { share: Math.round(fill.share * 100) }),
        because: tell('recovery.liquid-that-fills-cylinder-as-it'),
        source,
        miss: fill.share,
        ...(verdict === 'good' ? {} : { next: { say: tell('recovery.bring-another-cylinder-before-you-start') } }),
      });
    }
  }
  if (c.use === 'supply' && c.contentsOz <= 0)
    checks.push({
      id: 'empty',
      verdict: 'look-again',
      claim: tell('recovery.by-ledger-cylinder-is-empty', { tag: c.tag }),
      because: tell('recovery.every-ounce-in-and-out-is'),
      source: tell('recovery.cylinder-ledger'),
      next: { say: tell('recovery.weigh-it-and-write-weighing-down') },
    });
  return checks;
}

/** Checks that nobody may override: with one of them standing the cylinder is refused. */
export const refusesCylinder = (checks: readonly Finding[]): Finding | undefined =>
  checks.find((c) => c.verdict === 'stop');

export const MOVEMENT_KINDS = ['opening', 'from system', 'to system', 'weighed', 'sent away', 'received'] as const;
export type MovementKind = (typeof MOVEMENT_KINDS)[number];
export type CylinderMovement = {
  id: string;
  cylinderId: string;
  kind: MovementKind;
  /** Into the cylinder positive, out of it negative. */
  oz: number;
  grossOz: number | null;
  refrigerant: Refrigerant | null;
  jobId: string | null;
  jobNumber: number | null;
  by: string;
  certificate: string | null;
  note: string | null;
  at: string;
};

/** Scale uncertainty of one weighing of a whole cylinder, oz (common practice). */
export const WEIGHING_OZ = 1;

/** Whether the weighed cylinder agrees with its ledger; the difference when it does not. */
export function ledgerBalance(
  c: Pick<Cylinder, 'tareOz' | 'contentsOz'>,
  grossOz: number,
): { differenceOz: number; balanced: boolean } {
  const differenceOz = grossOz - c.tareOz - c.contentsOz;
  return { differenceOz, balanced: Math.abs(differenceOz) <= WEIGHING_OZ };
}
