import { readingId } from '@/contract/reading-id';
import type { Round } from '@/contract/requests';
import type { JobSheet, SheetMeasurement } from '@/core/job/sheet';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import type { Me } from '@/web/api/use-me';

/** What the instruments of this device read in a round, as the server will find it in the pieces of their run. */
export function withDeviceRead(sheet: JobSheet, { setId, stage, run }: Round, me: Me): JobSheet {
  const there = run?.device && sheet.runs.find((r) => r.id === run.id);
  if (!run?.device || !there) return sheet;
  const { atS, occurredAt, values, stood } = run.device;
  const stored = new Set(sheet.measurements.map((m) => m.id));
  const read = (Object.entries(values) as [Quantity, number][])
    .map(
      ([quantity, value]): SheetMeasurement => ({
        id: readingId(setId, quantity),
        circuitId: there.circuitId,
        setId,
        phase: there.phase as SheetMeasurement['phase'],
        mode: sheet.job.mode,
        stage,
        quantity,
        value,
        uncertainty: QUANTITIES[quantity].uncertainty,
        source: 'simulated',
        instrument: '',
        location: '',
        person: me.fullName,
        runId: run.id,
        runSeconds: atS,
        detail: quantity === 'airflowCfm' ? { method: 'flow grid or hood' } : { ...stood },
        supersedesId: null,
        occurredAt,
      }),
    )
    .filter((m) => !stored.has(m.id));
  return { ...sheet, measurements: [...sheet.measurements, ...read] };
}
