import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import type { EquippedView } from '../job-context';

/** The scale under the cylinder: simulated, or one of the crew's own on the instrument port. */
export function ScaleSheet({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const run = view.run?.phase === 'charge' ? view.run : undefined;
  return (
    <Sheet open onClose={onClose} title={say(tell('web.scale'))}>
      <SourceNotice run={run} simulates={say(tell('web.cylinder-and-its-scale'))} />
      <div className="mt-4 grid gap-4">
        <ConnectRun view={view} phase="charge" />
      </div>
    </Sheet>
  );
}
