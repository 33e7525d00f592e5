import type { JobSheet } from '@/core/job/sheet';
import { circuitOfScope, plateOfScope } from '@/core/phases/scope/equips';
import { audit } from '@/server/audit';
import type { Db } from '@/server/db/pool';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { readJobSheet } from '@/server/features/jobs/kept-sheets';
import type { Person } from '@/server/features/people/people-store';

/** An agreed scope names the new unit: its plate goes on the sheet, so that nobody types it again. */
export async function equipFromScope(
  db: Db,
  person: Person,
  seen: JobSheet,
  change?: { lineSet: boolean },
): Promise<void> {
  const first = circuitOfScope(seen);
  const sheet =
    first === seen.circuit.id
      ? seen
      : await readJobSheet(db, person.companyId, { jobId: seen.job.id, circuitId: first }, person.certification);
  const plate = sheet && plateOfScope(sheet, change);
  if (!plate) return;
  await jobsStore.updatePlate(db, person.companyId, sheet.circuit.id, sheet.equipmentId, sheet.circuit.version, plate);
  await audit(db, person, sheet.job.id, 'equipment from the scope', { from: sheet.circuit.plate, to: plate });
}
