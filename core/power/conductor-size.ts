import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { ampacityOf } from './conductor-ampacity';
import { AWG } from './conductors';
import { laidFields, lengthField, phasesField, voltsField } from './fields';
import { dropOf } from './voltage-drop';
import { tell } from './words';

/** A factor times a column lands a hair under the round figure, A. */
const ROUNDING = 1e-9;

/**
 * The smallest copper conductor that carries the circuit and loses little enough.
 *
 * @param mcaA minimum circuit ampacity, A
 * @param loadA amps that the drop is judged at, A
 * @param maxDropPct most of the supply that may be lost, %
 * @returns awg; its ampacityA; dropPct
 * @example conductorSize({ mcaA: 21.8, insulationC: 75, terminationC: 75, ambientF: 86, currentCarrying: 2, cable: 'conduit', lengthFt: 160, loadA: 17.7, volts: 240, phases: 1, maxDropPct: 3 }) // 10 AWG
 */
export const conductorSize = calculation({
  id: 'conductor-size',
  title: 'Size of a conductor',
  what: 'The smallest copper conductor that carries the circuit as it is laid and keeps the voltage up.',
  formula: 'smallest of 14 … 1 AWG with ampacity ≥ MCA and drop ≤ the limit',
  source: 'NEC 310.16 and chapter 9 table 8, edition not checked; the limit is advice of the code',
  notCovered: 'Aluminum; sizes above 1 AWG; the smallest size that a breaker asks for on other circuits than motors.',
  input: z.strictObject({
    mcaA: num(0.1, 600, 'A'),
    ...laidFields,
    lengthFt: lengthField,
    loadA: num(0.01, 2000, 'A'),
    volts: voltsField,
    phases: phasesField,
    maxDropPct: num(0.1, 20, '%'),
  }),
  compute: ({ mcaA, lengthFt, loadA, volts, phases, maxDropPct, ...laid }) => {
    const sizes = AWG.map((awg) => ({
      awg,
      ampacityA: ampacityOf(awg, laid),
      dropPct: (100 * dropOf(awg, loadA, lengthFt, phases)) / volts,
    }));
    if (sizes[0]!.ampacityA === undefined)
      return refuse(
        'ambientF',
        tell('power.too-hot-for-this-insulation'),
        tell('power.up-to-131-or-better-insulation'),
      );
    const carries = sizes.filter((s) => s.ampacityA! >= mcaA - ROUNDING);
    const found = carries.find((s) => s.dropPct <= maxDropPct + ROUNDING);
    if (found) return ok({ awg: found.awg as number, ampacityA: found.ampacityA!, dropPct: found.dropPct });
    return carries.length === 0
      ? refuse('mcaA', tell('power.no-size-up-to-1-awg-carries-it'), tell('power.smaller-circuit-or-larger-wire'))
      : refuse('lengthFt', tell('power.no-size-up-to-1-awg-holds-the-drop'), tell('power.shorter-run-or-larger-wire'));
  },
  example: {
    input: {
      mcaA: 21.8,
      insulationC: 75,
      terminationC: 75,
      ambientF: 86,
      currentCarrying: 2,
      cable: 'conduit',
      lengthFt: 160,
      loadA: 17.7,
      volts: 240,
      phases: 1,
      maxDropPct: 3,
    },
    expected: { awg: 10, ampacityA: 35, dropPct: 2.93 },
    tolerance: 0.005,
  },
});
