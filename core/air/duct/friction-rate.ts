import { z } from 'zod';
import { tell } from '@/core/air/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { q } from '@/core/words/said';

const loss = num(0, 3, 'in. w.c.');
/** Outside this a design is either noisy and starved or needlessly large (ACCA Manual D, from memory). */
export const USUAL_RATES = { low: 0.06, high: 0.18 } as const;

/**
 * Friction rate that the ducts may use: what the fan has left after everything that is not duct.
 *
 * @param ratedEspInWc what the blower delivers outside its cabinet at the flow · @param longestFt longest effective
 * length, supply plus return, fittings included, 20 to 1000
 * @returns availableInWc, inWcPer100ft, usual (inside 0.06 to 0.18)
 * @example frictionRate({ ratedEspInWc: 0.5, coilInWc: 0.18, filterInWc: 0.1, grilleInWc: 0.03, registerInWc: 0.03, longestFt: 220 }) // 0.073
 */
export const frictionRate = calculation({
  id: 'friction-rate',
  title: 'Static budget and friction rate',
  what: 'The pressure that is left for the ducts, and what each 100 ft of them may cost.',
  formula: '(ESP − coil − filter − grille − register − dampers) × 100 / longest effective length',
  source: 'ACCA Manual D, edition not checked',
  notCovered: 'Whether the fan table already includes the wet coil or the filter: ask, and leave those at 0 then.',
  input: z.strictObject({
    ratedEspInWc: num(0.05, 3, 'in. w.c.'),
    coilInWc: loss.default(0),
    filterInWc: loss.default(0),
    grilleInWc: loss.default(0),
    registerInWc: loss.default(0),
    dampersInWc: loss.default(0),
    longestFt: num(20, 1000, 'ft'),
  }),
  compute: (i) => {
    const availableInWc = i.ratedEspInWc - i.coilInWc - i.filterInWc - i.grilleInWc - i.registerInWc - i.dampersInWc;
    if (!(availableInWc > 1e-9)) {
      const most = Math.max(i.coilInWc, i.filterInWc, i.grilleInWc, i.registerInWc, i.dampersInWc);
      const field =
        (['filterInWc', 'coilInWc', 'grilleInWc', 'registerInWc', 'dampersInWc'] as const).find((k) => i[k] === most) ??
        'coilInWc';
      return refuse(
        field,
        tell('air.no-pressure-left-for-ducts-cut'),
        tell('air.losses-that-add-up-to-less', { ratedEspInWc: q(i.ratedEspInWc, 'inWc', 'as is') }),
      );
    }
    const inWcPer100ft = (availableInWc * 100) / i.longestFt;
    return ok({
      availableInWc,
      inWcPer100ft,
      usual: inWcPer100ft >= USUAL_RATES.low && inWcPer100ft <= USUAL_RATES.high,
    });
  },
  example: {
    input: { ratedEspInWc: 0.5, coilInWc: 0.18, filterInWc: 0.1, grilleInWc: 0.03, registerInWc: 0.03, longestFt: 220 },
    expected: { inWcPer100ft: 0.0727, usual: true },
    tolerance: 0.0002,
  },
});
