import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** A tape is read to this, in. */
const TAPE_IN = 1 / 16;
const IN_PER_FT = 12;
/** Dust of binary fractions must not cost a sixteenth. */
const DUST = 1e-9;

/**
 * How far a hood's top falls away from the wall.
 *
 * @param runIn away from the wall · @param fallInPerFt ¼ or more
 * @returns fallIn, rounded up to a sixteenth
 * @example hoodFall({ runIn: 26, fallInPerFt: 0.5 }) // 1.125 in
 */
export const hoodFall = calculation({
  id: 'hood-fall',
  title: 'Fall of a hood',
  what: 'How far the top of a weather hood falls away from the wall, to the next sixteenth that a tape shows.',
  formula: 'run/12 × fall per foot, up to the next 1/16 in',
  source: 'geometry; a quarter inch a foot or more, common practice',
  notCovered: 'Cross-breaks, snow and ponding on a wide top.',
  input: z.strictObject({ runIn: num(0.5, 240, 'in'), fallInPerFt: num(0.05, 12, 'in/ft') }),
  compute: ({ runIn, fallInPerFt }) =>
    ok({ fallIn: Math.ceil((runIn / IN_PER_FT) * (fallInPerFt / TAPE_IN) - DUST) * TAPE_IN }),
  example: { input: { runIn: 26, fallInPerFt: 0.5 }, expected: { fallIn: 1.125 }, tolerance: 1e-9 },
});
