import { Router } from 'express';
import { housesSchema } from '@/contract/lists';
import { HOUSE_TABLE } from '@/core/job/house-csv';
import { csvOf, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { must, who } from '@/server/who';
import { customersStore } from './customers-store';
import { bringHouses } from './houses-service';
import { housesStore } from './houses-store';

const words = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 100) : '');

/** Customers and houses the company knows, found while a new job is typed. */
export function customersRoutes({ database }: Deps): Router {
  const router = Router();
  router.get('/customers', async (request, response) => {
    const { companyId } = who(request);
    response.json({ sites: await customersStore.search(database, companyId, words(request.query.search)) });
  });
  router.get('/elevation', async (request, response) => {
    const { companyId } = who(request);
    response.json({
      known: (await customersStore.elevationOf(database, companyId, words(request.query.town))) ?? null,
    });
  });
  router.get('/customers.csv', async (request, response) => {
    sendCsv(response, 'customers', csvOf(HOUSE_TABLE, await housesStore.list(database, who(request).companyId)));
  });
  router.get('/customers-template.csv', (_, response) => sendCsv(response, 'customers', csvOf(HOUSE_TABLE, [])));
  router.post('/customers', async (request, response) => {
    const person = who(request);
    must(person, 'keep-company');
    const { houses } = parseBody(housesSchema, request.body);
    response.status(201).json(await bringHouses(database, person, houses));
  });
  return router;
}
