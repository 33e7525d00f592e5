import type { CircuitPhase } from '@/core/job/circuit/circuit-views';
import type { JobView } from '../job-context';

/** How an instrument of your own gets onto this page. */
export function PortNotice(_: { view: JobView; phase: CircuitPhase }) {
  return (
    <p className="text-[13px] text-ink2">
      Every reading can also be typed: the next move and the list “Write down” open the form for it.
    </p>
  );
}
