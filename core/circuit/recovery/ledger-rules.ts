import { tell } from '@/core/circuit/recovery/words';
import { type Outcome, ok, type Refusal, refusal, refuse } from '@/core/finding/outcome';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { q } from '@/core/words/said';
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
    ? refusal(
        field,
        tell('recovery.by-ledger-cylinder-weighs-gross-in', {
          tag: c.tag,
          ledger: q(ledger, 'lbOz'),
          contentsOz: q(c.contentsOz, 'lbOz'),
          startGrossOz: q(startGrossOz, 'lbOz'),
        }),
        tell('recovery.within-of-or-weigh-it-under', {
          ledgerSlackOz: q(LEDGER_SLACK_OZ, 'oz', 'as is'),
          ledger: q(ledger, 'oz'),
        }),
      )
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
    return refusal(
      'cylinderId',
      tell('recovery.cylinder-is-supply-cylinder', { tag: c.tag }),
      tell('recovery.recovery-cylinder'),
    );
  const fill = cylinderFillOf(c, refrigerant);
  const impossible = fill !== undefined && c.contentsOz + amountOz > fill.limitOz / FILL_SHARE;
  const refused = refusesCylinder(
    cylinderChecks(c, refrigerant, amountOz, today).filter((x) => x.id !== 'fill' || impossible),
  );
  return refused
    ? refusal(
        'cylinderId',
        tell('recovery.claim-because', { claim: refused.claim, because: refused.because }),
        refused.next?.say ?? tell('recovery.another-cylinder'),
      )
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
    if (body.grossOz === null)
      return refuse('grossOz', tell('recovery.weighing-needs-gross-weight'), tell('recovery.0-to-40000-oz'));
    if (body.grossOz < c.tareOz - WEIGHING_OZ)
      return refuse(
        'grossOz',
        tell('recovery.lighter-than-its-tare'),
        tell('recovery.at-least', { tareOz: q(c.tareOz, 'oz', 'as is') }),
      );
    const inside = Math.max(0, body.grossOz - c.tareOz);
    const limit = limits(c);
    if (limit && inside > limit.wholeOz)
      return refuse(
        'grossOz',
        tell('recovery.of-do-not-go-into-cylinder', {
          inside: q(inside, 'lbOz'),
          refrigerant: c.refrigerant ?? '–',
          tag: c.tag,
        }),
        tell('recovery.up-to-gross', { tareOz: q(c.tareOz + limit.wholeOz, 'oz', 0) }),
      );
    if (!limit && inside > WEIGHING_OZ)
      return refuse(
        'grossOz',
        tell('recovery.say-first-which-refrigerant-cylinder-holds'),
        tell('recovery.cylinder-with-its-refrigerant'),
      );
    return ok({ oz: inside - c.contentsOz });
  }
  if (body.kind === 'sent away') {
    if (!body.recipient)
      return refuse(
        'recipient',
        tell('recovery.say-who-received-it'),
        tell('recovery.reclaimer-or-destruction-facility'),
      );
    if (body.oz > c.contentsOz + WEIGHING_OZ)
      return refuse(
        'oz',
        tell('recovery.more-than-ledger-says-is-in'),
        tell('recovery.up-to', { value: q(Math.max(0, c.contentsOz), 'oz') }),
      );
    return ok({ oz: -Math.min(body.oz, Math.max(0, c.contentsOz)) });
  }
  if (c.refrigerant === null && body.oz > 0)
    return refuse(
      'oz',
      tell('recovery.say-first-which-refrigerant-cylinder-holds'),
      tell('recovery.cylinder-with-its-refrigerant'),
    );
  if (body.kind === 'opening' && movements > 0)
    return refuse(
      'kind',
      tell('recovery.this-cylinders-ledger-is-open-already'),
      tell('recovery.received-weighed-or-sent-away'),
    );
  const limit = limits(c);
  if (limit && c.contentsOz + body.oz > limit.fillOz + WEIGHING_OZ)
    return refuse(
      'oz',
      tell('recovery.cylinder-holds-its-fill-limit-is', {
        tag: c.tag,
        contentsOz: q(c.contentsOz, 'lbOz'),
        fillOz: q(limit.fillOz, 'lbOz'),
      }),
      tell('recovery.up-to', { value: q(Math.max(0, limit.fillOz - c.contentsOz), 'oz') }),
    );
  return ok({ oz: body.oz });
}
