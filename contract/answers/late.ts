import { z } from 'zod';
import { saidSchema } from './said';

/** One thing that was written before a signature and arrived after it. */
export const lateSchema = z.object({
  id: z.string(),
  jobId: z.string(),
  number: z.number(),
  customer: z.string(),
  phase: z.string(),
  say: saidSchema,
  by: z.string(),
  writtenAt: z.iso.datetime(),
  arrivedAt: z.iso.datetime(),
  signedBy: z.string(),
  signedAt: z.iso.datetime(),
  /** By whoever leads the job; null: nobody has yet. */
  seen: z.object({ by: z.string(), at: z.iso.datetime() }).nullable(),
});
export const lateListSchema = z.object({ late: z.array(lateSchema) });
export type LateList = z.infer<typeof lateListSchema>;
