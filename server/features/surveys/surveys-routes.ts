import { type RequestHandler, Router } from 'express';
import multer from 'multer';
import { observationsSchema, photoSchema, waiverSchema } from '@/contract/before';
import type { Deps } from '@/server/deps';
import { badInput, Problem, parseBody } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { addPhoto, recordObservations, waive } from './surveys-service';
import { surveysStore } from './surveys-store';

const MOST_BYTES = 20 * 1024 * 1024;
const receive = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: MOST_BYTES, files: 1, fields: 6, fieldSize: 2000 },
}).single('photo');

/** One picture with its few fields; what the parser refuses is said in our own words. */
const onePicture: RequestHandler = (request, response, next) => {
  receive(request, response, (error: unknown) => {
    if (!error) return next();
    const code = (error as { code?: string }).code;
    if (code === 'LIMIT_FILE_SIZE')
      return next(
        new Problem('too-large', {
          field: 'photo',
          message: tell('server.picture-is-too-large'),
          allowed: tell('server.up-to-20-mb'),
        }),
      );
    next(
      badInput({
        field: 'photo',
        message: tell('server.upload-could-not-be-read'),
        allowed: tell('server.one-picture-in-field-photo'),
      }),
    );
  });
};

/** Nobody’s upload is read before they are signed in. */
const signedIn: RequestHandler = (request, _response, next) => {
  who(request);
  next();
};

export function surveysRoutes({ database }: Deps): Router {
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
    if (!request.file)
      throw badInput({
        field: 'photo',
        message: tell('server.no-picture-came-with-it'),
        allowed: tell('server.one-picture-in-field-photo'),
      });
    response.status(201).json(await addPhoto(database, person, jobAt(request), { ...body, file: request.file.buffer }));
  });

  for (const size of ['image', 'thumbnail'] as const) {
    router.get(`/photos/:photoId/${size}`, async (request, response) => {
      const data = await surveysStore.picture(database, who(request).companyId, request.params.photoId, size);
      if (!data) throw new Problem('not-found', { message: tell('server.no-such-picture') });
      // A picture never changes under its id.
      response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.type('image/jpeg').send(data);
    });
  }
  return router;
}
