import type { Router } from 'express';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { workPicture } from '@/server/features/surveys/picture-work';
import { routesOf } from '@/server/route';
import { onePicture, pictureOf, signedIn } from '@/server/upload-picture';
import { tell } from '@/server/words/tell';
import { libraryStore } from './library-store';
import { pageStore } from './page-store';

/** Picture of the maker's page kept with a model: where its figures were read. */
export function pageRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  route.get('/library/items/:itemId/page', async ({ database, person, params, response }) => {
    const { companyId } = person;
    const image = await pageStore.read(database, { companyId, itemId: params.itemId });
    if (!image) throw new Problem('not-found', { message: tell('server.no-page-is-kept') });
    response.setHeader('Cache-Control', 'private, no-cache');
    response.type('image/jpeg').send(image);
  });

  route.post(
    '/library/items/:itemId/page',
    { may: 'edit-library', before: [signedIn, onePicture], status: 204 },
    async ({ database, person, params, request }) => {
      const { companyId } = person;
      const itemId = String(params.itemId);
      const item = await libraryStore.byId(database, companyId, itemId);
      if (!item) throw new Problem('not-found', { message: tell('server.no-such-model') });
      const page = await workPicture(pictureOf(request));
      await database.transaction(async (db) => {
        await pageStore.put(db, { companyId, itemId }, page);
        await audit(db, person, null, 'page of the maker’s book kept', { itemId, contentHash: page.contentHash });
      });
    },
  );

  route.post(
    '/library/items/:itemId/page/removal',
    { may: 'edit-library', status: 204 },
    async ({ database, person, params }) => {
      const key = { companyId: person.companyId, itemId: params.itemId };
      await database.transaction(async (db) => {
        if (!(await pageStore.remove(db, key)))
          throw new Problem('not-found', { message: tell('server.no-page-is-kept') });
        await audit(db, person, null, 'page of the maker’s book taken off', { itemId: key.itemId });
      });
    },
  );
  return route.router;
}
