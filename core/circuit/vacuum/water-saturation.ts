import { z } from 'zod';
import { waterSaturationPsia } from '@/core/air/moist-air';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Micrometres of mercury in one psi (conventional mercury, exact to five figures). */
export const MICRONS_PER_PSI = 51_714.9;

export const waterMicrons = (temperatureF: number): number => waterSaturationPsia(temperatureF) * MICRONS_PER_PSI;

/**
 * Pressure at which water boils, or ice sublimes, at a temperature.
 * @example waterSaturation({ temperatureF: 70 }) // 18,780 µm
 */
export const waterSaturation = calculation({
  id: 'water-saturation',
  title: 'Water under vacuum',
  what: 'The pressure at which liquid water or ice in the pipes turns to vapour.',
  formula: 'saturation pressure of water, over ice below 32 °F, in micrometres of mercury',
  source: 'ASHRAE Fundamentals ch. 1 (psychrolib)',
  notCovered: 'Water held in oil or in a drier.',
  input: z.strictObject({ temperatureF: num(-60, 200, '°F') }),
  compute: ({ temperatureF }) => ok({ microns: waterMicrons(temperatureF) }),
  example: { input: { temperatureF: 70 }, expected: { microns: 18_780 }, tolerance: 30 },
});
