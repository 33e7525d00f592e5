import { z } from 'zod';
import { A_DAY } from '@/core/finding/allow';
import { chars } from '@/core/finding/quantity-field';

/** A job given to another day or another lead: the reason stays with it. */
export const moveJobSchema = z.strictObject({
  id: z.uuid().describe('a UUID'),
  version: z.number().int().min(1),
  leadId: z.uuid().describe('a UUID'),
  scheduledFor: z.iso.date().meta(A_DAY),
  why: chars(0, 200),
});
export type MoveJob = z.infer<typeof moveJobSchema>;
