import { z } from 'zod';
import { tell } from '@/core/circuit/recovery/words';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { OZ_PER_LB } from '@/core/units/units';
import { q, type Said } from '@/core/words/said';
import { innerVolume } from './inner-volume';
import { pumpDownStorage } from './pump-down-storage';

const known = oneOf(['yes', 'no', 'unknown']);

/** What must be true for a pump-down, and why it is not when it is not. */
const MUST = [
  ['compressorRuns', 'yes', tell('recovery.compressor-does-not-run')],
  ['valvesWork', 'yes', tell('recovery.service-valve-does-not-close')],
  ['blowerRuns', 'yes', tell('recovery.indoor-blower-does-not-run')],
  ['heldInCooling', 'yes', tell('recovery.unit-cannot-be-held-in-cooling')],
  ['burnout', 'no', tell('recovery.burnout-its-acid-would-go-into')],
  ['mixture', 'no', tell('recovery.refrigerant-may-be-mixture')],
  ['lowSideLeak', 'no', tell('recovery.low-side-leaks-air-would-be')],
  ['makerForbids', 'no', tell('recovery.maker-forbids-it')],
] as const;

/**
 * Pump-down or recovery machine: a pump-down only when everything it needs is known to be so.
 * @example removalMethod({ refrigerant: 'R-410A', chargeOz: 150.4, outdoorFt3: 0.12, compressorRuns: 'yes', … }) // machine: holds 5.8 lb of 9.4
 */
export const removalMethod = calculation({
  id: 'removal-method',
  title: 'Pump-down or recovery machine',
  what: 'Whether the old unit may take its own charge in, or a recovery machine must.',
  formula:
    'every condition known and met, and charge ≤ 0.8 × outdoor volume × liquid density at 105 °F; volume from the maker, else the low end of face and rows',
  source: 'common practice; density from the equation of state',
  notCovered: 'Inverter units: only the maker’s own pump-down mode. A pump-down is not a recovery.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    chargeOz: num(0.1, 8000, 'oz').optional(),
    outdoorFt3: num(0.005, 50, 'ft³').optional(),
    /** Of the outdoor coil, where the maker gives no volume. */
    faceFt2: num(1, 200, 'ft²').optional(),
    rows: num(1, 6, 'rows').optional(),
    microchannel: z.boolean().optional(),
    /** What the standing pressure says: air or another gas in it. */
    impure: z.boolean().optional(),
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
    const reasons: Said[] = MUST.flatMap(([name, wanted, why]) =>
      i[name] === wanted ? [] : [i[name] === 'unknown' ? tell('recovery.not-known', { names: NAMES[name] }) : why],
    );
    if (i.impure && i.mixture !== 'yes') reasons.push(tell('recovery.standing-pressure-shows-air-or-mixture'));
    const coil =
      i.outdoorFt3 === undefined && !i.microchannel
        ? innerVolume({ refrigerant: i.refrigerant, faceFt2: i.faceFt2, rows: i.rows })
        : undefined;
    // Of a range the low end rules: what does not fit for certain is not pumped down.
    const outdoorFt3 = i.outdoorFt3 ?? (coil?.ok ? coil.value.lowFt3 : undefined);
    const room =
      i.chargeOz !== undefined && outdoorFt3 !== undefined
        ? pumpDownStorage({ refrigerant: i.refrigerant, chargeLb: i.chargeOz / OZ_PER_LB, outdoorFt3 })
        : undefined;
    if (i.microchannel && i.outdoorFt3 === undefined) reasons.push(tell('recovery.microchannel-holds-little'));
    else if (!room?.ok) reasons.push(tell('recovery.not-known-whether-outdoor-unit-holds'));
    else if (!room.value.holds)
      reasons.push(
        tell('recovery.outdoor-unit-holds-of', {
          storageLb: q(room.value.storageLb, 'lb', 1),
          chargeOz: q(i.chargeOz! / OZ_PER_LB, 'number', 1),
        }),
      );
    return ok({
      method: reasons.length ? 'machine' : 'pump-down',
      reasons,
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

const NAMES: Record<(typeof MUST)[number][0], Said> = {
  compressorRuns: tell('recovery.whether-compressor-runs'),
  valvesWork: tell('recovery.whether-both-service-valves-close'),
  blowerRuns: tell('recovery.whether-indoor-blower-runs'),
  heldInCooling: tell('recovery.whether-it-can-be-held-in'),
  burnout: tell('recovery.whether-it-burnt-out'),
  mixture: tell('recovery.whether-refrigerant-is-pure'),
  lowSideLeak: tell('recovery.whether-low-side-is-tight'),
  makerForbids: tell('recovery.whether-maker-allows-it'),
};
