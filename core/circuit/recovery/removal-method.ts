import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { OZ_PER_LB } from '@/core/units/units';
import { pumpDownStorage } from './pump-down-storage';

const known = oneOf(['yes', 'no', 'unknown']);

/** What must be true for a pump-down, and why it is not when it is not. */
const MUST = [
  ['compressorRuns', 'yes', 'the compressor does not run'],
  ['valvesWork', 'yes', 'a service valve does not close'],
  ['blowerRuns', 'yes', 'the indoor blower does not run'],
  ['heldInCooling', 'yes', 'the unit cannot be held in cooling'],
  ['burnout', 'no', 'a burnout: its acid would go into the unit'],
  ['mixture', 'no', 'the refrigerant may be a mixture'],
  ['lowSideLeak', 'no', 'the low side leaks: air would be drawn in'],
  ['makerForbids', 'no', 'the maker forbids it'],
] as const;

/**
 * Pump-down or recovery machine: a pump-down only when everything it needs is known to be so.
 * @example removalMethod({ refrigerant: 'R-410A', chargeOz: 150.4, outdoorFt3: 0.12, compressorRuns: 'yes', … }) // machine: holds 5.8 lb of 9.4
 */
export const removalMethod = calculation({
  id: 'removal-method',
  title: 'Pump-down or recovery machine',
  what: 'Whether the old unit may take its own charge in, or a recovery machine must.',
  formula: 'every condition known and met, and charge ≤ 0.8 × outdoor volume × liquid density at 105 °F',
  source: 'common practice; density from the equation of state',
  notCovered: 'Inverter units: only the maker’s own pump-down mode. A pump-down is not a recovery.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    chargeOz: num(0.1, 8000, 'oz').optional(),
    outdoorFt3: num(0.005, 50, 'ft³').optional(),
    compressorRuns: known,
    valvesWork: known,
    blowerRuns: known,
    heldInCooling: known,
    burnout: known,
    mixture: known,
    lowSideLeak: known,
    makerForbids: known,
  }),
  compute: (i) => {
    const reasons: string[] = MUST.flatMap(([name, wanted, why]) =>
      i[name] === wanted ? [] : [i[name] === 'unknown' ? `not known: ${NAMES[name]}` : why],
    );
    const room =
      i.chargeOz !== undefined && i.outdoorFt3 !== undefined
        ? pumpDownStorage({ refrigerant: i.refrigerant, chargeLb: i.chargeOz / OZ_PER_LB, outdoorFt3: i.outdoorFt3 })
        : undefined;
    if (!room?.ok) reasons.push('not known: whether the outdoor unit holds the whole charge; ask the maker');
    else if (!room.value.holds)
      reasons.push(
        `the outdoor unit holds ${room.value.storageLb.toFixed(1)} lb of ${(i.chargeOz! / OZ_PER_LB).toFixed(1)}`,
      );
    return ok({
      method: reasons.length ? 'machine' : 'pump-down',
      reasons: reasons.join('; '),
      narrow: room?.ok === true && room.value.narrow,
      ...(room?.ok ? { storageLb: room.value.storageLb } : {}),
    });
  },
  example: {
    input: {
      refrigerant: 'R-410A',
      chargeOz: 150.4,
      outdoorFt3: 0.12,
      compressorRuns: 'yes',
      valvesWork: 'yes',
      blowerRuns: 'yes',
      heldInCooling: 'yes',
      burnout: 'no',
      mixture: 'no',
      lowSideLeak: 'no',
      makerForbids: 'no',
    },
    expected: { method: 'machine', storageLb: 5.8 },
    tolerance: 0.05,
  },
});

const NAMES: Record<(typeof MUST)[number][0], string> = {
  compressorRuns: 'whether the compressor runs',
  valvesWork: 'whether both service valves close',
  blowerRuns: 'whether the indoor blower runs',
  heldInCooling: 'whether it can be held in cooling',
  burnout: 'whether it burnt out',
  mixture: 'whether the refrigerant is pure',
  lowSideLeak: 'whether the low side is tight',
  makerForbids: 'whether the maker allows it',
};
