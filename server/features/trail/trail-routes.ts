import type { Router } from 'express';
import { z } from 'zod';
import { idSchema } from '@/contract/requests';
import { csv, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { parseBody } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { readTrail } from './trail-store';

const PAGE = 200;
/** As much as a spreadsheet opens at once. */
const MOST_ROWS = 100_000;
const FIELDS = ['at', 'by', 'what', 'jobNumber'] as const;

const querySchema = z.object({
  job: idSchema.optional(),
  person: idSchema.optional(),
  before: z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER).optional().describe('the id of a line'),
});

/** Who looked at what, and changed what. */
export function trailRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.get('/trail', { may: 'see-trail' }, async ({ database, person, request }) => {
    const { job, person: personId, before } = parseBody(querySchema, request.query);
    const lines = await readTrail(database, person.companyId, { jobId: job, personId, before, limit: PAGE });
    return { lines };
  });
  route.get('/trail.csv', { may: 'see-trail' }, async ({ database, person, request, response }) => {
    const { job, person: personId } = parseBody(querySchema, request.query);
    const query = { jobId: job, personId, before: undefined, limit: MOST_ROWS };
    const lines = await readTrail(database, person.companyId, query);
    const cells = lines.map((l) => ({ at: l.at, by: l.by, what: l.what, jobNumber: String(l.jobNumber ?? '') }));
    sendCsv(response, 'trail', csv(FIELDS, cells));
  });
  return route.router;
}
