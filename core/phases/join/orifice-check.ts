import type { Finding } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import { value } from '@/core/words/said';
import { COMMON, tell } from './words';

const sizeOf = (stamp: string): string =>
  stamp
    .toLowerCase()
    .replace(/[^a-z0-9.]/g, '')
    .replace(/^0+(?=\.)/, '');

/** A fixed orifice belongs to the outdoor unit: its stamp is read at a joint and held against the size the unit lists. */
export function orificeCheck(stamps: readonly (string | null)[], listed: string | null | undefined): Finding {
  const stamp = stamps.find((s) => s?.trim());
  const base = { id: 'orifice', because: tell('join.it-must-be-size-outdoor-unit'), source: COMMON };
  if (!stamp)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.orifice-stamp-not-read'),
      next: { say: tell('join.read-orifice-at-its-joint') },
    };
  if (!listed?.trim())
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.orifice-not-compared', { stamp }),
      next: { say: tell('join.type-orifice-the-unit-lists') },
    };
  const same = sizeOf(stamp) === sizeOf(listed);
  return {
    ...base,
    verdict: same ? 'good' : 'look-again',
    claim: tell(same ? 'join.orifice-as-listed' : 'join.orifice-differs', { stamp, listed }),
    miss: same ? 0 : 2,
    ...(same ? {} : { next: { say: tell('join.fit-listed-orifice') } }),
  };
}

/**
 * What meters outdoors while a heat pump heats: matched like the indoor one, and out of the way while it cools (common practice).
 * An orifice is held against what the maker lists; nothing is claimed where nobody looked.
 */
export function outdoorMeterCheck(entry: EntryOf<'outdoor-meter'> | undefined): Finding {
  const base = { id: 'outdoor-meter', because: tell('join.outdoor-meter-heats-and-lets-cooling-pass'), source: COMMON };
  if (!entry)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.outdoor-meter-not-looked-at'),
      next: { say: tell('join.look-at-outdoor-meter') },
    };
  const { body } = entry;
  if (body.freeInCooling === 'no')
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('join.check-valve-holds-cooling-back'),
      miss: 3,
      next: { say: tell('join.change-outdoor-check-valve') },
    };
  if (body.device !== 'orifice')
    return { ...base, verdict: 'good', claim: tell('join.outdoor-meter-is', { device: value(body.device) }) };
  const { because: _b, ...match } = orificeCheck([body.stamp], body.listed);
  return { ...match, because: base.because, id: base.id };
}
