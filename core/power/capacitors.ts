import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from './words';

/** Where a discharged capacitor counts as safe to touch (common practice), V. */
const SAFE_V = 5;
const MICRO = 1e6;

/**
 * Capacitance of a run capacitor under load.
 *
 * @param amps on the lead to the start winding; volts across the capacitor; hertz of the supply, 60 by default
 * @returns microfarads
 * @example capacitor({ amps: 4.3, volts: 338 }) // 33.7 µF
 */
export const capacitor = calculation({
  id: 'capacitor',
  title: 'Capacitor under load',
  what: 'What a run capacitor really has, from its amps and volts while it works.',
  formula: '10⁶ × A / (2π × Hz × V)',
  source: 'Definition of capacitive reactance',
  notCovered: 'A capacitor off the circuit; its tolerance, which stands on the label.',
  input: z.strictObject({
    amps: num(0.001, 500, 'A'),
    volts: num(1, 1000, 'V'),
    hertz: num(1, 400, 'Hz').default(60),
  }),
  compute: ({ amps, volts, hertz }) => ok({ microfarads: (MICRO * amps) / (2 * Math.PI * hertz * volts) }),
  example: { input: { amps: 4.3, volts: 338 }, expected: { microfarads: 33.75 }, tolerance: 0.01 },
});

/**
 * How long a capacitor takes to empty through a resistor, and what the resistor takes at first.
 *
 * @param rmsVolts it ran at; it may hold the peak
 * @param ohms of the insulated resistor; toVolts counted as empty, 5 by default
 * @returns seconds; initialWatts
 * @example capacitorDischarge({ microfarads: 45, rmsVolts: 370, ohms: 20000 }) // 4.2 s, 13.7 W
 */
export const capacitorDischarge = calculation({
  id: 'capacitor-discharge',
  title: 'Emptying a capacitor',
  what: 'How long an insulated resistor must stay on a capacitor, and what it must stand. Never a screwdriver.',
  formula: 't = R C ln(V peak / V end); W = V peak² / R; V peak = √2 × V',
  source: 'Discharge of a capacitor through a resistor',
  notCovered: 'Inverter buses: the label’s wait, then measured.',
  input: z.strictObject({
    microfarads: num(0.01, 100_000, 'µF'),
    rmsVolts: num(1, 1000, 'V'),
    ohms: num(1, 10_000_000, 'ohm'),
    toVolts: num(0.1, 1000, 'V').default(SAFE_V),
  }),
  compute: ({ microfarads, rmsVolts, ohms, toVolts }) => {
    const peakV = rmsVolts * Math.SQRT2;
    if (toVolts >= peakV)
      return refuse(
        'toVolts',
        tell('power.it-never-held-more'),
        tell('power.below-its-peak', { peakV: peakV.toFixed(0) }),
      );
    return ok({
      seconds: ((ohms * microfarads) / MICRO) * Math.log(peakV / toVolts),
      initialWatts: peakV ** 2 / ohms,
    });
  },
  example: {
    input: { microfarads: 45, rmsVolts: 370, ohms: 20_000 },
    expected: { seconds: 4.185, initialWatts: 13.69 },
    tolerance: 0.01,
  },
});
