import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import { SpeedChoice } from '../instruments/SpeedChoice';
import type { EquippedView } from '../job-context';

/** The scale under the cylinder: simulated, or one of the crew's own on the instrument port. */
export function ScaleSheet({ view, onClose }: { view: EquippedView; onClose: () => void }) {
  const run = view.run?.phase === 'charge' ? view.run : undefined;
  const { problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title={t('web.scale')}>
      <SourceNotice run={run} simulates={t('web.cylinder-and-its-scale')} />
      <div className="mt-4 grid gap-4">
        <Trouble problem={problem} />
        {run?.source === 'simulated' && view.feed.rig ? (
          <SpeedChoice speed={view.feed.rig.speed} send={(command) => act(() => view.order(command))} />
        ) : null}
        <ConnectRun view={view} phase="charge" />
      </div>
    </Sheet>
  );
}
