import type { Router } from 'express';
import { JOBS_PAGE } from '@/contract/job-page';
import {
  jobDetailsSchema,
  jobReasonSchema,
  languageSchema,
  modeSchema,
  newCircuitSchema,
  newJobSchema,
  plateUpdateSchema,
} from '@/contract/requests';
import { dayAt } from '@/core/words/calendar';
import { now } from '@/server/clock';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import { followMode } from '@/server/features/instruments/instruments-service';
import { saw } from '@/server/features/trail/sightings';
import { sendPacked } from '@/server/packed-answer';
import { routesOf } from '@/server/route';
import { tell } from '@/server/words/tell';
import { addCircuit, removeCircuit } from './circuits-service';
import { cancelJob, editJob, reopenJob } from './details-service';
import { createJob, setCustomerLanguage, setMode, updatePlate } from './jobs-service';
import { packedList } from './packed-lists';
import { packedSheet } from './packed-sheets';

const STATES = ['open', 'done', 'all'] as const;

export function jobsRoutes(deps: Deps): Router {
  const { database } = deps;
  const route = routesOf(deps);

  route.get('/jobs', async ({ person, request, response }) => {
    const state = STATES.find((s) => s === request.query.state) ?? 'open';
    const search = typeof request.query.search === 'string' ? request.query.search.slice(0, 100) : '';
    const day = typeof request.query.today === 'string' ? request.query.today : '';
    if (day && !/^\d{4}-\d{2}-\d{2}$/.test(day)) {
      throw badInput('today', tell('server.today-is-not-a-date'), 'YYYY-MM-DD');
    }
    const offset = Math.min(100_000, Math.max(0, Number.parseInt(String(request.query.offset ?? '0'), 10) || 0));
    const today = day || dayAt(now(), person.timeZone);
    const query = { state, search, today, offset, limit: JOBS_PAGE };
    sendPacked(request, response, await packedList(database, person.companyId, query));
  });

  route.post('/jobs', { may: 'add-job', takes: newJobSchema }, (asks) => createJob(asks, asks.body));

  route.get('/jobs/:jobId', async ({ person, at, request, response }) => {
    const sheet = await packedSheet(database, person, at);
    if (!sheet) throw new Problem('not-found', { message: tell('server.no-such-job-in-your-company') });
    // A device that keeps it for later has shown it to nobody yet.
    saw(database, person, at.jobId, request.get('X-For-Later') ? 'job kept on a device' : 'job seen');
    sendPacked(request, response, sheet);
  });

  route.put('/jobs/:jobId/details', { may: 'edit-job', takes: jobDetailsSchema }, (asks) => editJob(asks, asks.body));
  route.post('/jobs/:jobId/cancellation', { may: 'cancel-job', takes: jobReasonSchema }, (asks) =>
    cancelJob(asks, asks.body),
  );
  route.post('/jobs/:jobId/reopening', { may: 'cancel-job', takes: jobReasonSchema }, (asks) =>
    reopenJob(asks, asks.body),
  );

  route.post('/jobs/:jobId/circuits', { may: 'add-circuit', takes: newCircuitSchema }, (asks) =>
    addCircuit(asks, asks.body),
  );
  route.post('/jobs/:jobId/circuits/:circuitId/removal', { may: 'add-circuit', status: 200 }, (asks) =>
    removeCircuit(asks, asks.params.circuitId),
  );

  route.put('/jobs/:jobId/plate', { takes: plateUpdateSchema }, (asks) => updatePlate(asks, asks.body));
  route.put('/jobs/:jobId/customer-language', { takes: languageSchema }, (asks) =>
    setCustomerLanguage(asks, asks.body),
  );
  route.put('/jobs/:jobId/mode', { takes: modeSchema }, async (asks) => {
    const sheet = await setMode(asks, asks.body);
    await followMode(deps, asks.person, sheet);
    return sheet;
  });
  return route.router;
}
