import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { type Awg, ambientFactor, bundleFactor, type Cable, COPPER_A, type InsulationC } from './conductors';
import { awgField, laidFields } from './fields';
import { tell } from './words';

export type Laid = {
  insulationC: InsulationC;
  terminationC: 60 | 75;
  ambientF: number;
  currentCarrying: number;
  cable: Cable;
};

/** Ampacity of a copper conductor as it is laid, A; undefined where its insulation has no rating in that heat. */
export function ampacityOf(awg: Awg, laid: Laid): number | undefined {
  const heat = ambientFactor(laid.ambientF, laid.insulationC);
  if (heat === undefined) return undefined;
  const column = COPPER_A[awg];
  const derated = column[laid.insulationC] * heat * bundleFactor(laid.currentCarrying);
  // NM and UF never count for more than their 60 °C column, whatever insulation is inside (NEC 334.80, 340.80).
  return Math.min(derated, column[laid.terminationC], laid.cable === 'conduit' ? Number.POSITIVE_INFINITY : column[60]);
}

/**
 * What a copper conductor may carry as it is laid.
 *
 * @param awg 14 to 1
 * @param insulationC rating of its insulation; terminationC of the terminals at both ends, °C
 * @param ambientF air around it, °F; in steps, never interpolated
 * @param currentCarrying conductors carrying current in one raceway or cable
 * @returns ampacityA
 * @example conductorAmpacity({ awg: 10, insulationC: 90, terminationC: 75, ambientF: 125, currentCarrying: 2, cable: 'conduit' }) // 30.4 A
 */
export const conductorAmpacity = calculation({
  id: 'conductor-ampacity',
  title: 'Ampacity of a conductor',
  what: 'What a copper conductor may carry with its insulation, terminals, surroundings and neighbors.',
  formula:
    'min(insulation column × ambient factor × bundling factor, terminal column); NM and UF never above the 60 °C column',
  source: 'NEC 110.14(C), 310.16, 310.15, 334.80, 340.80, edition not checked',
  notCovered: 'Aluminum; roofs in the sun; conductors smaller than 14 or larger than 1 AWG.',
  input: z.strictObject({ awg: awgField, ...laidFields }),
  compute: ({ awg, ...laid }) => {
    const ampacityA = ampacityOf(awg, laid);
    return ampacityA === undefined
      ? refuse('ambientF', tell('power.too-hot-for-this-insulation'), tell('power.up-to-131-or-better-insulation'))
      : ok({ ampacityA });
  },
  example: {
    input: { awg: 10, insulationC: 90, terminationC: 75, ambientF: 125, currentCarrying: 2, cable: 'conduit' },
    expected: { ampacityA: 30.4 },
    tolerance: 0.001,
  },
});
