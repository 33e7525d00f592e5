import { useMemo } from 'react';
import { CLOSE_FROM_PSIG } from '@/core/circuit/recovery/pump-down-end';
import { ordersOf } from '@/core/phases/live/stream';
import { OZ_PER_LB, PSI_PER_INHG } from '@/core/units/units';
import type { FeedSnapshot } from '@/web/api/instrument-feed';
import { RecoveryStrip } from '@/web/bench/recovery/RecoveryStrip';
import { recoveryLanes } from '@/web/bench/recovery/recovery-layout';
import { useDesk } from '@/web/kit/use-media';
import type { Recovery } from './use-recovery';

/** Suction and weight over time, while there is a run to show. */
export function Strip({ of, feed }: { of: Recovery; feed: FeedSnapshot }) {
  const desk = useDesk();
  const { rec, shownRun, startGrossOz } = of;
  const lanes = useMemo(
    () => (shownRun ? recoveryLanes(feed.samples, ordersOf(feed.events), startGrossOz ?? undefined) : undefined),
    [shownRun, feed.samples, feed.events, startGrossOz],
  );
  if (!lanes || lanes.suction.length < 2) return null;
  return (
    <div className="my-2">
      <RecoveryStrip
        lanes={lanes}
        levelPsig={-rec.level.wantedInHg * PSI_PER_INHG}
        closeFromPsig={of.pumpingDown ? CLOSE_FROM_PSIG : undefined}
        expectedLb={rec.expectedOz === undefined ? undefined : rec.expectedOz / OZ_PER_LB}
        height={desk ? Math.max(230, Math.min(360, window.innerHeight - 555)) : 240}
      />
    </div>
  );
}
