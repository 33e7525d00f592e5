import { randomBytes } from 'node:crypto';
import { Router } from 'express';
import { moveJobSchema } from '@/contract/week';
import { dayAt } from '@/core/words/calendar';
import { now } from '@/server/clock';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import { peopleStore } from '@/server/features/people/people-store';
import { routesOf } from '@/server/route';
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
  const route = routesOf({ database });
  route.get('/plan/hours', async ({ person }) => ({ shares: await ownShares(database, person.companyId) }));

  route.get('/week', async ({ person, request }) => {
    const { companyId, timeZone } = person;
    const from = String(request.query.from ?? '');
    if (!DAY.test(from) || Number.isNaN(Date.parse(from)))
      throw badInput('from', tell('server.today-is-not-a-date'), 'YYYY-MM-DD');
    const to = new Date(Date.parse(from) + (WEEK_DAYS - 1) * DAY_MS).toISOString().slice(0, 10);
    return {
      from,
      to,
      slots: await slotsBetween(database, companyId, from, to),
      leftOver: await weekStore.leftOver(database, companyId, dayAt(now(), timeZone)),
    };
  });

  route.get('/owed', async ({ person }) => ({ jobs: await weekStore.owed(database, person.companyId) }));

  route.put('/jobs/:jobId/schedule', { may: 'edit-job', takes: moveJobSchema }, (asks) => moveJob(asks, asks.body));

  route.get('/me/calendar', async ({ person }) => ({ token: await weekStore.tokenOf(database, person.id) }));
  route.post('/me/calendar', async ({ person }) => {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    await weekStore.setToken(database, person.id, token);
    return { token };
  });
  route.post('/me/calendar/removal', { status: 200 }, async ({ person }) => {
    await weekStore.setToken(database, person.id, null);
    return { token: null };
  });
  return route.router;
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
