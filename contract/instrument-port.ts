import { z } from 'zod';
import { chars, num } from '@/core/finding/quantity-field';

/** The instrument port: line-delimited JSON over TCP, described in docs/formats.md. */
export const PORT_FORMAT = 'mill-bridge-instrument/1';
/** A line longer than this, or more lines a second than this for longer than three seconds, ends the connection. */
export const MOST_LINE_BYTES = 2048;
export const MOST_LINES_PER_S = 50;

export const helloSchema = z.strictObject({
  format: z.literal(PORT_FORMAT).describe(PORT_FORMAT),
  token: z.string().min(10).max(80).describe('the token told when the run was opened'),
  instrument: chars(1, 60),
});

export const readingSchema = z.strictObject({
  /** Seconds since the recording began; only for a replay, where it must grow. */
  t: num(0, 10_000_000, 's').optional(),
  values: z.record(z.string().max(30), z.number().nullable()).describe('channels and numbers, null for no signal'),
});
