import { z } from 'zod';
import { ACR_SIZES } from '@/core/circuit/acr-tube';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bubblePsia, liquidLbFt3 } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';

const IN2_PER_FT2 = 144;
/** Liquid leaves the condenser this far below condensing for the weight of the column, °F. */
const COLUMN_BELOW_F = 10;
/** Less margin than this is narrow (common practice), °F. */
const NARROW_F = 2;

/**
 * Subcooling left at the metering device after friction, drier and lift.
 * @param liftFt up to the metering device; negative when it lies lower
 * @returns lossF, marginF, reading: liquid, narrow, flashes
 * @example liquidMargin({ refrigerant: 'R-410A', odIn: 0.375, equivalentFt: 62, capacityTons: 3, liftFt: 20, subcoolingF: 9, drierPsi: 1 }) // 6.0 °F left
 */
export const liquidMargin = calculation({
  id: 'liquid-margin',
  title: 'Liquid line margin',
  what: 'Whether liquid still reaches the metering device as liquid, after friction, drier and lift.',
  formula: 'loss = (friction + drier + lift × density/144) / (dP/dT at condensing); margin = subcooling − loss',
  source: 'hydrostatics and Darcy–Weisbach; saturation slope from the equation of state',
  notCovered: 'Heat taken up in a hot attic; heating, where the liquid runs the other way.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    odIn: z.number().meta(allows(ACR_SIZES)),
    equivalentFt: num(1, 500, 'ft'),
    capacityTons: num(0.3, 25, 'tons'),
    liftFt: num(-150, 150, 'ft'),
    subcoolingF: num(0, 40, '°F'),
    drierPsi: num(0, 20, 'psi').default(1),
    evaporatingF: num(-20, 60, '°F').default(45),
    condensingF: num(70, 140, '°F').default(105),
  }),
  compute: (i) => {
    const drop = linePressureDrop({
      refrigerant: i.refrigerant,
      line: 'liquid',
      odIn: i.odIn,
      equivalentFt: i.equivalentFt,
      capacityTons: i.capacityTons,
      evaporatingF: i.evaporatingF,
      condensingF: i.condensingF,
    });
    if (!drop.ok) return drop;
    const slope = (bubblePsia(i.refrigerant, i.condensingF + 1) - bubblePsia(i.refrigerant, i.condensingF - 1)) / 2;
    const liftPsi = (i.liftFt * liquidLbFt3(i.refrigerant, i.condensingF - COLUMN_BELOW_F)) / IN2_PER_FT2;
    const lossF = (drop.value.psi + i.drierPsi + liftPsi) / slope;
    const marginF = i.subcoolingF - lossF;
    return ok({
      lossF,
      marginF,
      liftPsi,
      reading: marginF < 0 ? 'flashes' : marginF < NARROW_F ? 'narrow' : 'liquid',
    });
  },
  example: {
    input: { refrigerant: 'R-410A', odIn: 0.375, equivalentFt: 62, capacityTons: 3, liftFt: 20, subcoolingF: 9 },
    expected: { lossF: 3.0, marginF: 6.0, reading: 'liquid' },
    tolerance: 0.1,
  },
});
