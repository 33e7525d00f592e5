import { FastForward, Pause } from 'lucide-react';
import type { Move } from '@/core/job/move';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';
import { useAhead } from './use-ahead';

/** To the next decision, where simulated instruments are all there is to wait for. */
export function AheadButton({ view, phase, move }: { view: JobView; phase: string; move: Move }) {
  const ahead = useAhead(view, phase, move);
  if (!ahead.possible) return null;
  const Icon = ahead.running ? Pause : FastForward;
  return (
    <button
      type="button"
      data-testid="ahead"
      onClick={ahead.running ? ahead.stop : ahead.start}
      className="touch inline-flex cursor-pointer items-center gap-2 border-[1.5px] border-dashed border-copper px-3 text-[14px] font-[620] text-copper"
    >
      <Icon size={18} />
      {t(ahead.running ? 'web.running-ahead' : 'web.to-the-next-decision')}
    </button>
  );
}
