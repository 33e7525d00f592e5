import type { Router } from 'express';
import { settingsSchema } from '@/contract/before';
import { checkSettings } from '@/core/job/settings';
import { WORK_WORDS, WORKS } from '@/core/policy/prices';
import { PRICE_COLUMNS, priceRow } from '@/core/policy/prices-csv';
import { scopeSchools } from '@/core/scope/schools';
import { audit } from '@/server/audit';
import { csv, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { refusedWith } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { routesOf } from '@/server/route';
import { speakTo } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { settingsStore } from './settings-store';

export function settingsRoutes(deps: Deps): Router {
  const route = routesOf(deps);

  route.get('/settings', ({ database, person }) => settingsStore.read(database, person.companyId));

  route.get('/settings/prices.csv', async ({ database, person, request, response }) => {
    const { settings } = await settingsStore.read(database, person.companyId);
    const schools = scopeSchools(settings);
    const say = speakTo(request);
    const rows = WORKS.map((work) => priceRow(schools, work, say(WORK_WORDS[work]), schools.currency));
    sendCsv(response, 'prices', csv(PRICE_COLUMNS, rows));
  });

  route.put('/settings', { may: 'edit-settings', takes: settingsSchema }, async ({ database, person, body }) => {
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
    return await settingsStore.read(database, person.companyId);
  });
  return route.router;
}
