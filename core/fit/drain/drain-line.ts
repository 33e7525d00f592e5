import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { IN3_PER_GAL, WATER_LB_PER_GAL } from './condensate';

/** Least fall of a drain, in/ft (IMC 307, from memory), and what we aim for (common practice). */
export const CODE_SLOPE = 0.125;
export const PREFERRED_SLOPE = 0.25;
/** Trap of a draw-through unit: outlet drop beyond the negative static, in (common practice; the maker rules). */
const TRAP_MARGIN_IN = 1;
/** Trap legs are made in steps of this, upwards. */
const MADE_STEP_IN = 0.25;

const upTo = (x: number, step: number): number => Math.ceil(x / step - 1e-9) * step;

/**
 * Fall of a drain over its run.
 * @param runFt 0.5 to 300 · @param fallIn what is there, −48 to 600
 * @example drainSlope({ runFt: 25, fallIn: 6.25 }) // 0.25 in/ft
 */
export const drainSlope = calculation({
  id: 'drain-slope',
  title: 'Fall of the drain',
  what: 'Whether a drain falls enough over its run, and what fall it needs.',
  formula: 'fall / run against 1/8 in/ft; ¼ preferred',
  source: 'IMC 307, edition not checked; ¼ in/ft common practice',
  notCovered: 'Sags: a drain that falls on the whole and dips on the way fails.',
  input: z.strictObject({ runFt: num(0.5, 300, 'ft'), fallIn: num(-48, 600, 'in') }),
  compute: ({ runFt, fallIn }) => {
    const inPerFt = fallIn / runFt;
    const state = inPerFt >= PREFERRED_SLOPE - 1e-9 ? 'preferred' : inPerFt >= CODE_SLOPE - 1e-9 ? 'least' : 'too flat';
    return ok({ inPerFt, leastFallIn: runFt * CODE_SLOPE, preferredFallIn: runFt * PREFERRED_SLOPE, state });
  },
  example: {
    input: { runFt: 25, fallIn: 4 },
    expected: { inPerFt: 0.16, leastFallIn: 3.125, preferredFallIn: 6.25, state: 'least' },
    tolerance: 0.0001,
  },
});

/**
 * Trap of a draw-through unit.
 *
 * @param negativeStaticInWc magnitude of the suction at the drain with the dirtiest filter, 0 to 5
 * @returns outletDropIn (bottom of the pan outlet to the trap's outlet), sealIn, and both as made, rounded up to ¼ in
 * @example drainTrap({ negativeStaticInWc: 0.9 }) // drop 1.9, seal 0.95; make 2 and 1
 */
export const drainTrap = calculation({
  id: 'drain-trap',
  title: 'Condensate trap',
  what: 'How deep a trap must be so that the fan cannot suck it dry.',
  formula: 'outlet drop H = p + 1; seal J = H / 2',
  source: 'common practice; the maker’s drawing rules',
  notCovered: 'Blow-through coils and appliances with a trap inside: refused, their rules differ.',
  input: z.strictObject({
    negativeStaticInWc: num(0, 5, 'in. w.c., the magnitude'),
    arrangement: oneOf(['draw-through', 'blow-through']).default('draw-through'),
    trapInside: yesNo.default(false),
  }),
  compute: ({ negativeStaticInWc, arrangement, trapInside }) => {
    if (arrangement === 'blow-through') {
      return refuse(
        'arrangement',
        tell('fit.this-formula-is-for-coil-on'),
        tell('fit.draw-through-for-blow-through-coil'),
      );
    }
    if (trapInside) return refuse('trapInside', tell('fit.appliance-has-its-own-trap-second'), tell('fit.false'));
    const outletDropIn = negativeStaticInWc + TRAP_MARGIN_IN;
    const sealIn = outletDropIn / 2;
    return ok({
      outletDropIn,
      sealIn,
      makeOutletDropIn: upTo(outletDropIn, MADE_STEP_IN),
      makeSealIn: upTo(sealIn, MADE_STEP_IN),
    });
  },
  example: {
    input: { negativeStaticInWc: 0.9 },
    expected: { outletDropIn: 1.9, sealIn: 0.95, makeOutletDropIn: 2, makeSealIn: 1 },
    tolerance: 1e-9,
  },
});

/**
 * Water standing in a pan when its float trips.
 *
 * @param widthIn, lengthIn of the pan · @param tripDepthIn at which the float opens · @param lbPerH the coil makes
 * @returns gal and lb in the pan, minutes from a blocked drain to the trip
 * @example floatTrip({ widthIn: 30, lengthIn: 36, tripDepthIn: 1, lbPerH: 8.49 }) // 4.7 gal, 39 lb, 276 min
 */
export const floatTrip = calculation({
  id: 'float-trip',
  title: 'Water in the pan when the float trips',
  what: 'How much water stands over the ceiling before the float stops the cooling, what it weighs, and how long it takes.',
  formula: 'width × length × depth / 231; × 8.345 lb/gal; weight / condensate rate',
  source: 'volume and density of water',
  notCovered: 'A pan that is not level: it trips early or late.',
  input: z.strictObject({
    widthIn: num(4, 120, 'in'),
    lengthIn: num(4, 120, 'in'),
    tripDepthIn: num(0.1, 6, 'in'),
    lbPerH: num(0.05, 300, 'lb/h'),
  }),
  compute: ({ widthIn, lengthIn, tripDepthIn, lbPerH }) => {
    const gal = (widthIn * lengthIn * tripDepthIn) / IN3_PER_GAL;
    const lb = gal * WATER_LB_PER_GAL;
    return ok({ gal, lb, minutes: (60 * lb) / lbPerH });
  },
  example: {
    input: { widthIn: 30, lengthIn: 36, tripDepthIn: 1, lbPerH: 8.49 },
    expected: { gal: 4.675, lb: 39.02, minutes: 275.7 },
    tolerance: 0.1,
  },
});
