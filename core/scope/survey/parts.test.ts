import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { burnsNew, opensCircuit, partsOf, REPLACED, SYSTEM_TYPES, traitsOf } from './parts';

const INDOOR = ['air-handler', 'gas-furnace', 'oil-furnace', null, undefined] as const;
const pieces = (known: Record<string, unknown>) => {
  const parts = partsOf(known);
  return parts && { there: [...parts.there].sort(), fresh: [...parts.fresh].sort() };
};

describe('the pieces of a system', () => {
  // Common practice: what each kind of system is made of, and which of it a job puts new ones in the place of.
  it.each<[Record<string, unknown>, string[], string[]]>([
    [{ systemType: 'split-ac' }, ['coil', 'furnace', 'outdoor'], ['coil', 'outdoor']],
    [{ systemType: 'split-ac', indoorType: 'air-handler' }, ['air-handler', 'outdoor'], ['air-handler', 'outdoor']],
    [{ systemType: 'split-hp' }, ['air-handler', 'outdoor'], ['air-handler', 'outdoor']],
    [{ systemType: 'split-hp', indoorType: 'gas-furnace' }, ['coil', 'furnace', 'outdoor'], ['coil', 'outdoor']],
    [{ systemType: 'dual-fuel' }, ['coil', 'furnace', 'outdoor'], ['coil', 'outdoor']],
    [{ systemType: 'dual-fuel', replaced: 'all' }, ['coil', 'furnace', 'outdoor'], ['coil', 'furnace', 'outdoor']],
    [{ systemType: 'split-ac', replaced: 'outdoor' }, ['coil', 'furnace', 'outdoor'], ['outdoor']],
    [{ systemType: 'split-ac', replaced: 'coil' }, ['coil', 'furnace', 'outdoor'], ['coil']],
    [{ systemType: 'split-ac', replaced: 'furnace' }, ['coil', 'furnace', 'outdoor'], ['furnace']],
    [{ systemType: 'split-hp', replaced: 'air-handler' }, ['air-handler', 'outdoor'], ['air-handler']],
    // An air handler in the place of coil and furnace: they are gone then.
    [{ systemType: 'split-ac', replaced: 'air-handler' }, ['air-handler', 'outdoor'], ['air-handler']],
    [{ systemType: 'furnace-oil' }, ['furnace'], ['furnace']],
    [{ systemType: 'gas-pack' }, ['package'], ['package']],
    [{ systemType: 'rooftop' }, ['package'], ['package']],
  ])('%o', (known, there, fresh) => {
    expect(pieces(known)).toEqual({ there, fresh });
  });
  it('nobody knows them before somebody said what kind of system it is', () => {
    expect(partsOf({})).toBeUndefined();
    expect(partsOf({ systemType: null, replaced: 'coil' })).toBeUndefined();
    expect([...traitsOf({})]).toEqual([]);
    expect(opensCircuit({})).toBe(true);
    expect(burnsNew({})).toBe(false);
  });
  it('what is new stands there afterwards, and the circuit is opened by all of it but a furnace', () => {
    fc.assert(
      fc.property(
        fc.record({
          systemType: fc.constantFrom(...SYSTEM_TYPES),
          replaced: fc.constantFrom(...REPLACED, null, undefined),
          indoorType: fc.constantFrom(...INDOOR),
        }),
        (known) => {
          const { there, fresh } = partsOf(known)!;
          expect(fresh.size).toBeGreaterThan(0);
          expect([...fresh].every((p) => there.has(p))).toBe(true);
          expect(opensCircuit(known)).toBe([...fresh].join() !== 'furnace');
          const traits = traitsOf(known);
          expect(traits.has('cooled')).toBe(opensCircuit(known));
          // A line set, or a sealed cabinet, never both; what is in the house is not in a cabinet outdoors.
          expect(traits.has('split') && traits.has('packaged')).toBe(false);
          expect(traits.has('indoors')).toBe(!traits.has('packaged'));
        },
      ),
    );
  });
  it.each<[Record<string, unknown>, boolean]>([
    [{ systemType: 'furnace-gas' }, true],
    [{ systemType: 'gas-pack' }, true],
    [{ systemType: 'packaged-dual-fuel' }, true],
    [{ systemType: 'packaged-hp' }, false],
    [{ systemType: 'packaged-ac' }, false],
    [{ systemType: 'rooftop' }, false],
    [{ systemType: 'rooftop', fuel: 'none' }, false],
    [{ systemType: 'rooftop', fuel: 'propane' }, true],
    [{ systemType: 'split-ac' }, false],
    [{ systemType: 'split-ac', replaced: 'all' }, true],
    [{ systemType: 'dual-fuel', replaced: 'furnace' }, true],
    [{ systemType: 'dual-fuel', replaced: 'both-units' }, false],
  ])('%o newly burns fuel: %s', (known, burns) => {
    expect(burnsNew(known)).toBe(burns);
  });
  it.each<[Record<string, unknown>, string[]]>([
    [
      { systemType: 'split-hp' },
      ['cooled', 'split', 'of-pieces', 'two-part', 'outdoor', 'indoors', 'wet', 'heat-pump', 'electric-heat'],
    ],
    [{ systemType: 'split-ac', replaced: 'furnace' }, ['of-pieces', 'two-part', 'indoors', 'wet', 'fired']],
    [
      { systemType: 'dual-fuel', replaced: 'coil' },
      ['cooled', 'split', 'of-pieces', 'indoors', 'wet', 'fired', 'heat-pump'],
    ],
    [{ systemType: 'furnace-gas' }, ['indoors', 'fired']],
    [{ systemType: 'packaged-hp' }, ['cooled', 'outdoor', 'packaged', 'wet', 'heat-pump', 'electric-heat']],
    [{ systemType: 'gas-pack' }, ['cooled', 'outdoor', 'packaged', 'wet', 'fired']],
    [{ systemType: 'rooftop' }, ['cooled', 'outdoor', 'packaged', 'rooftop', 'wet', 'fired', 'electric-heat']],
  ])('%o is asked as %s', (known, traits) => {
    expect([...traitsOf(known)]).toEqual(traits);
  });
});
