import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { voltsField } from './fields';

/**
 * What a soft starter takes off the inrush.
 *
 * @param beforeA, afterA same meter, same mode, same volts, five minutes off before each, A
 * @returns reductionPct, negative where it rose
 * @example inrushReduction({ beforeA: 66, afterA: 21 }) // 68.2 %
 */
export const inrushReduction = calculation({
  id: 'inrush-reduction',
  title: 'Inrush reduction',
  what: 'How much less a compressor draws at the start with a soft starter.',
  formula: '100 × (before − after) / before',
  source: 'Definition; common practice',
  notCovered: 'Peaks held against RMS: both by one meter in one mode.',
  input: z.strictObject({ beforeA: num(0.1, 5000, 'A'), afterA: num(0.1, 5000, 'A') }),
  compute: ({ beforeA, afterA }) => ok({ reductionPct: (100 * (beforeA - afterA)) / beforeA }),
  example: { input: { beforeA: 66, afterA: 21 }, expected: { reductionPct: 68.18 }, tolerance: 0.005 },
});

/**
 * What a generator must give at the moment the compressor starts.
 *
 * @param inrushA, volts of the compressor; otherKva what runs beside it
 * @returns startKva, held against the set's motor-starting kVA, not its running watts
 * @example generatorStart({ inrushA: 31, volts: 240, otherKva: 2.2 }) // 9.64 kVA
 */
export const generatorStart = calculation({
  id: 'generator-start',
  title: 'Generator at the start',
  what: 'What a generator must give at the moment the compressor starts, with what runs beside it.',
  formula: 'inrush × V / 1,000 + other kVA',
  source: 'Definition of apparent power',
  notCovered: 'The allowed dip of the set; three-phase starts; the power factor of the start.',
  input: z.strictObject({ inrushA: num(0.1, 5000, 'A'), volts: voltsField, otherKva: num(0, 1000, 'kVA') }),
  compute: ({ inrushA, volts, otherKva }) => ok({ startKva: (inrushA * volts) / 1000 + otherKva }),
  example: { input: { inrushA: 31, volts: 240, otherKva: 2.2 }, expected: { startKva: 9.64 }, tolerance: 0.001 },
});
