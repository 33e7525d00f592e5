import { Router } from 'express';
import { settingsSchema } from '@/contract/before';
import { checkSettings } from '@/core/job/settings';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { badInput, parseBody } from '@/server/errors/problem';
import { sameOrStale } from '@/server/errors/stale';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { settingsStore } from './settings-store';

export function settingsRoutes({ database }: Deps): Router {
  const router = Router();

  router.get('/settings', async (request, response) => {
    response.json(await settingsStore.read(database, who(request).companyId));
  });

  router.put('/settings', async (request, response) => {
    const person = who(request);
    must(person, 'edit-settings');
    const body = parseBody(settingsSchema, request.body);
    const refused = checkSettings(body.settings);
    if (refused) throw badInput(refused);
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
