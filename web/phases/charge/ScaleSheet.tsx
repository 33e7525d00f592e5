import { Sheet } from '@/web/kit/Sheet';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import type { EquippedView } from '../job-context';

/** The scale under the cylinder: simulated, or one of the crew's own on the instrument port. */
export function ScaleSheet({
  view,
  modelled,
  onClose,
}: {
  view: EquippedView;
  modelled: boolean;
  onClose: () => void;
}) {
  const run = view.run?.phase === 'charge' ? view.run : undefined;
  return (
    <Sheet open onClose={onClose} title="Scale">
      <SourceNotice run={run} simulates="the cylinder and its scale" />
      <div className="mt-4 grid gap-4">
        <ConnectRun
          view={view}
          phase="charge"
          simulated={modelled}
          unsimulated={`${view.sheet.circuit.plate.refrigerant} is not simulated yet. Connect a scale, or type the weights.`}
        />
      </div>
    </Sheet>
  );
}
