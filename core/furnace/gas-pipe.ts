import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { tell } from './words';

/** Inside diameters of schedule 40 steel pipe, in (ASME B36.10, from memory). */
const PIPES = [
  ['1/2', 0.622],
  ['3/4', 0.824],
  ['1', 1.049],
  ['1-1/4', 1.38],
  ['1-1/2', 1.61],
  ['2', 2.067],
] as const;
/** Factor of the gas in the low-pressure formula (NFPA 54, edition not checked). */
const CR = { natural: 0.6094, propane: 1.2462 } as const;
/** The formula stands up to 2 % over the printed tables: so much of its capacity counts (house rule). */
const COUNTS = 0.98;
const FLOW_EXPONENT = 0.381;
const DROP_EXPONENT = 0.206;
const SCALE = 19.17;

type Gas = keyof typeof CR;
const diameterFor = (gas: Gas, cfh: number, lengthFt: number, dropInWc: number): number =>
  cfh ** FLOW_EXPONENT / (SCALE * (dropInWc / (CR[gas] * lengthFt)) ** DROP_EXPONENT);

/**
 * The steel pipe that carries a gas load below 1½ psig.
 *
 * @param gas natural or propane · @param cfh all appliances and future tees · @param lengthFt of the longest run, for every piece
 * @param dropInWc that the design allows
 * @returns diameterIn by the formula, tradeSize '1/2' to '2': the first whose inside counts at 98 % of the formula's capacity
 * @example gasPipe({ gas: 'natural', cfh: 120, lengthFt: 60, dropInWc: 0.5 }) // 0.783 in, 3/4
 */
export const gasPipe = calculation({
  id: 'gas-pipe',
  title: 'Gas pipe',
  what: 'The steel pipe that carries all appliances over the longest run at the drop that the design allows.',
  formula: 'D = Q^0.381 / (19.17 (ΔH/(Cr L))^0.206); the first pipe at 98 % of what it would carry',
  source: 'NFPA 54 low-pressure formula, edition not checked; the adopted table governs. Licensed work',
  notCovered: 'Fittings beyond their equivalent length, tubing, pressures of 1½ psig and more.',
  input: z.strictObject({
    gas: oneOf(['natural', 'propane']),
    cfh: num(0.1, 100_000, 'ft³/h'),
    lengthFt: num(0.1, 5000, 'ft'),
    dropInWc: num(0.01, 20, 'in. w.c.'),
  }),
  compute: ({ gas, cfh, lengthFt, dropInWc }) => {
    const least = diameterFor(gas, cfh / COUNTS, lengthFt, dropInWc);
    const pipe = PIPES.find(([, insideIn]) => insideIn >= least);
    if (!pipe)
      return refuse('cfh', tell('furnace.more-than-a-two-inch-pipe-carries'), tell('furnace.up-to-a-two-inch-pipe'));
    return ok({ diameterIn: diameterFor(gas, cfh, lengthFt, dropInWc), tradeSize: pipe[0] });
  },
  example: {
    input: { gas: 'natural', cfh: 120, lengthFt: 60, dropInWc: 0.5 },
    expected: { diameterIn: 0.783, tradeSize: '3/4' },
    tolerance: 0.001,
  },
});
