import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { q } from '@/core/words/said';
import { cfmField } from './friction';

/** A single-stage machine must not run below this share of its nominal air (design default). */
export const SINGLE_STAGE_LEAST_SHARE = 0.85;
/** Air off the coil colder than this by bypass is on its way to ice, °F (common practice). */
export const BYPASS_LOW_F = 45;
export const FREEZE_F = 35;

/**
 * Does the smallest zone alone take what the machine must move?
 *
 * @param minZoneCfm smallest single zone at an acceptable velocity · @param nominalCfm of the machine
 * @param equipmentMinCfm the maker's least air (variable speed, cooling and heating, the greater); omitted: single-stage, 85 %
 * @returns ratio (1 or more holds), equipmentMinCfm, excessCfm that has nowhere to go
 * @example zoneMinimum({ minZoneCfm: 700, nominalCfm: 1600, equipmentMinCfm: 640 }) // 1.09
 */
export const zoneMinimum = calculation({
  id: 'zone-minimum',
  title: 'Smallest zone',
  what: 'Whether the smallest zone alone can take the least air the machine may move.',
  formula: 'smallest zone CFM / least machine CFM; single-stage least = 0.85 × nominal',
  source: 'flow arithmetic; 0.85 is a design default; the maker’s least air rules',
  notCovered: 'Dump zones, leakage past closed dampers.',
  input: z.strictObject({ minZoneCfm: cfmField, nominalCfm: cfmField, equipmentMinCfm: cfmField.optional() }),
  compute: ({ minZoneCfm, nominalCfm, equipmentMinCfm }) => {
    const least = equipmentMinCfm ?? SINGLE_STAGE_LEAST_SHARE * nominalCfm;
    if (least > nominalCfm)
      return refuse(
        'equipmentMinCfm',
        tell('air.least-air-is-above-nominal-air'),
        tell('air.5-to', { nominalCfm: q(nominalCfm, 'cfm', 'as is') }),
      );
    return ok({
      ratio: minZoneCfm / least,
      equipmentMinCfm: least,
      excessCfm: Math.max(0, least - minZoneCfm),
      holds: minZoneCfm >= least,
    });
  },
  example: {
    input: { minZoneCfm: 700, nominalCfm: 1600, equipmentMinCfm: 640 },
    expected: { ratio: 1.094, holds: true },
    tolerance: 0.001,
  },
});

/**
 * Air temperatures with a bypass damper: cold supply air goes round and comes back to the coil.
 *
 * @param returnF 55 to 95 · @param coilDropF the drop across the coil, held, 5 to 35 · @param bypassShare of the air, 0 to 0.8
 * @returns coilInF, coilOutF
 * @example zoneBypass({ returnF: 75, coilDropF: 18, bypassShare: 0.4 }) // in 63, out 45
 */
export const zoneBypass = calculation({
  id: 'zone-bypass',
  title: 'Bypass of a zoned system',
  what: 'How cold the coil runs when supply air is dumped back into the return.',
  formula: 'Tin = Treturn − β/(1−β) × ΔT; Tout = Tin − ΔT',
  source: 'mixing of two air streams, the drop across the coil held',
  notCovered: 'The drop falls as the coil gets colder: this is the pessimistic side.',
  input: z.strictObject({
    returnF: num(55, 95, '°F'),
    coilDropF: num(5, 35, '°F'),
    bypassShare: num(0, 0.8, 'of the air'),
  }),
  compute: ({ returnF, coilDropF, bypassShare }) => {
    const coilInF = returnF - (bypassShare / (1 - bypassShare)) * coilDropF;
    const coilOutF = coilInF - coilDropF;
    return ok({
      coilInF,
      coilOutF,
      state: coilOutF < FREEZE_F ? 'freeze' : coilOutF < BYPASS_LOW_F ? 'too cold' : 'holds',
    });
  },
  example: {
    input: { returnF: 75, coilDropF: 18, bypassShare: 0.2 },
    expected: { coilInF: 70.5, coilOutF: 52.5, state: 'holds' },
    tolerance: 0.01,
  },
});
