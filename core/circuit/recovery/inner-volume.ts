import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { liquidLbFt3 } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { IN2_PER_FT2 } from '@/core/units/units';
import { FILL_SHARE } from './cylinder-fill';
import { STORED_F } from './pump-down-storage';
import { tell } from './words';

const IN3_PER_FT3 = 1728;
/** Tube and pitch between tubes of common outdoor coils, in: 3/8 in tube, and 7 mm (common practice). */
const TUBE = { insideIn: 0.331, pitchIn: 1 } as const;
const SMALL_TUBE = { insideIn: 0.25, pitchIn: 0.827 } as const;
/** A coil measured by face and rows may be off by this (design default). */
const SHARE = 0.25;
/** Face of an outdoor coil a ton, and its rows, where nobody measured it (common practice). */
const FACE_FT2_PER_TON = { low: 3.5, high: 8 } as const;
const ROWS = { low: 1, high: 2 } as const;

const coilFt3 = (faceFt2: number, rows: number, tube: { insideIn: number; pitchIn: number }): number =>
  (((Math.PI / 4) * tube.insideIn ** 2) / tube.pitchIn) * ((faceFt2 * IN2_PER_FT2 * rows) / IN3_PER_FT3);

/**
 * Room for liquid in an old outdoor unit, as a range: from its coil's face and rows, or from its tons alone.
 *
 * @returns lowFt3 to highFt3, lowLb to highLb at 80 % full and 105 °F; measured: from face and rows
 * @example innerVolume({ refrigerant: 'R-410A', faceFt2: 16, rows: 2 }) // 0.229 ft³, 8.4 to 13.9 lb
 */
export const innerVolume = calculation({
  id: 'inner-volume',
  title: 'Room in the old outdoor unit',
  what: 'How much refrigerant an outdoor unit can hold as liquid, as a range, where the maker gives no volume.',
  formula: 'V = (π/4·d²/pitch)·face·rows; lb = 0.8·V·ρ(105 °F); ± 25 % where face and rows are measured',
  source: 'geometry; tube and face sizes common practice; density from the equation of state',
  notCovered: 'Microchannel coils hold far less: recover with a machine. Receivers and accumulators are not counted.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    faceFt2: num(1, 200, 'ft²').optional(),
    rows: num(1, 6, 'rows').optional(),
    tons: num(0.5, 60, 'tons').optional(),
  }),
  compute: ({ refrigerant, faceFt2, rows, tons }) => {
    const perFt3 = FILL_SHARE * liquidLbFt3(refrigerant, STORED_F);
    const of = (lowFt3: number, highFt3: number, measured: boolean) =>
      ok({ lowFt3, highFt3, lowLb: lowFt3 * perFt3, highLb: highFt3 * perFt3, measured });
    if (faceFt2 !== undefined && rows !== undefined) {
      const ft3 = coilFt3(faceFt2, rows, TUBE);
      return of(ft3 * (1 - SHARE), ft3 * (1 + SHARE), true);
    }
    if (tons === undefined)
      return refuse('faceFt2', tell('recovery.face-and-rows-or-tons'), tell('recovery.face-with-rows-else-tons'));
    return of(
      coilFt3(FACE_FT2_PER_TON.low * tons, ROWS.low, SMALL_TUBE),
      coilFt3(FACE_FT2_PER_TON.high * tons, ROWS.high, TUBE),
      false,
    );
  },
  example: {
    input: { refrigerant: 'R-410A', faceFt2: 16, rows: 2 },
    expected: { lowLb: 8.35, highLb: 13.9, measured: true },
    tolerance: 0.1,
  },
});
