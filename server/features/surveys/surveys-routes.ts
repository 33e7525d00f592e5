import { Router } from 'express';
import { observationsSchema, photoSchema, waiverSchema } from '@/contract/before';
import type { Deps } from '@/server/deps';
import { Problem, parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { onePicture, pictureOf, signedIn } from '@/server/upload-picture';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { addPhoto, recordObservations, waive } from './surveys-service';

export function surveysRoutes({ database, pictures }: Deps): Router {
  const router = Router();

  router.post('/jobs/:jobId/observations', async (request, response) => {
    const { observations } = parseBody(observationsSchema, request.body);
    response.status(201).json(await recordObservations(database, who(request), jobAt(request), observations));
  });

  router.post('/jobs/:jobId/waivers', async (request, response) => {
    const person = who(request);
    must(person, 'waive-picture');
    response.status(201).json(await waive(database, person, jobAt(request), parseBody(waiverSchema, request.body)));
  });

  router.post('/jobs/:jobId/photos', signedIn, onePicture, async (request, response) => {
    const person = who(request);
    const raw = (request.body ?? {}) as Record<string, unknown>;
    const body = parseBody(photoSchema, { ...raw, caption: raw.caption ? raw.caption : null });
    const file = pictureOf(request);
    response.status(201).json(await addPhoto(database, pictures, person, jobAt(request), { ...body, file }));
  });

  for (const size of ['image', 'thumbnail'] as const) {
    router.get(`/photos/:photoId/${size}`, async (request, response) => {
      const data = await pictures.read(database, who(request).companyId, request.params.photoId, size);
      if (!data) throw new Problem('not-found', { message: tell('server.no-such-picture') });
      // A picture never changes under its id.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(data);
    });
  }
  return router;
}
