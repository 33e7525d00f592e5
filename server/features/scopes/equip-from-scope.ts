import { plateFromLibrary } from '@/core/equipment/plate-from-library';
import type { JobSheet } from '@/core/job/sheet';
import { lineFoundOf, newPieces } from '@/core/phases/scope/view';
import { audit } from '@/server/audit';
import type { Db } from '@/server/db/pool';
import { jobsStore } from '@/server/features/jobs/jobs-store';
import { readJobSheet } from '@/server/features/jobs/kept-sheets';
import type { Person } from '@/server/features/people/people-store';

/**
 * An agreed scope names the new unit: its plate goes on the sheet, so that nobody types it again. When the customer
 * agrees to another unit before anything is charged, its plate takes the place of the first one; when only the line set
 * changed, so do the line's sizes and length, and nothing else of what was typed.
 */
export async function equipFromScope(
  db: Db,
  person: Person,
  seen: JobSheet,
  change?: { lineSet: boolean },
): Promise<void> {
  const { outdoor } = newPieces(seen);
  if (!outdoor) return;
  // The scope names the unit of its system's first circuit, whichever of them somebody was looking at.
  const first = seen.circuits.find((c) => c.systemId === seen.system.id)!.id;
  const sheet =
    first === seen.circuit.id
      ? seen
      : await readJobSheet(db, person.companyId, { jobId: seen.job.id, circuitId: first }, person.certification);
  if (!sheet) return;
  const { plate: there } = sheet.circuit;
  const same = there && there.maker === outdoor.maker && there.model === outdoor.model;
  if (same && !change?.lineSet) return;
  if (sheet.signOffs.some((s) => s.phase === 'charge')) return;
  const fresh = plateFromLibrary(outdoor, lineFoundOf(sheet));
  if (!fresh) return;
  const { liquidLineOdIn, vaporLineOdIn, lineLengthFt } = fresh;
  const plate = same ? { ...there, liquidLineOdIn, vaporLineOdIn, lineLengthFt } : fresh;
  await jobsStore.updatePlate(db, person.companyId, sheet.circuit.id, sheet.equipmentId, sheet.circuit.version, plate);
  await audit(db, person, sheet.job.id, 'equipment from the scope', { from: there, to: plate });
}
