import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** 10·log10(4π) less the area of a foot in m²: sound power to pressure at a foot (AHRI 275, edition not checked), dB. */
const AT_A_FOOT_DB = 0.67;
/** What a rating may be off (design default), dB. */
export const SOUND_U_DB = 3;
/** A barrier takes at most this off, and only where it is solid, without gaps and breaks the line of sight (design default), dB. */
const BARRIER_MOST_DB = 5;

/**
 * Sound of an outdoor unit at a place, from its sound power rating.
 *
 * @param q directivity: 2 on the ground, 4 with a wall within 3 ft, 8 in a corner
 * @param barrier solid, gap-free and breaking the line of sight
 * @returns dBA at the place, worstDba with the rating's spread
 * @example outdoorSound({ powerDb: 72, q: 4, ft: 20 }) // 51.3 dBA
 */
export const outdoorSound = calculation({
  id: 'outdoor-sound',
  title: 'Sound at a window',
  what: 'How loud an outdoor unit is at a bedroom window or at the neighbor’s, from its sound power.',
  formula: 'Lp = Lw + 10·log10 Q − 20·log10 r − 0.67; several units by energy; ± 3 dB',
  source: 'spherical spreading; AHRI 275, edition not checked; barrier credit a design default',
  notCovered: 'Reflections from fences and walls further off, tones, wind. Local limits rule; a meter decides.',
  input: z.strictObject({
    powerDb: num(40, 110, 'dB'),
    q: num(1, 8, ''),
    ft: num(1, 500, 'ft'),
    barrier: z.boolean().default(false),
    /** Of another unit at the same place. */
    besideDba: num(0, 110, 'dBA').optional(),
  }),
  compute: ({ powerDb, q, ft, barrier, besideDba }) => {
    const alone = powerDb + 10 * Math.log10(q) - 20 * Math.log10(ft) - AT_A_FOOT_DB - (barrier ? BARRIER_MOST_DB : 0);
    const dba = besideDba === undefined ? alone : 10 * Math.log10(10 ** (alone / 10) + 10 ** (besideDba / 10));
    return ok({ dba, worstDba: dba + SOUND_U_DB });
  },
  example: { input: { powerDb: 72, q: 4, ft: 20 }, expected: { dba: 51.3, worstDba: 54.3 }, tolerance: 0.1 },
});
