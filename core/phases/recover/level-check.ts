import type { Finding } from '@/core/finding/finding';
import { type CircuitEntry, latestOf } from '@/core/phases/log/circuit-log';
import { PSI_PER_INHG } from '@/core/units/units';
import { q, type Said } from '@/core/words/said';
import type { RecoveryView } from './recovery-view';
import { tell } from './words';

/** A recovered circuit is watched this long before its level counts (common practice), min. */
export const LEVEL_WAIT_MIN = 5;
/** A compound gauge is read to this, psi. */
export const READ_PSI = 0.3;

export function levelCheck(log: readonly CircuitEntry[], v: Omit<RecoveryView, 'checks'>): Finding {
  const { legalInHg, wantedInHg, basis, heldInHg, waitMin } = v.level;
  const say = (inHg: number): Said =>
    inHg > 0 ? tell('recovery.in-hg', { inHg: q(inHg, 'inHg') }) : tell('recovery.0-psig');
  const base = {
    id: 'level',
    because:
      wantedInHg > legalInHg
        ? tell('recovery.rule-and-company-ask', { legal: say(legalInHg), basis, wanted: say(wantedInHg) })
        : tell('recovery.rule-asks', { legal: say(legalInHg), basis }),
    source: tell('recovery.40-cfr-82-156-table-1'),
  };
  const exception = latestOf(log, 'leak-exception');
  if (exception)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('recovery.opened-at-for-leak', {
        psig: q(exception.body.psig, 'psig'),
        reason: exception.body.reason,
      }),
    };
  if (heldInHg === undefined)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('recovery.no-recovery-level-on-record'),
      next: {
        say: tell('recovery.pull-to-machine-off-wait-read', {
          wantedInHg: say(wantedInHg),
          levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is'),
        }),
      },
    };
  const slack = READ_PSI / PSI_PER_INHG;
  if ((waitMin ?? 0) < LEVEL_WAIT_MIN)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('recovery.watched-only-of', {
        waitMin: q(waitMin ?? 0, 'number', 0),
        levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is'),
      }),
      next: {
        say: tell('recovery.leave-machine-off-for-and-read', { levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is') }),
      },
    };
  if (heldInHg < legalInHg - slack)
    return {
      ...base,
      verdict: 'look-again',
      claim:
        heldInHg < 0
          ? tell('recovery.still-in-it', { heldInHg: q(-heldInHg * PSI_PER_INHG, 'psig', 0) })
          : tell('recovery.only-held', { heldInHg: q(heldInHg, 'inHg') }),
      next: { say: tell('recovery.start-machine-again-is-asked-for', { wantedInHg: say(wantedInHg) }) },
      miss: 1 + (legalInHg - heldInHg),
    };
  if (heldInHg < wantedInHg - slack)
    return {
      ...base,
      verdict: 'look-again',
      claim: tell('recovery.held-enough-by-rule-not-for', { value: say(Math.max(0, heldInHg)) }),
      next: { say: tell('recovery.pull-on-to', { wantedInHg: say(wantedInHg) }) },
      miss: 0.5,
    };
  return {
    ...base,
    verdict: 'good',
    claim: tell('recovery.held-for-min-asked-for', {
      value: say(Math.max(0, heldInHg)),
      waitMin: waitMin?.toFixed(0),
      wantedInHg: say(wantedInHg),
    }),
  };
}
