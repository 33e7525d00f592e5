import { Router } from 'express';
import { settingsSchema } from '@/contract/before';
import { checkSettings } from '@/core/job/settings';
import { WORK_WORDS, WORKS } from '@/core/policy/prices';
import { PRICE_COLUMNS, priceRow } from '@/core/policy/prices-csv';
import { scopeSchools } from '@/core/scope/schools';
import { audit } from '@/server/audit';
import { csv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { parseBody, refusedWith } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { must, who } from '@/server/who';
import { speakTo } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { settingsStore } from './settings-store';

export function settingsRoutes({ database }: Deps): Router {
  const router = Router();

  router.get('/settings', async (request, response) => {
    response.json(await settingsStore.read(database, who(request).companyId));
  });

  router.get('/settings/prices.csv', async (request, response) => {
    const { settings } = await settingsStore.read(database, who(request).companyId);
    const schools = scopeSchools(settings);
    const say = speakTo(request);
    response
      .attachment('prices.csv')
      .type('text/csv; charset=utf-8')
      .send(
        csv(
          PRICE_COLUMNS,
          WORKS.map((work) => priceRow(schools, work, say(WORK_WORDS[work]), schools.currency)),
        ),
      );
  });

  router.put('/settings', async (request, response) => {
    const person = who(request);
    must(person, 'edit-settings');
    const body = parseBody(settingsSchema, request.body);
    const refused = checkSettings(body.settings);
    if (refused) throw refusedWith(refused);
    await database.transaction(async (db) => {
      const before = await settingsStore.read(db, person.companyId);
      if (!(await settingsStore.put(db, person.companyId, body)))
        return sameOrStale(
          tell('server.someone-changed-settings-after-you-read'),
          { yours: body, stored: before },
          { sent: body.settings, kept: before.settings },
        );
      await audit(db, person, null, 'settings changed', { from: before.settings, to: body.settings });
    });
    response.json(await settingsStore.read(database, person.companyId));
  });
  return router;
}
