import { v5 as uuidv5 } from 'uuid';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import { refusesRecovered } from '@/core/circuit/recovery/ledger-rules';
import { refusal } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { dayAt } from '@/core/words/calendar';
import type { Db } from '@/server/db/pool';
import { refusedWith } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
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

/**
 * Takes a movement back by one of the same kind and the opposite sign, in the transaction of what withdraws or corrects it.
 * A cylinder that this leaves with nothing, and that held nothing else, is empty again.
 */
export async function takeBack(
  db: Db,
  person: Person,
  cause: string,
  why: { note: string; occurredAt: Date },
): Promise<void> {
  const made = await cylindersStore.findMovement(db, ledgerId(cause));
  const id = ledgerId(`${cause}:taken back`);
  if (!made || (await cylindersStore.findMovement(db, id))) return;
  await cylindersStore.byId(db, person.companyId, made.cylinderId, true);
  await cylindersStore.addMovement(db, person.companyId, {
    id,
    cylinderId: made.cylinderId,
    kind: made.kind,
    oz: -made.oz,
    grossOz: null,
    refrigerant: made.refrigerant,
    jobId: made.jobId,
    personId: person.id,
    certificate: person.certificateNumber,
    source: 'typed',
    recipient: null,
    note: why.note.slice(0, 300),
    occurredAt: why.occurredAt,
  });
  const after = await cylindersStore.byId(db, person.companyId, made.cylinderId);
  if (after?.use === 'recovery' && Math.abs(after.contentsOz) < NOTHING_OZ && (await onlyPairs(db, after.id)))
    await cylindersStore.clearRefrigerant(db, person.companyId, after.id);
}

/** Less than this is nothing, oz. */
const NOTHING_OZ = 0.05;
/** Whether every movement of a cylinder was taken back: two rows each, or none. */
const onlyPairs = async (db: Db, cylinderId: string): Promise<boolean> =>
  (await cylindersStore.movementCount(db, cylinderId)) === 2;

/**
 * Ounces weighed into a system leave the cylinder that the job says it uses; ounces taken back out of it go into the
 * recovery cylinder that is named. Both are read under their lock.
 */
export async function moveWithSystem(
  db: Db,
  companyId: string,
  sheet: JobSheet,
  move: {
    cause: string;
    oz: number;
    personId: string;
    certificate: string | null;
    source: string;
    occurredAt: Date;
    /** Where recovered refrigerant went. */
    intoCylinderId?: string | undefined;
    startOz?: number | undefined;
    endOz?: number | undefined;
  },
): Promise<void> {
  const plate = sheet.circuit.plate;
  const cylinderId = move.oz < 0 ? move.intoCylinderId : latestOf(sheet.circuitLog, 'cylinder-used')?.body.cylinderId;
  if (!cylinderId || !plate) return;
  const id = ledgerId(move.cause);
  if (await cylindersStore.findMovement(db, id)) return;
  const cylinder = await cylindersStore.byId(db, companyId, cylinderId, true);
  if (!cylinder) throw refusedWith(NO_CYLINDER);
  const row = {
    cylinderId,
    refrigerant: plate.refrigerant,
    jobId: sheet.job.id,
    personId: move.personId,
    certificate: move.certificate,
    source: move.source,
    recipient: null,
    occurredAt: move.occurredAt,
  };
  if (move.oz < 0) {
    const refused = refusesRecovered(
      cylinder,
      plate.refrigerant,
      -move.oz,
      dayAt(move.occurredAt, sheet.site.timeZone),
    );
    if (refused) throw refusedWith(refused);
    await cylindersStore.setRefrigerant(db, companyId, cylinder.id, plate.refrigerant);
    await cylindersStore.addMovement(db, companyId, {
      ...row,
      id,
      kind: 'from system',
      oz: -move.oz,
      grossOz: move.endOz ?? null,
      note: null,
    });
    return;
  }
  // The scale is right where the ledger is not: what came out beyond it stands as a correction, so that nothing is below zero.
  const short = move.oz - cylinder.contentsOz;
  if (short > NOTHING_OZ)
    await cylindersStore.addMovement(db, companyId, {
      ...row,
      id: ledgerId(`${move.cause}:short`),
      kind: 'weighed',
      oz: short,
      grossOz: null,
      note: 'more came out than the ledger had',
    });
  await cylindersStore.addMovement(db, companyId, {
    ...row,
    id,
    kind: 'to system',
    oz: -move.oz,
    grossOz: move.endOz ?? null,
    note: null,
  });
}

const NO_CYLINDER = refusal(
  'cylinderId',
  tell('server.there-is-no-such-cylinder'),
  tell('server.cylinder-of-your-company'),
);
