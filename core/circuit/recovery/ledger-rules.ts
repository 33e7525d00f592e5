import { lbOz } from '@/core/circuit/weigh-in';
import { type Outcome, ok, type Refusal, refuse } from '@/core/finding/outcome';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import {
  type Cylinder,
  cylinderChecks,
  cylinderFillOf,
  type MovementKind,
  refusesCylinder,
  WEIGHING_OZ,
} from './cylinder';
import { FILL_SHARE } from './cylinder-fill';

/** A typed weight may differ from the ledger by hose, valve and scale, oz; beyond that one of the two is wrong (design default). */
export const LEDGER_SLACK_OZ = 16;

export const grossByLedger = (c: Pick<Cylinder, 'tareOz' | 'contentsOz'>): number => c.tareOz + c.contentsOz;

/** Why a typed starting weight cannot be this cylinder's, or undefined when it fits the ledger. */
export function refusesStartWeight(c: Cylinder, startGrossOz: number, field = 'startGrossOz'): Refusal | undefined {
  const ledger = grossByLedger(c);
  return Math.abs(startGrossOz - ledger) > LEDGER_SLACK_OZ
    ? {
        field,
        message: `By the ledger cylinder ${c.tag} weighs ${lbOz(ledger)} gross (${lbOz(c.contentsOz)} in it); ${lbOz(startGrossOz)} was typed.`,
        allowed: `within ${LEDGER_SLACK_OZ} oz of ${ledger.toFixed(1)} oz; or weigh it under Cylinders first`,
      }
    : undefined;
}

/**
 * Why recovered refrigerant cannot be in this cylinder, or undefined. What is on the scale is written down even when it went
 * past the limit (the cylinder takes nothing more after it); only more than it can hold at all is refused.
 */
export function refusesRecovered(
  c: Cylinder,
  refrigerant: Refrigerant,
  amountOz: number,
  today: string,
): Refusal | undefined {
  if (c.use !== 'recovery')
    return {
      field: 'cylinderId',
      message: `Cylinder ${c.tag} is a supply cylinder.`,
      allowed: 'a recovery cylinder',
    };
  const fill = cylinderFillOf(c, refrigerant);
  const impossible = fill !== undefined && c.contentsOz + amountOz > fill.limitOz / FILL_SHARE;
  const refused = refusesCylinder(
    cylinderChecks(c, refrigerant, amountOz, today).filter((x) => x.id !== 'fill' || impossible),
  );
  return refused
    ? {
        field: 'cylinderId',
        message: `${refused.claim} ${refused.because}`,
        allowed: refused.next?.say ?? 'another cylinder',
      }
    : undefined;
}

export type HandMovement = {
  kind: Extract<MovementKind, 'opening' | 'received' | 'weighed' | 'sent away'>;
  oz: number;
  grossOz: number | null;
  recipient: string | null;
};

/** The most this cylinder may hold of what is in it, and the most that goes into it at all; undefined while it is empty. */
function limits(c: Cylinder): { fillOz: number; wholeOz: number } | undefined {
  const fill = c.refrigerant ? cylinderFillOf(c, c.refrigerant) : undefined;
  return fill ? { fillOz: fill.limitOz, wholeOz: fill.limitOz / FILL_SHARE } : undefined;
}

/**
 * What a movement written by hand does to the ledger, in ounces; or why it cannot be.
 * Nothing received above the fill limit, one opening only, never below nothing, no weighing beyond what fits in.
 *
 * @param movements how many movements the ledger of this cylinder has already
 */
export function handMovement(c: Cylinder, body: HandMovement, movements: number): Outcome<{ oz: number }> {
  if (body.kind === 'weighed') {
    if (body.grossOz === null) return refuse('grossOz', 'A weighing needs the gross weight.', '0 to 40000 oz');
    if (body.grossOz < c.tareOz - WEIGHING_OZ)
      return refuse('grossOz', 'Lighter than its tare.', `at least ${c.tareOz} oz`);
    const inside = Math.max(0, body.grossOz - c.tareOz);
    const limit = limits(c);
    if (limit && inside > limit.wholeOz)
      return refuse(
        'grossOz',
        `${lbOz(inside)} of ${c.refrigerant} do not go into cylinder ${c.tag} at all.`,
        `up to ${(c.tareOz + limit.wholeOz).toFixed(0)} oz gross`,
      );
    if (!limit && inside > WEIGHING_OZ)
      return refuse('grossOz', 'Say first which refrigerant the cylinder holds.', 'a cylinder with its refrigerant');
    return ok({ oz: inside - c.contentsOz });
  }
  if (body.kind === 'sent away') {
    if (!body.recipient) return refuse('recipient', 'Say who received it.', 'a reclaimer or a destruction facility');
    if (body.oz > c.contentsOz + WEIGHING_OZ)
      return refuse('oz', 'More than the ledger says is in it.', `up to ${Math.max(0, c.contentsOz).toFixed(1)} oz`);
    return ok({ oz: -Math.min(body.oz, Math.max(0, c.contentsOz)) });
  }
  if (c.refrigerant === null && body.oz > 0)
    return refuse('oz', 'Say first which refrigerant the cylinder holds.', 'a cylinder with its refrigerant');
  if (body.kind === 'opening' && movements > 0)
    return refuse('kind', 'This cylinder’s ledger is open already.', 'received, weighed or sent away');
  const limit = limits(c);
  if (limit && c.contentsOz + body.oz > limit.fillOz + WEIGHING_OZ)
    return refuse(
      'oz',
      `Cylinder ${c.tag} holds ${lbOz(c.contentsOz)}; its fill limit is ${lbOz(limit.fillOz)}.`,
      `up to ${Math.max(0, limit.fillOz - c.contentsOz).toFixed(1)} oz`,
    );
  return ok({ oz: body.oz });
}
