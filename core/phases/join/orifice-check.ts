import type { Finding } from '@/core/finding/finding';
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
