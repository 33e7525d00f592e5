import { z } from 'zod';

/** One line of a company's trail: who, when, did or saw what (a name of `core/job/deeds.ts`), of which job. */
export const trailLineSchema = z.object({
  id: z.number(),
  at: z.iso.datetime(),
  by: z.string(),
  what: z.string(),
  /** The phase that was signed or passed over. */
  phase: z.string().nullable(),
  jobId: z.string().nullable(),
  jobNumber: z.number().nullable(),
});
export type TrailLine = z.infer<typeof trailLineSchema>;
export const trailSchema = z.object({ lines: z.array(trailLineSchema) });
