import { randomBytes } from 'node:crypto';
import { Router } from 'express';
import { moveJobSchema } from '@/contract/week';
import { dayAt } from '@/core/words/calendar';
import { now } from '@/server/clock';
import type { Deps } from '@/server/deps';
import { badInput, Problem, parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { peopleStore } from '@/server/features/people/people-store';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { calendarOf } from './calendar';
import { ownShares } from './own-shares';
import { moveJob, slotsBetween } from './week-service';
import { weekStore } from './week-store';

const WEEK_DAYS = 7;
const DAY_MS = 86_400_000;
const TOKEN_BYTES = 32;
const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** What the company's own jobs say of the next one; the week of the office; a person's own calendar. */
export function planRoutes({ database }: Deps): Router {
  const router = Router();
  router.get('/plan/hours', async (request, response) => {
    response.json({ shares: await ownShares(database, who(request).companyId) });
  });

  router.get('/week', async (request, response) => {
    const { companyId, timeZone } = who(request);
    const from = String(request.query.from ?? '');
    if (!DAY.test(from) || Number.isNaN(Date.parse(from)))
      throw badInput('from', tell('server.today-is-not-a-date'), 'YYYY-MM-DD');
    const to = new Date(Date.parse(from) + (WEEK_DAYS - 1) * DAY_MS).toISOString().slice(0, 10);
    response.json({
      from,
      to,
      slots: await slotsBetween(database, companyId, from, to),
      leftOver: await weekStore.leftOver(database, companyId, dayAt(now(), timeZone)),
    });
  });

  router.get('/owed', async (request, response) => {
    response.json({ jobs: await weekStore.owed(database, who(request).companyId) });
  });

  router.put('/jobs/:jobId/schedule', async (request, response) => {
    const person = who(request);
    must(person, 'edit-job');
    response.json(await moveJob(database, person, jobAt(request), parseBody(moveJobSchema, request.body)));
  });

  router.get('/me/calendar', async (request, response) => {
    response.json({ token: await weekStore.tokenOf(database, who(request).id) });
  });
  router.post('/me/calendar', async (request, response) => {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    await weekStore.setToken(database, who(request).id, token);
    response.status(201).json({ token });
  });
  router.post('/me/calendar/removal', async (request, response) => {
    await weekStore.setToken(database, who(request).id, null);
    response.json({ token: null });
  });
  return router;
}

/** The feed itself: calendars cannot sign in, so whoever has its address reads it. */
export function calendarFeed({ database }: Deps): Router {
  const router = Router();
  router.get('/calendar/:token.ics', async (request, response) => {
    const id = await weekStore.byToken(database, request.params.token);
    const person = id ? await peopleStore.byId(database, id) : undefined;
    if (!person) throw new Problem('not-found', { message: tell('server.no-such-address') });
    response.type('text/calendar; charset=utf-8').send(await calendarOf(database, person));
  });
  return router;
}
