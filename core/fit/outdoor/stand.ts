import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

const INCHES_PER_FT = 12;
/** Free height under a heat pump for its defrost water to leave and freeze clear of the coil (common practice), in. */
export const DRAIN_CLEAR_IN = 6;
/** A pad may fall this much (common practice), in/ft. */
export const PAD_LIMIT_IN_PER_FT = 0.25;

const levelField = num(-1500, 15000, 'ft');

/**
 * Height of a stand above grade so that the unit stays above the design flood.
 * @param designFloodFt, gradeFt levels on one datum · @param freeboardFt 0 to 5
 * @example floodStand({ designFloodFt: 104, freeboardFt: 1, gradeFt: 103.2 }) // 21.6 in, order 22
 */
export const floodStand = calculation({
  id: 'flood-stand',
  title: 'Stand above the flood',
  what: 'How high a unit must stand above grade to stay above the design flood.',
  formula: '12 × (design flood + freeboard − grade), at least 0; ordered to the next inch up',
  source: 'geometry; flood level and freeboard from the local authority',
  notCovered: 'Anchorage against floating and wind.',
  input: z.strictObject({ designFloodFt: levelField, freeboardFt: num(0, 5, 'ft'), gradeFt: levelField }),
  compute: ({ designFloodFt, freeboardFt, gradeFt }) => {
    const standIn = Math.max(0, INCHES_PER_FT * (designFloodFt + freeboardFt - gradeFt));
    return ok({ standIn, orderIn: Math.ceil(standIn - 1e-6) });
  },
  example: {
    input: { designFloodFt: 104, freeboardFt: 1, gradeFt: 103.2 },
    expected: { standIn: 21.6, orderIn: 22 },
    tolerance: 0.001,
  },
});

/**
 * Height of a stand above the design snow, with room for defrost water below the unit.
 * @example snowStand({ designSnowIn: 24 }) // 30 in
 */
export const snowStand = calculation({
  id: 'snow-stand',
  title: 'Stand above the snow',
  what: 'How high a heat pump must stand for snow and its own defrost water.',
  formula: 'design snow + clear height below',
  source: '6 in clear: common practice; the maker’s book rules',
  notCovered: 'Drifts and snow sliding off a roof: choose another place.',
  input: z.strictObject({ designSnowIn: num(0, 200, 'in'), drainClearIn: num(0, 24, 'in').default(DRAIN_CLEAR_IN) }),
  compute: ({ designSnowIn, drainClearIn }) => ok({ standIn: designSnowIn + drainClearIn }),
  example: { input: { designSnowIn: 24 }, expected: { standIn: 30 }, tolerance: 0 },
});

/**
 * Fall of a pad.
 * @example padSlope({ riseIn: 0.375, runIn: 36 }) // 0.125 in/ft: holds
 */
export const padSlope = calculation({
  id: 'pad-slope',
  title: 'Pad level',
  what: 'Whether a pad is level enough to set a unit on.',
  formula: 'rise / (run / 12), against ¼ in a foot',
  source: '¼ in/ft: common practice; the maker’s book rules',
  notCovered: 'A pad that still moves. The unit itself never stands on loose fill.',
  input: z.strictObject({ riseIn: num(0, 24, 'in'), runIn: num(6, 240, 'in') }),
  compute: ({ riseIn, runIn }) => {
    const slopeInPerFt = riseIn / (runIn / INCHES_PER_FT);
    return ok({ slopeInPerFt, holds: slopeInPerFt <= PAD_LIMIT_IN_PER_FT });
  },
  example: { input: { riseIn: 0.375, runIn: 36 }, expected: { slopeInPerFt: 0.125, holds: true }, tolerance: 0.0001 },
});
