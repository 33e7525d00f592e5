import type { Finding } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import type { Said } from '@/core/words/said';
import type { StandingReading } from './standing-check';
export type PumpDownAttempt = {
  stop: EntryOf<'pump-down'>;
  rebound: EntryOf<'rebound'> | undefined;
  verdict: { reboundPsi: number; holds: boolean; next: string } | undefined;
};

export type RecoveryView = {
  old: EntryOf<'old-charge'> | undefined;
  expectedOz: number | undefined;
  facts: EntryOf<'removal-facts'> | undefined;
  /** What the pressure at rest says of what is in it; undefined where nobody read it. */
  standing: StandingReading | undefined;
  advice: { method: string; reasons: readonly Said[]; narrow: boolean } | undefined;
  method: EntryOf<'method'> | undefined;
  attempts: PumpDownAttempt[];
  dead: EntryOf<'dead-proof'> | undefined;
  level: {
    legalInHg: number;
    wantedInHg: number;
    basis: Said;
    reachedInHg: number | undefined;
    heldInHg: number | undefined;
    waitMin: number | undefined;
    /** Nothing was recovered since it was read. */
    newest: boolean;
  };
  recoveredOz: number;
  /** Every weighing that stands. */
  weighings: EntryOf<'recovered'>['body'][];
  /** A cylinder was weighed after the machine; after a good pump-down the scale may show nothing. */
  weighed: boolean;
  /** Charge that a pump-down left in the old unit; null when its amount is not known. */
  heldInUnit: EntryOf<'held-in-unit'> | undefined;
  share: { pct: number; reading: string } | undefined;
  checks: Finding[];
};
