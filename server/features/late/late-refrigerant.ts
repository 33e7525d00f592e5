import type { NewCircuitEntry } from '@/contract/circuit';
import type { TypedMeasurement, WithdrawMovement } from '@/contract/requests';
import type { JobSheet } from '@/core/job/sheet';
import type { LateKind } from '@/core/phases/late';
import { latestOf, wholeLog } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Db } from '@/server/db/pool';
import { badInput } from '@/server/errors/problem';
import { moveWithSystem, recoverInto, takeBack } from '@/server/features/cylinders/cylinder-moves';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';

/**
 * Refrigerant that moved has moved, however late the word of it comes: the ledger of its cylinder takes it, above its limit
 * too. The record that was signed stays as it is.
 */
export async function moveLate(
  db: Db,
  person: Person,
  sheet: JobSheet,
  { what, body, measurementId }: { what: LateKind; body: unknown; measurementId: string | undefined },
): Promise<void> {
  if (what === 'circuit-entries') return moveEntry(db, person, sheet, body as NewCircuitEntry);
  if (what === 'measurements' || what === 'rounds') {
    const { measurements, typed } = body as { measurements?: TypedMeasurement[]; typed?: TypedMeasurement[] };
    for (const m of measurements ?? typed ?? []) await moveWeighed(db, person, sheet, m);
  }
  if (what === 'withdrawal' && measurementId) {
    const { reason, occurredAt } = body as WithdrawMovement;
    await takeBack(db, person, measurementId, { note: `withdrawn: ${reason}`, occurredAt: new Date(occurredAt) });
  }
}

async function moveEntry(db: Db, person: Person, sheet: JobSheet, sent: NewCircuitEntry): Promise<void> {
  const replaced = wholeLog(sheet).find((e) => e.id === sent.supersedesId);
  if (replaced?.kind === 'recovered')
    await takeBack(db, person, replaced.id, { note: 'corrected', occurredAt: new Date(sent.occurredAt) });
  if (sent.kind !== 'recovered' || !latestOf(sheet.circuitLog, 'old-charge')) return;
  const body = sent.body as EntryBody<'recovered'>;
  const cylinder = await cylindersStore.byId(db, person.companyId, body.cylinderId, true);
  if (!cylinder)
    throw badInput('cylinderId', tell('server.there-is-no-such-cylinder'), tell('server.cylinder-of-your-company'));
  await recoverInto(db, person, sheet, cylinder, sent.id, body, 'typed', sent.occurredAt);
}

async function moveWeighed(db: Db, person: Person, sheet: JobSheet, m: TypedMeasurement): Promise<void> {
  if (m.quantity !== 'chargeMovementOz') return;
  if (m.supersedesId)
    await takeBack(db, person, m.supersedesId, { note: 'corrected', occurredAt: new Date(m.occurredAt) });
  await moveWithSystem(db, person.companyId, sheet, {
    cause: m.id,
    oz: m.value,
    personId: person.id,
    certificate: person.certificateNumber,
    source: 'typed',
    occurredAt: new Date(m.occurredAt),
    intoCylinderId: m.cylinderId,
    startOz: m.startOz,
    endOz: m.endOz,
  });
}
