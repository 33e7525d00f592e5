import { tell } from '@/core/phases/log/words';
import { type Amount, type Param, q, type Said } from '@/core/words/said';

/** A gauge pressure in a line of the log: whole where it is whole. */
export const psig = (v: number): Amount => q(v, 'psig', v % 1 === 0 ? 0 : 1);

export const withReason = (what: Said | Amount, reason: string | null | undefined): Said =>
  reason
    ? tell('log.with-reason', { what, reason })
    : 'id' in what
      ? what
      : tell('log.amount', { amount: what satisfies Param });
