import { z } from 'zod';
import type { Report } from '@/core/job/report-parts';
import { cellSchema, labelSchema, saidSchema } from './said';

/** The commissioning report as the server answers it, words as ids and parameters. Version 1. */
export const reportSchema = z.strictObject({
  number: z.number().int(),
  title: saidSchema,
  status: z.enum(['signed', 'draft']),
  statusSay: saidSchema,
  simulated: saidSchema.nullable(),
  facts: z.array(z.tuple([labelSchema, cellSchema])),
  tables: z.array(
    z
      .strictObject({
        title: saidSchema,
        note: saidSchema.optional(),
        columns: z.array(labelSchema),
        rows: z.array(z.array(cellSchema)),
        pictures: z
          .array(z.strictObject({ id: z.string(), say: saidSchema, by: z.string(), at: z.string() }))
          .optional(),
      })
      .refine((t) => t.rows.every((r) => r.length === t.columns.length), 'a row differs from its columns'),
  ),
  notes: z.array(labelSchema),
}) satisfies z.ZodType<Report & { number: number }>;
