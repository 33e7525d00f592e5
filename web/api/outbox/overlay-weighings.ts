import { LEAST_MOVED_OZ, movedOz, movementId, scaleMovementSchema } from '@/contract/movement-id';
import type { DeviceLogBody } from '@/contract/requests';
import type { JobSheet, SheetMeasurement } from '@/core/job/sheet';
import { SCALE_UNCERTAINTY_OZ } from '@/core/phases/charge/charge-sheet';
import type { Me } from '@/web/api/use-me';
import type { Waiting } from './waiting';

/** What the simulated scale of this device moved, as the server will store it when the piece of the run arrives. */
export function withWeighings(sheet: JobSheet, runId: string, write: Waiting, me: Me): JobSheet {
  const run = sheet.runs.find((r) => r.id === runId);
  if (!run) return sheet;
  const stored = new Set(sheet.measurements.map((m) => m.id));
  const { events } = write.body as unknown as DeviceLogBody;
  const moved = events.flatMap((event): SheetMeasurement[] => {
    const read = scaleMovementSchema.safeParse(event);
    if (!read.success) return [];
    const { on, startOz, endOz, startS, runSeconds } = read.data;
    const id = movementId(runId, startS);
    const value = movedOz(read.data);
    if (stored.has(id) || Math.abs(value) < LEAST_MOVED_OZ) return [];
    return [
      {
        id,
        circuitId: run.circuitId,
        setId: id,
        phase: run.phase as SheetMeasurement['phase'],
        mode: sheet.job.mode,
        stage: on === 'recovery' ? 'recover' : run.phase === 'start-up' ? 'trim' : 'weigh-in',
        quantity: 'chargeMovementOz',
        value,
        uncertainty: SCALE_UNCERTAINTY_OZ,
        source: 'simulated',
        instrument: 'simulated scale',
        location: 'refrigerant scale',
        person: me.fullName,
        runId,
        runSeconds,
        detail: { startOz, endOz, startS },
        supersedesId: null,
        occurredAt: write.at,
      },
    ];
  });
  return moved.length ? { ...sheet, measurements: [...sheet.measurements, ...moved] } : sheet;
}
