import { z } from 'zod';
import { tell } from '@/core/circuit/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { OZ_PER_LB } from '@/core/units/units';
import type { Said } from '@/core/words/said';

/** Where the refrigerant stands before weighing: decides what must still go in. */
export const UNIT_STATES = ['factory-held', 'opened', 'empty'] as const;
export type UnitState = (typeof UNIT_STATES)[number];
export const UNIT_STATE_WORDS: Record<UnitState, Said> = {
  'factory-held': tell('circuit.factory-charge-held-behind-closed-service'),
  opened: tell('circuit.service-valves-already-opened-factory-charge'),
  empty: tell('circuit.unit-empty-recovered-or-shipped-dry'),
};

export const totalCharge = calculation({
  id: 'total-charge',
  title: 'Total charge',
  what: 'All the refrigerant that belongs in the system.',
  formula: 'factory + line-set adder + drier + coil',
  source: 'Definition; the parts come from the plate, the maker’s table or the line-set calculation',
  notCovered: 'Whether the parts themselves are right: an adder for another coil makes a wrong total.',
  input: z.strictObject({
    factoryOz: num(0, 4000, 'oz'),
    adderOz: num(-200, 2000, 'oz'),
    drierOz: num(0, 64, 'oz').default(0),
    coilOz: num(-200, 400, 'oz').default(0),
  }),
  compute: ({ factoryOz, adderOz, drierOz, coilOz }) => {
    const totalOz = factoryOz + adderOz + drierOz + coilOz;
    if (!(totalOz > 0))
      return refuse('factoryOz', tell('circuit.parts-add-up-to-no-charge'), tell('circuit.total-above-0-oz'));
    return ok({ totalOz, wholeLb: Math.floor(totalOz / OZ_PER_LB), restOz: totalOz % OZ_PER_LB });
  },
  example: {
    input: { factoryOz: 118, adderOz: 19.8, coilOz: 6 },
    expected: { totalOz: 143.8, wholeLb: 8, restOz: 15.8 },
    tolerance: 0.01,
  },
});

/**
 * What is still to weigh in: the total less what the unit already holds.
 * A new split unit holds its factory charge (valves closed, or opened and so in the system); an empty one holds none.
 */
export const toWeighIn = calculation({
  id: 'to-weigh-in',
  title: 'Still to weigh in',
  what: 'The part of the total that must come from the cylinder, after what is already in the unit.',
  formula: 'total − factory charge held in the unit (0 when empty)',
  source: 'Mass balance',
  notCovered: 'Refrigerant lost from a unit that was thought to be factory-charged.',
  input: z.strictObject({
    totalOz: num(0.1, 6000, 'oz'),
    factoryOz: num(0, 4000, 'oz'),
    unitState: z.enum(UNIT_STATES).describe(UNIT_STATES.join(', ')),
  }),
  compute: ({ totalOz, factoryOz, unitState }) => {
    const alreadyInUnitOz = unitState === 'empty' ? 0 : factoryOz;
    return ok({ alreadyInUnitOz, toWeighInOz: totalOz - alreadyInUnitOz });
  },
  example: {
    input: { totalOz: 143.8, factoryOz: 118, unitState: 'factory-held' },
    expected: { alreadyInUnitOz: 118, toWeighInOz: 25.8 },
    tolerance: 0.001,
  },
});
