import type { Request } from 'express';

/** A job as one of its circuits sees it: what belongs to the job, and what belongs to that circuit; the first where none is named. */
export type JobAt = { jobId: string; circuitId?: string };

export function jobAt({ params, query }: Pick<Request, 'params' | 'query'>): JobAt {
  const jobId = String(params.jobId);
  return typeof query.circuit === 'string' ? { jobId, circuitId: query.circuit } : { jobId };
}
