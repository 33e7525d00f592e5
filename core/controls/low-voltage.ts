import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { oneNumber } from '@/core/power/fields';

/** Copper thermostat wire (solid, from memory of the usual tables), ohm per 1,000 ft. */
export const CONTROL_OHMS_PER_KFT = { 18: 6.51, 20: 10.35 } as const;

/**
 * How full a control transformer is.
 *
 * @param loadsVa sealed VA of everything that may pull in together; ratingVa of the transformer
 * @returns totalVa; loadPct
 * @example transformerLoad({ loadsVa: [9, 8, 3, 5, 6, 3], ratingVa: 40 }) // 34 VA, 85 %
 */
export const transformerLoad = calculation({
  id: 'transformer-load',
  title: 'Load on a control transformer',
  what: 'How full a 24 V transformer is with everything that may pull in together.',
  formula: '100 × Σ VA / rating',
  source: 'Definition',
  notCovered: 'Inrush of coils; a fuse of 3 A does not guard a 40 VA transformer, which is full at 1.67 A.',
  input: z.strictObject({
    loadsVa: z
      .array(num(0.01, 500, 'VA'))
      .min(1)
      .max(40)
      .describe('1 to 40 loads'),
    ratingVa: num(1, 1000, 'VA'),
  }),
  compute: ({ loadsVa, ratingVa }) => {
    const totalVa = loadsVa.reduce((sum, va) => sum + va, 0);
    return ok({ totalVa, loadPct: (100 * totalVa) / ratingVa });
  },
  example: {
    input: { loadsVa: [9, 8, 3, 5, 6, 3], ratingVa: 40 },
    expected: { totalVa: 34, loadPct: 85 },
    tolerance: 0.001,
  },
});

/**
 * Voltage that reaches a coil over thermostat wire, both conductors counted.
 *
 * @param amps pull-in current; lengthFt one way
 * @returns dropV; loadV
 * @example controlDrop({ amps: 1.6, lengthFt: 110, awg: 18, sourceVolts: 24 }) // 2.29 V lost
 */
export const controlDrop = calculation({
  id: 'control-drop',
  title: 'Drop over control wire',
  what: 'What a long thermostat cable leaves of 24 V at the coil when it pulls in.',
  formula: '2 × length × Ω/1,000 ft × A / 1,000',
  source: 'Ohm’s law; copper 18 AWG 6.51, 20 AWG 10.35 Ω/1,000 ft, edition not checked',
  notCovered: 'What the transformer itself loses under load.',
  input: z.strictObject({
    amps: num(0.001, 20, 'A'),
    lengthFt: num(0.1, 2000, 'ft'),
    awg: oneNumber(18, 20),
    sourceVolts: num(1, 120, 'V'),
  }),
  compute: ({ amps, lengthFt, awg, sourceVolts }) => {
    const dropV = (2 * lengthFt * CONTROL_OHMS_PER_KFT[awg] * amps) / 1000;
    return ok({ dropV, loadV: sourceVolts - dropV });
  },
  example: {
    input: { amps: 1.6, lengthFt: 110, awg: 18, sourceVolts: 24 },
    expected: { dropV: 2.29, loadV: 21.71 },
    tolerance: 0.005,
  },
});

/**
 * Where a power-open, power-close damper stands after its motor ran.
 *
 * @param runSeconds from closed; strokeSeconds for the whole way
 * @returns percent open
 * @example damperPosition({ runSeconds: 15, strokeSeconds: 60 }) // 25 %
 */
export const damperPosition = calculation({
  id: 'damper-position',
  title: 'Position of a zone damper',
  what: 'How far a damper without feedback is open after its motor ran so long.',
  formula: '100 × run / stroke, at most 100 %',
  source: 'Definition',
  notCovered: 'Slip that adds up: drive it past its end from time to time.',
  input: z.strictObject({ runSeconds: num(0.001, 3600, 's'), strokeSeconds: num(1, 3600, 's') }),
  compute: ({ runSeconds, strokeSeconds }) => ok({ percent: Math.min(100, (100 * runSeconds) / strokeSeconds) }),
  example: { input: { runSeconds: 15, strokeSeconds: 60 }, expected: { percent: 25 }, tolerance: 0.001 },
});

/**
 * Conductors that a run of cable must have, and how many are missing.
 *
 * @param roles what each must carry: one conductor each, named twice counts once
 * @param intact conductors of the cable that are whole and unbroken
 * @returns needed; short
 * @example cableConductors({ roles: ['R', 'C', 'Y', 'G', 'O', 'W2'], intact: 4 }) // 6 needed, 2 short
 */
export const cableConductors = calculation({
  id: 'cable-conductors',
  title: 'Conductors of a control cable',
  what: 'How many conductors a run needs and how many the cable there is short.',
  formula: 'needed = different roles; short = needed − intact',
  source: 'One conductor, one role (common practice)',
  notCovered: 'Spares, which are wanted besides; shields and grounds, which never carry a role.',
  input: z.strictObject({
    roles: z.array(z.string().trim().min(1).max(12)).min(1).max(40).describe('1 to 40 roles of 1 to 12 characters'),
    intact: num(0, 60, '').int(),
  }),
  compute: ({ roles, intact }) => {
    const needed = new Set(roles.map((r) => r.toUpperCase())).size;
    return ok({ needed, short: Math.max(0, needed - intact) });
  },
  example: {
    input: { roles: ['R', 'C', 'Y', 'G', 'O', 'W2'], intact: 4 },
    expected: { needed: 6, short: 2 },
    tolerance: 0,
  },
});
