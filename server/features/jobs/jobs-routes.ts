import { Router } from 'express';
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
import { badInput, Problem, parseBody } from '@/server/errors/problem';
import { followMode } from '@/server/features/instruments/instruments-service';
import { jobAt } from '@/server/features/jobs/job-at';
import { saw } from '@/server/features/trail/sightings';
import { sendPacked } from '@/server/packed-answer';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { addCircuit, removeCircuit } from './circuits-service';
import { cancelJob, editJob, reopenJob } from './details-service';
import { createJob, setCustomerLanguage, setMode, updatePlate } from './jobs-service';
import { packedList } from './packed-lists';
import { packedSheet } from './packed-sheets';

const STATES = ['open', 'done', 'all'] as const;

export function jobsRoutes(deps: Deps): Router {
  const { database } = deps;
  const router = Router();

  router.get('/jobs', async (request, response) => {
    const person = who(request);
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

  router.post('/jobs', async (request, response) => {
    const person = who(request);
    must(person, 'add-job');
    response.status(201).json(await createJob(database, person, parseBody(newJobSchema, request.body)));
  });

  router.get('/jobs/:jobId', async (request, response) => {
    const person = who(request);
    const at = jobAt(request);
    const sheet = await packedSheet(database, person, at);
    if (!sheet) throw new Problem('not-found', { message: tell('server.no-such-job-in-your-company') });
    // A device that keeps it for later has shown it to nobody yet.
    saw(database, person, at.jobId, request.get('X-For-Later') ? 'job kept on a device' : 'job seen');
    sendPacked(request, response, sheet);
  });

  router.put('/jobs/:jobId/details', async (request, response) => {
    const person = who(request);
    must(person, 'edit-job');
    response.json(await editJob(database, person, jobAt(request), parseBody(jobDetailsSchema, request.body)));
  });
  router.post('/jobs/:jobId/cancellation', async (request, response) => {
    const person = who(request);
    must(person, 'cancel-job');
    const body = parseBody(jobReasonSchema, request.body);
    response.status(201).json(await cancelJob(database, person, jobAt(request), body));
  });
  router.post('/jobs/:jobId/reopening', async (request, response) => {
    const person = who(request);
    must(person, 'cancel-job');
    const body = parseBody(jobReasonSchema, request.body);
    response.status(201).json(await reopenJob(database, person, jobAt(request), body));
  });

  router.post('/jobs/:jobId/circuits', async (request, response) => {
    const person = who(request);
    must(person, 'add-circuit');
    const body = parseBody(newCircuitSchema, request.body);
    response.status(201).json(await addCircuit(database, person, jobAt(request), body));
  });
  router.post('/jobs/:jobId/circuits/:circuitId/removal', async (request, response) => {
    const person = who(request);
    must(person, 'add-circuit');
    response.json(await removeCircuit(database, person, jobAt(request), request.params.circuitId));
  });

  router.put('/jobs/:jobId/plate', async (request, response) => {
    const body = parseBody(plateUpdateSchema, request.body);
    response.json(await updatePlate(database, who(request), jobAt(request), body.version, body.plate));
  });
  router.put('/jobs/:jobId/customer-language', async (request, response) => {
    const { language } = parseBody(languageSchema, request.body);
    response.json(await setCustomerLanguage(database, who(request), jobAt(request), language));
  });
  router.put('/jobs/:jobId/mode', async (request, response) => {
    const sheet = await setMode(database, who(request), jobAt(request), parseBody(modeSchema, request.body));
    await followMode(deps, who(request), sheet);
    response.json(sheet);
  });
  return router;
}
