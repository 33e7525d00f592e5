import type { Finding } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import { DEAD_V, INDUCED_V } from '@/core/power/isolation';
import { q } from '@/core/words/said';
import { tell } from './words';

const secondFeed = (d: EntryOf<'dead-proof'>['body']): number[] =>
  [d.secondLineToLineV, d.secondLineToGroundV, d.secondOtherToGroundV].filter((v) => typeof v === 'number');
/** Readings that each feed needs: line to line, and each line to ground. */
const READINGS_A_FEED = 3;

export const provesDead = (d: EntryOf<'dead-proof'>['body'], feeds: 1 | 2 = 1): boolean =>
  d.liveBefore &&
  d.liveAfter &&
  d.lockedOut &&
  (feeds === 1 || secondFeed(d).length === READINGS_A_FEED) &&
  [d.lineToLineV, d.lineToGroundV, d.otherToGroundV, ...secondFeed(d)].every((v) => v <= DEAD_V);

export function deadCheck(dead: EntryOf<'dead-proof'> | undefined, feeds: 1 | 2): Finding {
  const base = {
    id: 'dead',
    because: tell('recovery.tester-on-known-live-source-then'),
    source: tell('recovery.live-dead-live-nfpa-70e-from'),
  };
  if (!dead)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('recovery.not-proven-dead'),
      next: {
        say: feeds === 2 ? tell('recovery.two-feeds-lock-out-both-and') : tell('recovery.lock-out-and-prove-it-dead'),
      },
    };
  const b = dead.body;
  if (provesDead(b, feeds))
    return {
      ...base,
      verdict: 'good',
      claim: tell('recovery.dead-and-locked-out-by', {
        feeds: feeds === 2 ? tell('recovery.both-feeds-proven') : tell('recovery.proven'),
        by: dead.by,
      }),
    };
  const volts = Math.max(b.lineToLineV, b.lineToGroundV, b.otherToGroundV, ...secondFeed(b));
  // A little of it may be induced: read again with a low-impedance meter before anybody calls it dead or live.
  if (volts > DEAD_V && volts <= INDUCED_V)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('recovery.may-be-induced', { volts: q(volts, 'V') }),
      next: { say: tell('recovery.read-again-with-low-impedance') },
      miss: volts,
    };
  if (volts > DEAD_V)
    return {
      ...base,
      verdict: 'stop',
      claim: tell('recovery.still-on-it', { volts: q(volts, 'V') }),
      next: { say: tell('recovery.find-source-that-feeds-it-lock') },
      miss: volts,
    };
  if (feeds === 2 && secondFeed(b).length < READINGS_A_FEED)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('recovery.survey-found-two-feeds-only-one'),
      next: { say: tell('recovery.lock-out-second-feed-and-prove') },
    };
  return {
    ...base,
    verdict: 'not-proven',
    claim: b.lockedOut ? tell('recovery.tester-was-not-proven-before-and') : tell('recovery.dead-but-not-locked-out'),
    next: {
      say: b.lockedOut
        ? tell('recovery.prove-tester-on-live-source-before')
        : tell('recovery.lock-and-tag-it-then-prove'),
    },
  };
}
