import type { HolderBody } from '@/contract/circuit';
import type { Holder } from '@/core/circuit/recovery/checked-out';
import { may } from '@/core/job/permissions';
import { audit } from '@/server/audit';
import { now } from '@/server/clock';
import type { Database, Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { cylindersStore } from './cylinders-store';

type Raw = Omit<Holder, 'at'> & { cylinderId: string; at: Date };

/** The devices that have cylinders of a company checked out, by the cylinder. */
export async function holdersOf(db: Db, companyId: string): Promise<Map<string, Holder>> {
  const rows = await db.rows<Raw>(
    `select h.cylinder_id as cylinderId, h.device_id as deviceId, h.person_id as personId, p.full_name as \`by\`, h.held_at as at
     from cylinder_holders h join people p on p.id = h.person_id where h.company_id = :companyId`,
    { companyId },
  );
  return new Map(rows.map(({ cylinderId, at, ...holder }) => [cylinderId, { ...holder, at: at.toISOString() }]));
}

/**
 * Checks a cylinder out to a device, or in again. One that another device has is taken from it by who keeps the cylinders, or by who
 * took it there: a phone that is lost holds nothing for good.
 */
export function holdCylinder(
  database: Database,
  person: Person,
  cylinderId: string,
  { deviceId, held }: HolderBody,
): Promise<void> {
  const { companyId } = person;
  return database.transaction(async (db) => {
    const cylinder = await cylindersStore.byId(db, companyId, cylinderId, true);
    if (!cylinder) throw new Problem('not-found', { message: tell('server.no-such-cylinder') });
    const holder = (await holdersOf(db, companyId)).get(cylinderId);
    if (held ? holder?.deviceId === deviceId : !holder) return;
    if (holder && holder.deviceId !== deviceId && holder.personId !== person.id && !may(person.role, 'keep-cylinders'))
      throw new Problem('not-allowed', { message: tell('server.cylinder-is-checked-out-by', { by: holder.by }) });
    await db.run('delete from cylinder_holders where company_id = :companyId and cylinder_id = :cylinderId', {
      companyId,
      cylinderId,
    });
    if (held)
      await db.run(
        `insert into cylinder_holders (cylinder_id, company_id, device_id, person_id, held_at)
         values (:cylinderId, :companyId, :deviceId, :personId, :at)`,
        { cylinderId, companyId, deviceId, personId: person.id, at: now() },
      );
    const what = held ? 'cylinder checked out' : 'cylinder checked in';
    await audit(db, person, null, what, { id: cylinderId, tag: cylinder.tag });
  });
}
