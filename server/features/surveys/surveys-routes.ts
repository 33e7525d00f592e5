import type { Router } from 'express';
import { observationsSchema, photoSchema, waiverSchema } from '@/contract/before';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { routesOf } from '@/server/route';
import { onePicture, pictureOf, signedIn } from '@/server/upload-picture';
import { tell } from '@/server/words/tell';
import { addPhoto, recordObservations, waive } from './surveys-service';

export function surveysRoutes({ database, pictures }: Deps): Router {
  const route = routesOf({ database });

  route.post('/jobs/:jobId/observations', { takes: observationsSchema }, (asks) =>
    recordObservations(asks, asks.body.observations),
  );

  route.post('/jobs/:jobId/waivers', { may: 'waive-picture', takes: waiverSchema }, (asks) => waive(asks, asks.body));

  route.post('/jobs/:jobId/photos', { before: [signedIn, onePicture] }, (asks) => {
    const raw = (asks.request.body ?? {}) as Record<string, unknown>;
    const body = parseBody(photoSchema, { ...raw, caption: raw.caption ? raw.caption : null });
    return addPhoto(asks, pictures, { ...body, file: pictureOf(asks.request) });
  });

  for (const size of ['image', 'thumbnail'] as const) {
    route.get(`/photos/:photoId/${size}`, async ({ person, params, response }) => {
      const data = await pictures.read(database, person.companyId, params.photoId, size);
      if (!data) throw new Problem('not-found', { message: tell('server.no-such-picture') });
      // A picture never changes under its id.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(data);
    });
  }
  return route.router;
}
