import type { RequestHandler } from 'express';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';

const PAPER = /^\/jobs\/([0-9a-f-]{36})\/.+\.(pdf|eml|csv)$/;
const LIST = /(?<!-template)\.csv$/;

/** What leaves the server as a file goes onto the trail: which paper of which job, which list of the company. */
export function takenOut({ database, log }: Pick<Deps, 'database' | 'log'>): RequestHandler {
  return (request, response, next) => {
    const { person, path } = request;
    const jobId = PAPER.exec(path)?.[1] ?? null;
    if (request.method === 'GET' && person && (jobId || LIST.test(path)))
      response.on('finish', () => {
        if (response.statusCode !== 200) return;
        audit(database, person, jobId, jobId ? 'paper taken out' : 'list taken out', { path }).catch((e: Error) =>
          log(`trail: ${path} not noted: ${e.message}`),
        );
      });
    next();
  };
}
