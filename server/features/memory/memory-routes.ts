import type { Request, Router } from 'express';
import type { Speak } from '@/contract/words/speaker';
import { csv, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { routesOf } from '@/server/route';
import { speakTo } from '@/server/words/speak-to';
import { type HistoryQuery, memoryStore, type RememberedRow } from './memory-store';

const words = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 100) : '');
const dayIn = (value: unknown): string | null => (/^\d{4}-\d{2}-\d{2}$/.test(words(value)) ? words(value) : null);
const STATES = ['open', 'done', 'cancelled'] as const;

const queryOf = ({ query }: Request): HistoryQuery => ({
  search: words(query.search),
  refrigerant: words(query.refrigerant) || null,
  state: STATES.find((s) => s === query.state) ?? null,
  from: dayIn(query.from),
  to: dayIn(query.to),
});

const FIELDS = [
  'number',
  'scheduledFor',
  'state',
  'customer',
  'address',
  'system',
  'lead',
  'doneOn',
  'refrigerant',
  'tons',
  'unit',
  'serial',
  'year',
  'workedH',
  'overPlateOz',
  'remembered',
] as const;
const cellsOf = (r: RememberedRow, speak: Speak): Record<string, string> => ({
  ...Object.fromEntries(
    FIELDS.map((f) => [f, String((f === 'system' ? r.systemName : f === 'remembered' ? null : r[f]) ?? '')]),
  ),
  remembered: r.said.map(speak).join('; '),
});

/** What the company remembers: houses with every system ever there, what stands now, jobs like one, all of it as CSV. */
export function memoryRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.get('/houses', async ({ database, person, request }) => ({
    houses: await memoryStore.houses(database, person.companyId, words(request.query.search)),
  }));
  route.get('/installed', async ({ database, person }) => ({
    rows: await memoryStore.installed(database, person.companyId),
  }));
  route.get('/history', async ({ database, person, request }) => ({
    rows: await memoryStore.history(database, person.companyId, queryOf(request)),
  }));
  route.get('/jobs/:jobId/similar', async ({ database, person, at }) => {
    const { job } = await sheetFor(database, person, at);
    return { similar: await memoryStore.similar(database, person.companyId, job.id) };
  });
  route.get('/installed.csv', async ({ database, person, request, response }) => {
    const rows = await memoryStore.installed(database, person.companyId);
    sendCsv(
      response,
      'installed',
      csv(
        FIELDS,
        rows.map((r) => cellsOf(r, speakTo(request))),
      ),
    );
  });
  route.get('/history.csv', async ({ database, person, request, response }) => {
    const rows = await memoryStore.history(database, person.companyId, queryOf(request));
    sendCsv(
      response,
      'history',
      csv(
        FIELDS,
        rows.map((r) => cellsOf(r, speakTo(request))),
      ),
    );
  });
  return route.router;
}
