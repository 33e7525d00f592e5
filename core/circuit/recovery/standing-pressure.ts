import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { tell } from './words';

/** A gauge and a thermometer agree within this: the larger of the two (design default). */
const TOLERANCE = { psi: 3, share: 0.03 } as const;
/** At or under this the system is empty or open, psig (design default). */
const EMPTY_PSIG = 2;
/** Rest after which pressures have evened out (common practice), h. */
export const REST_H = 2;

/**
 * Standing pressure of a system at rest against its temperatures. As long as there is liquid, the coldest part rules the pressure.
 *
 * @param coldF, hotF coldest and hottest part of the circuit, °F
 * @param restH hours off with the valves open
 * @returns lowPsig to highPsig: the band of the pressures that liquid can have; reading: liquid, not-at-rest, air-or-mixture, no-liquid, empty
 * @example standingPressure({ refrigerant: 'R-410A', gaugePsig: 221, coldF: 75, hotF: 95, restH: 3 }) // 211.4 to 305.3 psig: liquid
 */
export const standingPressure = calculation({
  id: 'standing-pressure',
  title: 'Standing pressure',
  what: 'What the pressure of an old system at rest says of what is in it: liquid, air or a mixture, little gas, or nothing.',
  formula: 'p(cold) − tol … p(hot) + tol, tol = max(3 psi, 3 %); with liquid p ≈ p(cold)',
  source: 'saturation from the equation of state; tolerances are design defaults',
  notCovered:
    'Which gas it is: an analyzer tells. A system that has run within two hours, or with a valve shut, says nothing.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    gaugePsig: num(-15, 600, 'psig'),
    coldF: num(-20, 130, '°F'),
    hotF: num(-20, 140, '°F'),
    restH: num(0, 1000, 'h').default(REST_H),
    barometerPsia: num(8, 16, 'psia').default(DEFAULT_BAROMETER_PSIA),
  }),
  compute: ({ refrigerant, gaugePsig, coldF, hotF, restH, barometerPsia }) => {
    if (hotF < coldF)
      return refuse('hotF', tell('recovery.hottest-under-coldest'), tell('recovery.at-least-the-coldest'));
    const tol = (psig: number): number => Math.max(TOLERANCE.psi, TOLERANCE.share * psig);
    const coldDew = dewPsia(refrigerant, coldF) - barometerPsia;
    const coldBubble = bubblePsia(refrigerant, coldF) - barometerPsia;
    const hot = bubblePsia(refrigerant, hotF) - barometerPsia;
    if (![coldDew, coldBubble, hot].every(Number.isFinite))
      return refuse('coldF', tell('recovery.no-saturation-there'), tell('recovery.within-the-equations'));
    const lowPsig = coldDew - tol(coldDew);
    const highPsig = hot + tol(hot);
    const reading =
      gaugePsig <= EMPTY_PSIG && lowPsig > EMPTY_PSIG
        ? ('empty' as const)
        : gaugePsig < lowPsig
          ? ('no-liquid' as const)
          : gaugePsig > highPsig
            ? ('air-or-mixture' as const)
            : restH < REST_H || gaugePsig > coldBubble + tol(coldBubble)
              ? ('not-at-rest' as const)
              : ('liquid' as const);
    return ok({ lowPsig, highPsig, coldPsig: coldDew, reading });
  },
  example: {
    input: { refrigerant: 'R-410A', gaugePsig: 221, coldF: 75, hotF: 95, restH: 3 },
    expected: { lowPsig: 211.4, highPsig: 305.3, reading: 'liquid' },
    tolerance: 0.3,
  },
});
