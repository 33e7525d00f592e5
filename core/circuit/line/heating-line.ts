import { z } from 'zod';
import { ACR_SIZES } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/join/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { IN2_PER_FT2 } from '@/core/units/units';
import { oilCarryingLbPerH, pipeDrop } from './pipe-drop';
import { HOT_GAS_VISCOSITY, heatingState, VISCOSITY } from './transport';

/** Less margin than this is narrow (common practice), °F. */
const NARROW_F = 2;

/**
 * A line set in heating: hot gas in the vapour line toward the coil, liquid back to the outdoor unit.
 *
 * @param outdoorAboveFt height of the outdoor unit over the coil, ft; negative where it stands lower
 * @param heatingTons heating, in 12,000 Btu/h
 * @returns of the hot gas psi, saturationLossF, velocityFpm; of the liquid liquidPsi, liquidLossF, marginF, reading; riserMinimumTons:
 * the least heating at which hot gas still carries oil up this line
 * @example heatingLine({ refrigerant: 'R-410A', vaporOdIn: 0.875, liquidOdIn: 0.375, equivalentFt: 62, heatingTons: 3, outdoorAboveFt: 20, subcoolingF: 12 }) // hot gas 0.34 psi, 0.07 °F; liquid loses 2.6 of 12 °F; riser 1.62 tons
 */
export const heatingLine = calculation({
  id: 'heating-line',
  title: 'Line set in heating',
  what: 'What the lines cost a heat pump in heating: hot gas up to the coil, liquid back to the outdoor unit, oil in a hot-gas riser.',
  formula:
    'Darcy–Weisbach in each line; liquid loss = (friction + drier + height × density/144)/(dP/dT); Gmin by Jacobs',
  source:
    'Darcy–Weisbach with Haaland; properties from the equation of state; Jacobs in ASHRAE Handbook Refrigeration, edition not checked; viscosity of hot gas is an estimate',
  notCovered: 'Traps and double risers, defrost, heat lost on the way. The maker’s line tables win.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    vaporOdIn: z.number().meta(allows(ACR_SIZES)),
    liquidOdIn: z.number().meta(allows(ACR_SIZES)),
    equivalentFt: num(1, 500, 'ft'),
    heatingTons: num(0.3, 25, 'tons'),
    outdoorAboveFt: num(-150, 150, 'ft'),
    subcoolingF: num(0, 40, '°F'),
    drierPsi: num(0, 20, 'psi').default(1),
    condensingF: num(70, 140, '°F').default(110),
    hotGasF: num(90, 220, '°F').default(165),
    liquidF: num(50, 140, '°F').default(98),
  }),
  compute: (i) => {
    const state = heatingState(i.refrigerant, i.condensingF, i.hotGasF, i.liquidF);
    if (!state || i.hotGasF <= i.condensingF)
      return refuse('hotGasF', tell('join.properties-are-not-defined-here'), tell('join.hot-gas-above-condensing'));
    const lbPerH = i.heatingTons * state.lbPerHPerTon;
    const viscosity = VISCOSITY[i.refrigerant];
    const gas = pipeDrop({
      odIn: i.vaporOdIn,
      ft: i.equivalentFt,
      lbPerH,
      lbFt3: state.gasLbFt3,
      viscosityPaS: viscosity.vapour * HOT_GAS_VISCOSITY,
    });
    const least = oilCarryingLbPerH(i.vaporOdIn, state.gasLbFt3);
    if (!gas || least === undefined)
      return refuse('vaporOdIn', tell('join.is-not-acr-tube-size', { odIn: i.vaporOdIn }), ACR_SIZES);
    const liquid = pipeDrop({
      odIn: i.liquidOdIn,
      ft: i.equivalentFt,
      lbPerH,
      lbFt3: state.liquidLbFt3,
      viscosityPaS: viscosity.liquid,
    });
    if (!liquid) return refuse('liquidOdIn', tell('join.is-not-acr-tube-size', { odIn: i.liquidOdIn }), ACR_SIZES);
    const slope = (psia: typeof dewPsia) =>
      (psia(i.refrigerant, i.condensingF + 1) - psia(i.refrigerant, i.condensingF - 1)) / 2;
    const heightPsi = (i.outdoorAboveFt * state.liquidLbFt3) / IN2_PER_FT2;
    const liquidLossF = (liquid.psi + i.drierPsi + heightPsi) / slope(bubblePsia);
    const marginF = i.subcoolingF - liquidLossF;
    return ok({
      ...gas,
      saturationLossF: gas.psi / slope(dewPsia),
      liquidPsi: liquid.psi,
      liquidLossF,
      marginF,
      reading: marginF < 0 ? ('flashes' as const) : marginF < NARROW_F ? ('narrow' as const) : ('liquid' as const),
      riserMinimumTons: least / state.lbPerHPerTon,
    });
  },
  example: {
    input: {
      refrigerant: 'R-410A',
      vaporOdIn: 0.875,
      liquidOdIn: 0.375,
      equivalentFt: 62,
      heatingTons: 3,
      outdoorAboveFt: 20,
      subcoolingF: 12,
    },
    expected: { psi: 0.34, saturationLossF: 0.07, liquidPsi: 3.36, liquidLossF: 2.6, riserMinimumTons: 1.62 },
    tolerance: 0.06,
  },
});
