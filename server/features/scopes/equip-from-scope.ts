import { plateFromLibrary } from '@/core/equipment/plate-from-library';
import { lineFoundOf } from '@/core/job/before';
import type { JobSheet } from '@/core/job/sheet';
import { audit } from '@/server/audit';
import type { Db } from '@/server/db/pool';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import type { Person } from '@/server/features/people/people-store';

/**
 * An agreed scope names the new unit: its plate goes on the sheet, so that nobody types it again. When the customer
 * agrees to another unit before anything is charged, its plate takes the place of the first one.
 */
export async function equipFromScope(db: Db, person: Person, sheet: JobSheet): Promise<void> {
  const { outdoor } = sheet.scope;
  const { plate: there } = sheet.circuit;
  if (!outdoor || (there && there.maker === outdoor.maker && there.model === outdoor.model)) return;
  if (sheet.signOffs.some((s) => s.phase === 'charge')) return;
  const plate = plateFromLibrary(outdoor, lineFoundOf(sheet));
  if (!plate) return;
  await jobsStore.updatePlate(db, person.companyId, sheet.circuit.id, sheet.equipmentId, sheet.circuit.version, plate);
  await audit(db, person, sheet.job.id, 'equipment from the scope', { from: there, to: plate });
}
