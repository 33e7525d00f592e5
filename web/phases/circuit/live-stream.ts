import type { CircuitPhase } from '@/core/phases/circuit-kept';
import { type LiveStream, ordersOf } from '@/core/phases/live/stream';
import { serverNow } from '@/web/api/clock';
import type { JobView } from '../job-context';

/** The running instruments of a phase, as its live move reads them; undefined while none run. */
export function liveStream({ run, feed }: Pick<JobView, 'run' | 'feed'>, phase: CircuitPhase): LiveStream | undefined {
  if (run?.phase !== phase) return undefined;
  return {
    runId: run.id,
    samples: feed.samples,
    orders: ordersOf(feed.events),
    switches: feed.bench?.switches,
    told: run.source !== 'simulated',
    nowMs: serverNow(),
  };
}
