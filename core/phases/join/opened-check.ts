import type { Finding } from '@/core/finding/finding';
import { type CircuitEntry, latestOf } from '@/core/phases/log/circuit-log';
import { q } from '@/core/words/said';
import { COMMON, tell } from './words';

/** Nitrogen that fills a circuit before it is cut (common practice), psig. */
export const OPEN_AT_PSIG = { low: 1, high: 2 } as const;

/** A circuit that was left in a vacuum draws wet air and filings in at the first cut: nitrogen fills it before. */
export function openedCheck(log: readonly CircuitEntry[]): Finding | undefined {
  const level = latestOf(log, 'level');
  if (!level || level.body.afterPsig >= 0) return undefined;
  const opened = latestOf(log, 'opened');
  const base = {
    id: 'opened',
    because: tell('join.vacuum-draws-wet-air-and-filings-in'),
    source: COMMON,
  };
  if (!opened)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.nobody-logged-how-it-was-opened'),
      next: {
        say: tell('join.fill-with-nitrogen-then-cut-cold', {
          low: OPEN_AT_PSIG.low,
          high: q(OPEN_AT_PSIG.high, 'psig', 'as is'),
        }),
      },
    };
  const { nitrogenPsig, cut, capped } = opened.body;
  const dry = nitrogenPsig >= OPEN_AT_PSIG.low;
  const good = dry && cut === 'cold' && capped;
  return {
    ...base,
    verdict: good ? 'good' : 'look-again',
    claim: !dry
      ? tell('join.opened-in-a-vacuum')
      : cut === 'torch'
        ? tell('join.opened-with-the-torch')
        : capped
          ? tell('join.opened-cold-under-nitrogen', { nitrogenPsig: q(nitrogenPsig, 'psig') })
          : tell('join.open-ends-were-not-capped'),
    ...(good ? {} : { next: { say: tell('join.new-drier-three-pulls-and-log-it') } }),
    miss: good ? 0 : 1,
  };
}
