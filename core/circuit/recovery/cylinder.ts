import type { Finding } from '@/core/finding/finding';
import { bubblePsia } from '@/core/refrigerant/lookup';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { DEFAULT_BAROMETER_PSIA, OZ_PER_LB } from '@/core/units/units';
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
const REGULATION = '49 CFR 173 and AHRI Guideline K, from memory: check the current rule';

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
  const bad = (id: string, claim: string, because: string, next: string): void =>
    void checks.push({ id, verdict: 'stop', claim, because, source, next: { say: next }, miss: 1 });
  if (c.state !== 'in use')
    bad('state', `Cylinder ${c.tag} is ${c.state}.`, 'It is not to be filled or used.', 'Take another cylinder.');
  if (c.refrigerant !== null && c.refrigerant !== refrigerant)
    bad(
      'mixture',
      `Cylinder ${c.tag} holds ${c.refrigerant}; this is ${refrigerant}.`,
      'One refrigerant a cylinder: a mixture can only be destroyed.',
      'Take a cylinder of the same refrigerant, or an empty evacuated one.',
    );
  if (c.use === 'recovery') {
    if (c.disposable)
      bad(
        'disposable',
        `Cylinder ${c.tag} is disposable.`,
        'A disposable cylinder is never refilled.',
        'Take a refillable recovery cylinder.',
      );
    if (c.retestOn === null || c.retestOn < today)
      bad(
        'retest',
        c.retestOn === null
          ? `Cylinder ${c.tag} shows no retest date.`
          : `Cylinder ${c.tag} was due for retest on ${c.retestOn}.`,
        'An overdue cylinder may not be filled.',
        'Send it to retest; take another.',
      );
    const hotPsig = bubblePsia(refrigerant, RATING_F) - DEFAULT_BAROMETER_PSIA;
    if (hotPsig > c.ratingPsig * RATING_SHARE)
      bad(
        'rating',
        `Rated ${c.ratingPsig} psig: too weak for ${refrigerant}.`,
        `At 131 °F it would stand at ${hotPsig.toFixed(0)} psig; ${(c.ratingPsig * RATING_SHARE).toFixed(0)} is allowed.`,
        'Take a cylinder rated for it.',
      );
    if (REFRIGERANT_FACTS[refrigerant].safetyGroup === 'A2L' && !c.flammableMark)
      bad(
        'flammable-mark',
        `Cylinder ${c.tag} is not marked for flammable refrigerant.`,
        'A2L goes into cylinders with the red band and their own thread.',
        'Take a marked one.',
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
            ? `Room for ${(fill.leftOz / OZ_PER_LB).toFixed(1)} lb more.`
            : over
              ? `Room for ${(Math.max(0, fill.leftOz) / OZ_PER_LB).toFixed(1)} lb; ${(expectedOz / OZ_PER_LB).toFixed(1)} lb are expected.`
              : `${Math.round(fill.share * 100)} % of its limit.`,
        because: 'Liquid that fills a cylinder as it warms bursts it: 80 % by volume at 77 °F.',
        source,
        miss: fill.share,
        ...(verdict === 'good' ? {} : { next: { say: 'Bring another cylinder before you start.' } }),
      });
    }
  }
  if (c.use === 'supply' && c.contentsOz <= 0)
    checks.push({
      id: 'empty',
      verdict: 'look-again',
      claim: `By the ledger cylinder ${c.tag} is empty.`,
      because: 'Every ounce in and out is on the ledger.',
      source: 'the cylinder ledger',
      next: { say: 'Weigh it and write the weighing down.' },
    });
  return checks;
}

/** Checks that nobody may override: with one of them standing the cylinder is refused. */
export const refusesCylinder = (checks: readonly Finding[]): Finding | undefined =>
  checks.find((c) => c.verdict === 'stop');

export type MovementKind = 'opening' | 'from system' | 'to system' | 'weighed' | 'sent away' | 'received';
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

/** What is in a cylinder by its movements. */
export const contentsOf = (movements: readonly Pick<CylinderMovement, 'oz'>[]): number =>
  movements.reduce((sum, m) => sum + m.oz, 0);

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
