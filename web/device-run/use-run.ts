import { useEffect } from 'react';
import type { RunCommand } from '@/contract/requests';
import type { RunMode } from '@/core/finding/run-mode';
import type { JobSheet, SheetRun } from '@/core/job/sheet';
import { isSystem } from '@/core/plant/feed/feed';
import { post } from '@/web/api/http';
import type { Me } from '@/web/api/use-me';
import type { DeviceRun } from './device-run';
import { orderDevice } from './order-device';
import { takeUpRuns, useDeviceRuns } from './our-runs';

export type RunNow = {
  /** What runs on this circuit now, read by the server or by this device. */
  run: SheetRun | undefined;
  /** The runs that this device reads or has read, by their id. */
  ownOf: (runId: string | undefined) => DeviceRun | undefined;
  order: (command: object) => Promise<unknown>;
};

/** A simulated system follows the call at the thermostat: it stops, and is called for again. */
function followMode(run: DeviceRun, mode: RunMode): void {
  const { feed } = run;
  if (run.run.phase === 'start-up' && isSystem(feed) && (feed.config.mode ?? 'cooling') !== mode)
    run.order({ kind: 'configure', change: { mode } });
}

/** The instruments of a circuit: those of this device come first, else what the server reads. */
export function useRun(sheet: JobSheet | undefined, me: Me | undefined): RunNow {
  const own = useDeviceRuns();
  useEffect(() => {
    if (me) void takeUpRuns(me);
  }, [me]);
  const device = sheet && own.findLast((r) => r.running && r.circuitId === sheet.circuit.id);
  useEffect(() => {
    if (device && sheet) followMode(device, sheet.job.mode);
  }, [device, sheet]);
  const run = device?.run ?? sheet?.runs.find((r) => r.state === 'running');
  return {
    run,
    ownOf: (runId) => own.find((r) => r.id === runId),
    order: (command) =>
      device && sheet && me
        ? orderDevice(device, sheet, me, command as RunCommand)
        : post(`/runs/${run?.id}/commands`, command),
  };
}
