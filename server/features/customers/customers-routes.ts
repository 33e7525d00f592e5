import { Router } from 'express';
import type { Deps } from '@/server/deps';
import { who } from '@/server/who';
import { customersStore } from './customers-store';

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
  return router;
}
