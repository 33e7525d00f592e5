import { v5 as uuidv5 } from 'uuid';
import { latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody } from '@/core/circuit/log/entry-bodies';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { JobSheet } from '@/core/job/sheet';
import type { Db } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';
import { cylindersStore } from './cylinders-store';

/** Namespace for ledger ids that follow from what caused them: the same cause twice is one movement. */
const LEDGER_IDS = '3c9d64a0-0f6b-4f8d-9d0e-7a52f0a6be31';
export const ledgerId = (cause: string): string => uuidv5(cause, LEDGER_IDS);

/** What came out of the old system goes into the ledger of its cylinder, in the same transaction. */
export async function recoverInto(
  db: Db,
  person: Person,
  sheet: JobSheet,
  cylinder: Cylinder,
  entryId: string,
  body: EntryBody<'recovered'>,
  source: string,
  occurredAt: string,
): Promise<void> {
  const refrigerant = latestOf(sheet.circuitLog, 'old-charge')!.body.refrigerant;
  await cylindersStore.setRefrigerant(db, person.companyId, cylinder.id, refrigerant);
  await cylindersStore.addMovement(db, person.companyId, {
    id: ledgerId(entryId),
    cylinderId: cylinder.id,
    kind: 'from system',
    oz: body.endGrossOz - body.startGrossOz,
    grossOz: body.endGrossOz,
    refrigerant,
    jobId: sheet.job.id,
    personId: person.id,
    certificate: person.certificateNumber,
    source,
    recipient: null,
    note: body.oily ? 'oily' : null,
    occurredAt: new Date(occurredAt),
  });
}

/** Ounces weighed into or out of a system leave or enter the cylinder that the job says it uses. */
export async function moveWithSystem(
  db: Db,
  companyId: string,
  sheet: JobSheet,
  move: { cause: string; oz: number; personId: string; certificate: string | null; source: string; occurredAt: Date },
): Promise<void> {
  const used = latestOf(sheet.circuitLog, 'cylinder-used');
  const plate = sheet.circuit.plate;
  if (!used || !plate) return;
  // What is taken back out of a new system goes to a recovery cylinder; which one is written down by hand.
  if (move.oz < 0) return;
  const id = ledgerId(move.cause);
  if (await cylindersStore.findMovement(db, id)) return;
  await cylindersStore.addMovement(db, companyId, {
    id,
    cylinderId: used.body.cylinderId,
    kind: 'to system',
    oz: -move.oz,
    grossOz: null,
    refrigerant: plate.refrigerant,
    jobId: sheet.job.id,
    personId: move.personId,
    certificate: move.certificate,
    source: move.source,
    recipient: null,
    note: null,
    occurredAt: move.occurredAt,
  });
}
