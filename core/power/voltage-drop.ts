import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { type Awg, OHMS_PER_KFT, wayFactor } from './conductors';
import { awgField, lengthField, phasesField, voltsField } from './fields';

const FT_PER_KFT = 1000;

/** Volts lost over a run of copper, one-way length. */
export const dropOf = (awg: Awg, amps: number, lengthFt: number, phases: 1 | 3): number =>
  (wayFactor(phases) * lengthFt * OHMS_PER_KFT[awg] * amps) / FT_PER_KFT;

/**
 * Voltage lost between panel and unit.
 *
 * @param amps load, A; locked-rotor amps for the dip at the start
 * @param lengthFt one way, ft
 * @returns dropV; dropPct of the supply
 * @example voltageDrop({ amps: 17.7, lengthFt: 85, awg: 10, volts: 240, phases: 1 }) // 3.73 V, 1.55 %
 */
export const voltageDrop = calculation({
  id: 'voltage-drop',
  title: 'Voltage drop',
  what: 'What a run of copper loses between panel and unit, running or at the start.',
  formula: 'k × length × Ω/1,000 ft × A / 1,000; k = 2 single-phase, √3 three-phase',
  source: 'Ohm’s law; NEC chapter 9 table 8 at 75 °C, stranded, edition not checked',
  notCovered: 'Reactance, which matters from 1 AWG up; connections; aluminum.',
  input: z.strictObject({
    amps: num(0.01, 2000, 'A'),
    lengthFt: lengthField,
    awg: awgField,
    volts: voltsField,
    phases: phasesField,
  }),
  compute: ({ amps, lengthFt, awg, volts, phases }) => {
    const dropV = dropOf(awg, amps, lengthFt, phases);
    return ok({ dropV, dropPct: (100 * dropV) / volts });
  },
  example: {
    input: { amps: 17.7, lengthFt: 85, awg: 10, volts: 240, phases: 1 },
    expected: { dropV: 3.73, dropPct: 1.555 },
    tolerance: 0.005,
  },
});
