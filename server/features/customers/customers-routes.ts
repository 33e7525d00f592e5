import type { Router } from 'express';
import { housesSchema } from '@/contract/lists';
import { HOUSE_TABLE } from '@/core/job/house-csv';
import { csvOf, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { routesOf } from '@/server/route';
import { customersStore } from './customers-store';
import { bringHouses } from './houses-service';
import { housesStore } from './houses-store';

const words = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 100) : '');

/** Customers and houses the company knows, found while a new job is typed. */
export function customersRoutes({ database }: Deps): Router {
  const route = routesOf({ database });
  route.get('/customers', async ({ person, request }) => {
    const { companyId } = person;
    return { sites: await customersStore.search(database, companyId, words(request.query.search)) };
  });
  route.get('/elevation', async ({ person, request }) => {
    const { companyId } = person;
    return {
      known: (await customersStore.elevationOf(database, companyId, words(request.query.town))) ?? null,
    };
  });
  route.get('/customers.csv', async ({ person, response }) => {
    sendCsv(response, 'customers', csvOf(HOUSE_TABLE, await housesStore.list(database, person.companyId)));
  });
  route.get('/customers-template.csv', ({ response }) => sendCsv(response, 'customers', csvOf(HOUSE_TABLE, [])));
  route.post('/customers', { may: 'keep-company', takes: housesSchema }, ({ person, body: { houses } }) =>
    bringHouses(database, person, houses),
  );
  return route.router;
}
