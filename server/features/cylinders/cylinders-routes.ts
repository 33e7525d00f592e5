import type { Router } from 'express';
import { z } from 'zod';
import { cylinderMovementSchema, cylinderSchema, holderSchema } from '@/contract/circuit';
import { cylindersSchema } from '@/contract/lists';
import { spoken } from '@/contract/words/speaker';
import type { ListedCylinder } from '@/core/circuit/recovery/checked-out';
import { CYLINDER_TABLE } from '@/core/circuit/recovery/cylinder-csv';
import {
  applianceRecords,
  LEDGER_COLUMNS,
  ledgerRow,
  MONTHLY_COLUMNS,
  monthlyTotals,
  RECORD_COLUMNS,
} from '@/core/circuit/recovery/ledger-records';
import { csv, csvOf, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { badInput, Problem, parseBody } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { speakTo } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { bringCylinders } from './bring-cylinders';
import { moveCylinder, putCylinder } from './cylinders-service';
import { cylindersStore } from './cylinders-store';
import { holdCylinder, holdersOf } from './holders';

const yearSchema = z.strictObject({
  year: z.coerce.number().int().min(2000).max(2100).describe('a year, 2000 to 2100').optional(),
});

export function cylindersRoutes({ database }: Deps): Router {
  const route = routesOf({ database });
  /** What every device reads: with who has each checked out. */
  const listed = async (companyId: string): Promise<{ cylinders: ListedCylinder[] }> => {
    const [list, holders] = await Promise.all([
      cylindersStore.list(database, companyId),
      holdersOf(database, companyId),
    ]);
    return { cylinders: list.map((c) => ({ ...c, holder: holders.get(c.id) ?? null })) };
  };

  route.get('/cylinders', ({ person }) => listed(person.companyId));

  route.get('/cylinders.csv', async ({ person, response }) => {
    sendCsv(response, 'cylinders', csvOf(CYLINDER_TABLE, await cylindersStore.list(database, person.companyId)));
  });
  route.get('/cylinders-template.csv', ({ response }) => sendCsv(response, 'cylinders', csvOf(CYLINDER_TABLE, [])));

  route.post('/cylinders', { may: 'keep-cylinders', takes: cylindersSchema }, async ({ person, body, request }) => {
    const done = await bringCylinders(database, person, body);
    return spoken(done, speakTo(request));
  });

  route.put(
    '/cylinders/:cylinderId',
    { may: 'keep-cylinders', takes: cylinderSchema },
    async ({ person, body, params }) => {
      if (body.id !== params.cylinderId)
        throw badInput('id', tell('server.id-differs-from-address'), params.cylinderId);
      return await putCylinder(database, person, body);
    },
  );

  route.put('/cylinders/:cylinderId/holder', { takes: holderSchema }, async ({ person, body, params }) => {
    await holdCylinder(database, person, params.cylinderId, body);
    return await listed(person.companyId);
  });

  route.get('/cylinders/:cylinderId/movements', async ({ person, params }) => {
    const { companyId } = person;
    const cylinder = await cylindersStore.byId(database, companyId, params.cylinderId);
    if (!cylinder) throw new Problem('not-found', { message: tell('server.no-such-cylinder') });
    return {
      cylinder,
      movements: await cylindersStore.movements(database, companyId, { cylinderId: cylinder.id }),
    };
  });

  route.post(
    '/cylinders/:cylinderId/movements',
    { may: 'keep-cylinders', takes: cylinderMovementSchema },
    ({ person, body, params }) => moveCylinder(database, person, params.cylinderId, body),
  );

  /** The records the regulation asks for: the whole ledger, each appliance, and a month's totals by refrigerant. */
  route.get('/refrigerant/:what.csv', async ({ person, params, request, response }) => {
    const { year } = parseBody(yearSchema, request.query);
    const range = year === undefined ? {} : { from: `${year}-01-01`, to: `${year + 1}-01-01` };
    const rows = await cylindersStore.movements(database, person.companyId, range);
    const files: Record<string, () => string> = {
      ledger: () => csv(LEDGER_COLUMNS, rows.map(ledgerRow)),
      appliances: () => csv(RECORD_COLUMNS, applianceRecords(person.companyName, person.timeZone, rows)),
      monthly: () => csv(MONTHLY_COLUMNS, monthlyTotals(person.timeZone, rows)),
    };
    const file = Object.hasOwn(files, params.what) ? files[params.what] : undefined;
    if (!file) throw new Problem('not-found', { message: tell('server.no-such-record') });
    sendCsv(response, `refrigerant-${params.what}${year ? `-${year}` : ''}`, file());
  });
  return route.router;
}
