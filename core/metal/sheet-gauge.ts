import { z } from 'zod';

/** Galvanized sheet by its gauge: weight, lb/ft², and thickness, in (SMACNA and manufacturers' standard gauge, edition not checked). */
export const GAUGES = {
  28: { lbFt2: 0.781, thicknessIn: 0.0187 },
  26: { lbFt2: 0.906, thicknessIn: 0.0217 },
  24: { lbFt2: 1.156, thicknessIn: 0.0276 },
  22: { lbFt2: 1.406, thicknessIn: 0.0336 },
  20: { lbFt2: 1.656, thicknessIn: 0.0396 },
  18: { lbFt2: 2.156, thicknessIn: 0.0516 },
} as const;
export type Gauge = keyof typeof GAUGES;
const ALL = Object.keys(GAUGES).map(Number) as Gauge[];

export const gaugeField = z
  .number()
  .refine((g): g is Gauge => (ALL as number[]).includes(g), 'not a gauge of the table')
  .describe([...ALL].reverse().join(', '))
  .meta({ allowed: [...ALL].reverse().join(', ') });
export const IN2_PER_FT2 = 144;
