import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Heat given up by a pound of water vapour that condenses on a coil near 50 °F, Btu/lb (steam tables, rounded). */
const LATENT_BTU_LB = 1060;
export const WATER_LB_PER_GAL = 8.345;
export const IN3_PER_GAL = 231;
/** Water from burning methane when all of it condenses, gal per therm of input (stoichiometry). */
const GAL_PER_THERM = 1.13;
const BTU_PER_THERM = 100_000;
/** A pump must move this many times what the coil makes (common practice). */
export const PUMP_MARGIN = 2;

/**
 * Water a coil makes.
 * @param latentBtuh 0 to 500000
 * @example condensate({ latentBtuh: 9000 }) // 8.49 lb/h, 1.02 gal/h
 */
export const condensate = calculation({
  id: 'condensate',
  title: 'Condensate',
  what: 'How much water a cooling coil makes in an hour.',
  formula: 'latent / 1060; gallons = pounds / 8.345',
  source: 'latent heat of water vapour near coil temperature (steam tables)',
  notCovered: 'Defrost water, humidifier overflow.',
  input: z.strictObject({ latentBtuh: num(0, 500000, 'Btu/h') }),
  compute: ({ latentBtuh }) => {
    const lbPerH = latentBtuh / LATENT_BTU_LB;
    return ok({ lbPerH, galPerH: lbPerH / WATER_LB_PER_GAL });
  },
  example: { input: { latentBtuh: 9000 }, expected: { lbPerH: 8.49, galPerH: 1.017 }, tolerance: 0.002 },
});

/**
 * Most water a condensing furnace can make.
 * @example furnaceCondensate({ inputBtuh: 80000 }) // 0.90 gal/h
 */
export const furnaceCondensate = calculation({
  id: 'furnace-condensate',
  title: 'Condensate of a condensing furnace',
  what: 'The most acid water a condensing gas furnace can make in an hour.',
  formula: '1.13 gal per therm of input',
  source: 'stoichiometry of methane, every drop condensed',
  notCovered: 'Propane (less water); the neutraliser’s life.',
  input: z.strictObject({ inputBtuh: num(10000, 500000, 'Btu/h') }),
  compute: ({ inputBtuh }) => ok({ galPerH: (inputBtuh / BTU_PER_THERM) * GAL_PER_THERM }),
  example: { input: { inputBtuh: 80000 }, expected: { galPerH: 0.904 }, tolerance: 0.001 },
});

/**
 * A condensate pump against what it must lift.
 * @example condensatePump({ galPerH: 1, pumpGphAtLift: 3 }) // holds: 3 times
 */
export const condensatePump = calculation({
  id: 'condensate-pump',
  title: 'Condensate pump',
  what: 'Whether a pump moves at least twice the water at its lift.',
  formula: 'pump GPH at the lift / gal/h ≥ 2',
  source: 'common practice; the pump’s own curve at the lift',
  notCovered: 'The overflow switch: it must be wired and tested.',
  input: z.strictObject({ galPerH: num(0.01, 50, 'gal/h'), pumpGphAtLift: num(0, 500, 'gal/h') }),
  compute: ({ galPerH, pumpGphAtLift }) =>
    ok({ times: pumpGphAtLift / galPerH, holds: pumpGphAtLift >= PUMP_MARGIN * galPerH }),
  example: { input: { galPerH: 1.02, pumpGphAtLift: 3 }, expected: { times: 2.941, holds: true }, tolerance: 0.001 },
});
