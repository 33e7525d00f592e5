import { Router } from 'express';
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
import { must, who } from '@/server/who';
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
  const router = Router();
  /** What every device reads: with who has each checked out. */
  const listed = async (companyId: string): Promise<{ cylinders: ListedCylinder[] }> => {
    const [list, holders] = await Promise.all([
      cylindersStore.list(database, companyId),
      holdersOf(database, companyId),
    ]);
    return { cylinders: list.map((c) => ({ ...c, holder: holders.get(c.id) ?? null })) };
  };

  router.get('/cylinders', async (request, response) => {
    response.json(await listed(who(request).companyId));
  });

  router.get('/cylinders.csv', async (request, response) => {
    sendCsv(response, 'cylinders', csvOf(CYLINDER_TABLE, await cylindersStore.list(database, who(request).companyId)));
  });
  router.get('/cylinders-template.csv', (_, response) => sendCsv(response, 'cylinders', csvOf(CYLINDER_TABLE, [])));

  router.post('/cylinders', async (request, response) => {
    const person = who(request);
    must(person, 'keep-cylinders');
    const done = await bringCylinders(database, person, parseBody(cylindersSchema, request.body));
    response.status(201).json(spoken(done, speakTo(request)));
  });

  router.put('/cylinders/:cylinderId', async (request, response) => {
    const person = who(request);
    must(person, 'keep-cylinders');
    const body = parseBody(cylinderSchema, request.body);
    if (body.id !== request.params.cylinderId)
      throw badInput('id', tell('server.id-differs-from-address'), request.params.cylinderId);
    response.json(await putCylinder(database, person, body));
  });

  router.put('/cylinders/:cylinderId/holder', async (request, response) => {
    const person = who(request);
    await holdCylinder(database, person, request.params.cylinderId, parseBody(holderSchema, request.body));
    response.json(await listed(person.companyId));
  });

  router.get('/cylinders/:cylinderId/movements', async (request, response) => {
    const { companyId } = who(request);
    const cylinder = await cylindersStore.byId(database, companyId, request.params.cylinderId);
    if (!cylinder) throw new Problem('not-found', { message: tell('server.no-such-cylinder') });
    response.json({
      cylinder,
      movements: await cylindersStore.movements(database, companyId, { cylinderId: cylinder.id }),
    });
  });

  router.post('/cylinders/:cylinderId/movements', async (request, response) => {
    const person = who(request);
    must(person, 'keep-cylinders');
    response
      .status(201)
      .json(
        await moveCylinder(
          database,
          person,
          request.params.cylinderId,
          parseBody(cylinderMovementSchema, request.body),
        ),
      );
  });

  /** The records the regulation asks for: the whole ledger, each appliance, and a month's totals by refrigerant. */
  router.get('/refrigerant/:what.csv', async (request, response) => {
    const person = who(request);
    const { year } = parseBody(yearSchema, request.query);
    const range = year === undefined ? {} : { from: `${year}-01-01`, to: `${year + 1}-01-01` };
    const rows = await cylindersStore.movements(database, person.companyId, range);
    const files: Record<string, () => string> = {
      ledger: () => csv(LEDGER_COLUMNS, rows.map(ledgerRow)),
      appliances: () => csv(RECORD_COLUMNS, applianceRecords(person.companyName, person.timeZone, rows)),
      monthly: () => csv(MONTHLY_COLUMNS, monthlyTotals(person.timeZone, rows)),
    };
    const file = Object.hasOwn(files, request.params.what) ? files[request.params.what] : undefined;
    if (!file) throw new Problem('not-found', { message: tell('server.no-such-record') });
    response
      .type('text/csv; charset=utf-8')
      .setHeader(
        'Content-Disposition',
        `attachment; filename="refrigerant-${request.params.what}${year ? `-${year}` : ''}.csv"`,
      );
    response.send(file());
  });
  return router;
}
