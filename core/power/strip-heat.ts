import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

const W_PER_KW = 1000;

/** Heat and current of a resistive element off its rated volts. @example stripHeat({ kw: 10, ratedVolts: 240, volts: 208 }) // 7.51 kW, 36.1 A */
export const stripHeat = calculation({
  id: 'strip-heat',
  title: 'Electric heat at other volts',
  what: 'What an electric heater gives and draws at the volts that are there.',
  formula: 'kW = rated × (V/rated V)²; A = 1000 kW/V',
  source: 'Ohm’s law; the element’s resistance is taken as constant',
  notCovered: 'Three-phase banks; the blower on the same circuit.',
  input: z.strictObject({
    kw: num(0.1, 200, 'kW'),
    ratedVolts: num(100, 600, 'V'),
    volts: num(50, 660, 'V'),
  }),
  compute: ({ kw, ratedVolts, volts }) => {
    const gives = kw * (volts / ratedVolts) ** 2;
    return ok({ kw: gives, amps: (W_PER_KW * gives) / volts });
  },
  example: {
    input: { kw: 10, ratedVolts: 240, volts: 208 },
    expected: { kw: 7.511, amps: 36.11 },
    tolerance: 0.01,
  },
});
