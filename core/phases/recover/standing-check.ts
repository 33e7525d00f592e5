import { REST_H, standingPressure } from '@/core/circuit/recovery/standing-pressure';
import type { Finding, Verdict } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { q, type Said } from '@/core/words/said';
import { tell } from './words';

/** What the pressure at rest says of what is in the old system; undefined where nobody read it. */
export function standingOf(
  read: EntryOf<'standing-read'> | undefined,
  refrigerant: Refrigerant | undefined,
  barometerPsia: number | undefined,
) {
  if (!read || !refrigerant) return undefined;
  const { gaugePsig, coldF, hotF, restH } = read.body;
  const judged = standingPressure({
    refrigerant,
    gaugePsig,
    coldF,
    hotF,
    restH,
    ...(barometerPsia === undefined ? {} : { barometerPsia }),
  });
  return judged.ok ? judged.value : undefined;
}
export type JudgedStanding = NonNullable<ReturnType<typeof standingOf>>;
export type StandingReading = JudgedStanding['reading'];

const SAYS: Record<StandingReading, { verdict: Verdict; claim: Said; next?: Said }> = {
  liquid: { verdict: 'good', claim: tell('recovery.standing-as-liquid') },
  'not-at-rest': {
    verdict: 'not-proven',
    claim: tell('recovery.standing-not-at-rest'),
    next: tell('recovery.open-valves-and-wait', { restH: q(REST_H, 'h', 0) }),
  },
  'air-or-mixture': {
    verdict: 'look-again',
    claim: tell('recovery.standing-air-or-mixture'),
    next: tell('recovery.own-cylinder-and-analyzer'),
  },
  'no-liquid': {
    verdict: 'look-again',
    claim: tell('recovery.standing-no-liquid'),
    next: tell('recovery.look-for-leak-before-lines-are-kept'),
  },
  empty: {
    verdict: 'look-again',
    claim: tell('recovery.standing-empty'),
    next: tell('recovery.new-drier-and-three-pulls'),
  },
};

export function standingCheck(
  read: EntryOf<'standing-read'> | undefined,
  judged: JudgedStanding | undefined,
): Finding[] {
  if (!read || !judged) return [];
  const out: Finding[] = [];
  const { verdict, claim, next } = SAYS[judged.reading];
  out.push({
    id: 'standing',
    verdict,
    claim,
    because: tell('recovery.standing-band', {
      gaugePsig: q(read.body.gaugePsig, 'psig'),
      lowPsig: q(judged.lowPsig, 'psig', 0),
      highPsig: q(judged.highPsig, 'psig', 0),
    }),
    source: tell('recovery.saturation-coldest-part-rules'),
    ...(next ? { next: { say: next } } : {}),
    miss: 0.5,
  });
  if (!read.body.readsVacuum)
    out.push({
      id: 'gauge-vacuum',
      verdict: 'not-proven',
      claim: tell('recovery.gauge-cannot-read-vacuum'),
      because: tell('recovery.level-below-atmosphere-is-then-a-guess'),
      source: tell('recovery.common-practice'),
      next: { say: tell('recovery.put-compound-gauge-on') },
    });
  return out;
}
