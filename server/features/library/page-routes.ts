import { Router } from 'express';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { workPicture } from '@/server/features/surveys/picture-work';
import { onePicture, pictureOf, signedIn } from '@/server/upload-picture';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { libraryStore } from './library-store';
import { pageStore } from './page-store';

/** Picture of the maker's page kept with a model: where its figures were read. */
export function pageRoutes({ database }: Deps): Router {
  const router = Router();
  router.get('/library/items/:itemId/page', async (request, response) => {
    const { companyId } = who(request);
    const image = await pageStore.read(database, { companyId, itemId: request.params.itemId });
    if (!image) throw new Problem('not-found', { message: tell('server.no-page-is-kept') });
    response.setHeader('Cache-Control', 'private, no-cache');
    response.type('image/jpeg').send(image);
  });

  router.post('/library/items/:itemId/page', signedIn, onePicture, async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const { companyId } = person;
    const itemId = String(request.params.itemId);
    const item = await libraryStore.byId(database, companyId, itemId);
    if (!item) throw new Problem('not-found', { message: tell('server.no-such-model') });
    const page = await workPicture(pictureOf(request));
    await database.transaction(async (db) => {
      await pageStore.put(db, { companyId, itemId }, page);
      await audit(db, person, null, 'page of the maker’s book kept', { itemId, contentHash: page.contentHash });
    });
    response.status(204).end();
  });

  router.post('/library/items/:itemId/page/removal', async (request, response) => {
    const person = who(request);
    must(person, 'edit-library');
    const key = { companyId: person.companyId, itemId: request.params.itemId };
    await database.transaction(async (db) => {
      if (!(await pageStore.remove(db, key)))
        throw new Problem('not-found', { message: tell('server.no-page-is-kept') });
      await audit(db, person, null, 'page of the maker’s book taken off', { itemId: key.itemId });
    });
    response.status(204).end();
  });
  return router;
}
