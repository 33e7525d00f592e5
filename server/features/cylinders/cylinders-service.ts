import type { CylinderBody, NewCylinderMovement } from '@/contract/circuit';
import { handMovement } from '@/core/circuit/recovery/ledger-rules';
import { q } from '@/core/words/said';
import { audit } from '@/server/audit';
import { lockCompany } from '@/server/db/lock-company';
import type { Database, Db } from '@/server/db/pool';
import { badInput, Problem, refusedWith } from '@/server/errors/problem';
import { answersFor } from '@/server/features/people/certified';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { type CylinderRow, cylindersStore } from './cylinders-store';

/** Adds a cylinder, or changes what is stamped on it; its contents change only by movements. */
export async function putCylinder(database: Database, person: Person, body: CylinderBody): Promise<CylinderRow> {
  await database.transaction((db) => putIn(db, person, body));
  return (await cylindersStore.byId(database, person.companyId, body.id))!;
}

/** The same within a transaction of somebody else's: whether anything changed. */
export async function putIn(db: Db, person: Person, body: CylinderBody): Promise<boolean> {
  // A cylinder that is not there yet has no row to lock: the same one sent twice at once waits here for the first.
  await lockCompany(db, person.companyId);
  const owner = await cylindersStore.ownerOf(db, body.id);
  if (owner && owner !== person.companyId) throw new Problem('not-found');
  if (await cylindersStore.tagTaken(db, person.companyId, body.tag, body.id))
    throw badInput('tag', tell('server.there-is-already-cylinder', { tag: body.tag }), tell('server.tag-of-its-own'));
  if (body.use === 'recovery' && body.retestOn === null)
    throw badInput(
      'retestOn',
      tell('server.cylinder-that-is-filled-here-needs'),
      tell('server.date-stamped-on-its-shoulder-plus'),
    );
  const before = await cylindersStore.byId(db, person.companyId, body.id, true);
  if (!before) await cylindersStore.insert(db, person.companyId, body);
  else {
    if (before.contentsOz > 0 && before.refrigerant !== null && before.refrigerant !== body.refrigerant)
      throw badInput(
        'refrigerant',
        tell('server.it-holds-of', {
          contentsOz: q(before.contentsOz / 16, 'lb', 1),
          refrigerant: before.refrigerant,
        }),
        tell('server.its-refrigerant-until-it-is-empty'),
      );
    if (same(before, body)) return false;
    if (!(await cylindersStore.update(db, person.companyId, body)))
      throw new Problem('stale-version', {
        message: tell('server.someone-changed-this-cylinder-after-you'),
        yours: body,
        stored: before,
      });
  }
  await audit(db, person, null, before ? 'cylinder changed' : 'cylinder added', { tag: body.tag, id: body.id });
  return true;
}

function same(before: CylinderRow, body: CylinderBody): boolean {
  const { contentsOz: _c, version: _v, ...stored } = before;
  const { version: _w, ...sent } = body;
  return JSON.stringify(sorted(stored)) === JSON.stringify(sorted(sent));
}
const sorted = (o: object): object => Object.fromEntries(Object.entries(o).sort(([a], [b]) => a.localeCompare(b)));

/** Writes a movement by hand: opening, received, sent away, or a weighing that corrects the ledger to what is there. */
export async function moveCylinder(
  database: Database,
  person: Person,
  cylinderId: string,
  body: NewCylinderMovement,
): Promise<CylinderRow> {
  await database.transaction((db) => moveIn(db, person, cylinderId, body));
  return (await cylindersStore.byId(database, person.companyId, cylinderId))!;
}

/** Refrigerant bought or given: somebody certified answers for it. What is found there is counted, and what it weighs. */
const ANSWERED_FOR: readonly NewCylinderMovement['kind'][] = ['received', 'sent away'];

export async function moveIn(db: Db, person: Person, cylinderId: string, body: NewCylinderMovement): Promise<void> {
  const cylinder = await cylindersStore.byId(db, person.companyId, cylinderId, true);
  if (!cylinder) throw new Problem('not-found', { message: tell('server.no-such-cylinder-in-your-company') });
  if (
    !(await writesFirst(db, person, {
      id: body.id,
      what: 'cylinder movement',
      jobId: null,
      body: { ...body, cylinderId },
    }))
  )
    return;
  const judged = handMovement(cylinder, body, await cylindersStore.movementCount(db, cylinderId));
  if (!judged.ok) throw refusedWith(judged.refused);
  const { oz } = judged.value;
  const certified = ANSWERED_FOR.includes(body.kind) ? await answersFor(db, person, body.certifiedId) : person;
  const { certifiedId: _, ...movement } = body;
  await cylindersStore.addMovement(db, person.companyId, {
    ...movement,
    cylinderId,
    oz,
    refrigerant: cylinder.refrigerant,
    jobId: null,
    personId: person.id,
    certificate: certified.certificateNumber,
    source: 'typed',
    occurredAt: new Date(body.occurredAt),
  });
  await audit(db, person, null, `cylinder ${body.kind}`, { tag: cylinder.tag, oz });
}
