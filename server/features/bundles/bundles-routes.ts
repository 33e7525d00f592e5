import type { RequestHandler, Router } from 'express';
import multer from 'multer';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { routesOf } from '@/server/route';
import { must, who } from '@/server/who';
import { tell } from '@/server/words/tell';
import { bringJob } from './bundle-bring';
import { readBundle, refused, writeBundle } from './bundle-file';
import { readKept } from './bundle-read';

const MOST_BYTES = 200 * 1024 * 1024;
const receive = multer({
  storage: multer.memoryStorage(),
  limits: { fileSize: MOST_BYTES, files: 1, fields: 0 },
}).single('bundle');

const oneBundle: RequestHandler = (request, response, next) => {
  must(who(request), 'bring-job');
  receive(request, response, (error: unknown) => {
    if (!error) return next();
    if ((error as { code?: string }).code === 'LIMIT_FILE_SIZE')
      return next(new Problem('too-large', { field: 'bundle', message: tell('server.bundle-is-too-large') }));
    next(refused(tell('server.no-bundle-came-with-it')));
  });
};

/** A job as one open file, out and in. */
export function bundlesRoutes({ database, pictures }: Deps): Router {
  const route = routesOf({ database });
  route.get('/jobs/:jobId/bundle.zip', { may: 'edit-job' }, async ({ person, at, response }) => {
    const { jobId } = at;
    const { job } = await sheetFor(database, person, { jobId });
    const kept = await database.transaction((db) => readKept(db, pictures, { companyId: person.companyId, jobId }));
    const data = await writeBundle(kept, new Date());
    await audit(database, person, jobId, 'job taken out', { bytes: data.length });
    response
      .type('application/zip')
      .setHeader('Content-Disposition', `attachment; filename="job-${job.number}.zip"`)
      .send(Buffer.from(data));
  });
  route.post('/jobs/bundle', { before: [oneBundle] }, async ({ person, request, response }) => {
    if (!request.file) throw refused(tell('server.no-bundle-came-with-it'));
    const brought = await bringJob(database, pictures, person, await readBundle(request.file.buffer));
    response.status(brought.was === 'added' ? 201 : 200).json(brought);
  });
  return route.router;
}
