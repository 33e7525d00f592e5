import { z } from 'zod';
import type { Cell, Label, Said } from '@/core/words/said';

/**
 * What an answer of the server says: an id of a catalogue and what goes into its sentence. Its parameters are held by the
 * compiler where they are made; here only the shape matters, so that an older device never renders what it cannot read.
 */
export const saidSchema = z.looseObject({ id: z.string().min(1) }) as unknown as z.ZodType<Said>;
export const labelSchema: z.ZodType<Label> = z.union([z.string(), saidSchema]);
const special = z.union([
  z.looseObject({ q: z.string(), v: z.number().nullable().optional() }),
  z.looseObject({ lower: labelSchema }),
  z.looseObject({ upper: labelSchema }),
  z.looseObject({ list: z.array(z.unknown()) }),
  z.looseObject({ at: z.string() }),
  z.looseObject({ clock: z.string() }),
  z.looseObject({ day: z.string() }),
  z.looseObject({ month: z.string() }),
]);
/** A cell of a table: something said, a figure with its quantity, a moment, or plain text. */
export const cellSchema = z.union([labelSchema, z.number(), special]) as unknown as z.ZodType<Cell>;
