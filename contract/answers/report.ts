import { z } from 'zod';
import type { Report } from '@/core/job/report-parts';
import { cellSchema, labelSchema, saidSchema } from './said';

const table = z
  .strictObject({
    title: saidSchema,
    note: saidSchema.optional(),
    columns: z.array(labelSchema),
    rows: z.array(z.array(cellSchema)),
    pictures: z.array(z.strictObject({ id: z.string(), say: saidSchema, by: z.string(), at: z.string() })).optional(),
  })
  .refine((t) => t.rows.every((r) => r.length === t.columns.length), 'a row differs from its columns');

/** The commissioning report as the server answers it, words as ids and parameters. Version 1. */
export const reportSchema = z.strictObject({
  number: z.number().int(),
  title: saidSchema,
  status: z.enum(['signed', 'draft']),
  statusSay: saidSchema,
  simulated: saidSchema.nullable(),
  facts: z.array(z.tuple([labelSchema, cellSchema])),
  tables: z.array(table),
  notes: z.array(labelSchema),
  drawings: z.array(z.strictObject({ title: saidSchema, svg: z.string() })).optional(),
  five: z
    .array(
      z.strictObject({
        id: z.enum(['done', 'proved', 'not-proved', 'owed', 'yours']),
        label: saidSchema,
        said: z.array(labelSchema),
      }),
    )
    .optional(),
  charts: z
    .array(
      z.discriminatedUnion('kind', [
        z.strictObject({
          kind: z.literal('curve'),
          title: saidSchema,
          scale: z.enum(['linear', 'log']),
          points: z.array(z.tuple([z.number(), z.number()])),
          bounds: z.array(z.strictObject({ at: z.number(), say: labelSchema })),
          last: labelSchema,
        }),
        z.strictObject({
          kind: z.literal('lines'),
          title: saidSchema,
          lines: z.array(
            z.strictObject({ say: labelSchema, pieces: z.array(z.array(z.tuple([z.number(), z.number()]))) }),
          ),
          bounds: z.array(z.strictObject({ at: z.number(), say: labelSchema })),
          band: z.strictObject({ low: z.number(), high: z.number(), say: labelSchema }).optional(),
        }),
        z.strictObject({
          kind: z.literal('ladder'),
          title: saidSchema,
          rungs: z.array(
            z.strictObject({
              say: labelSchema,
              at: z.number(),
              low: z.number().optional(),
              high: z.number().optional(),
              computed: z.literal(true).optional(),
            }),
          ),
        }),
      ]),
    )
    .optional(),
  takenOver: z.strictObject({ say: saidSchema, ink: z.string().nullable(), since: saidSchema.optional() }).optional(),
  desk: table.optional(),
}) satisfies z.ZodType<Report & { number: number }>;
