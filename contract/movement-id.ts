import { v5 as uuidv5 } from 'uuid';
import { z } from 'zod';

/** Namespace for ids that follow from a run and a second: a movement told twice, or replayed after a crash, is stored once. */
const MOVEMENT_IDS = 'b8f0f3a4-6c1e-4f0e-9d52-0b2f5e7c1a11';

/** The id of what the scale of a run moved, from the second at which its valve was opened. */
export const movementId = (runId: string, startS: number): string => uuidv5(`${runId}:${startS}`, MOVEMENT_IDS);

/** No scale of a replacement crew carries more, oz (design default). */
const MOST_OZ = 20_000;
const ounces = z.number().min(-MOST_OZ).max(MOST_OZ);

/** The event of a run with which a weighing ends. */
export const scaleMovementSchema = z.looseObject({
  kind: z.literal('scale-movement'),
  runSeconds: z.number(),
  on: z.enum(['charge', 'recovery']),
  startOz: ounces,
  endOz: ounces,
  startS: z.number().min(0),
});
export type ScaleMovement = z.infer<typeof scaleMovementSchema>;

/** What left the cylinder, oz; taken out of the system is below nothing. */
export const movedOz = ({ startOz, endOz }: Pick<ScaleMovement, 'startOz' | 'endOz'>): number =>
  Math.round((startOz - endOz) * 10) / 10;
/** Less than this is the scale's own noise, oz. */
export const LEAST_MOVED_OZ = 0.05;
