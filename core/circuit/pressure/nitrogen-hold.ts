import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { DEFAULT_BAROMETER_PSIA, RANKINE_AT_0_F } from '@/core/units/units';
import { heldPsia } from './nitrogen';

export const testPsigField = num(5, 1000, 'psig');
export const pipeField = num(-20, 150, '°F');
/** Repeatability of one gauge read twice, and of a pipe thermometer (common practice). */
const GAUGE_PSI = 0.5;
const THERMOMETER_F = 0.5;
const ATM_PSIA = 14.7;
const MINUTES_PER_H = 60;

type Hold = { startPsig: number; startF: number; endF: number; barometerPsia: number };

/** Gauge pressure a tight nitrogen charge comes to when only its temperature changed. */
export function expectedPsig({ startPsig, startF, endF, barometerPsia }: Hold): {
  expectedPsig: number;
  idealPsig: number;
} {
  const ratio = (endF + RANKINE_AT_0_F) / (startF + RANKINE_AT_0_F);
  return {
    expectedPsig: heldPsia(startPsig + barometerPsia, startF, endF) - barometerPsia,
    idealPsig: (startPsig + barometerPsia) * ratio - barometerPsia,
  };
}

const barometer = num(8, 16, 'psia').default(DEFAULT_BAROMETER_PSIA);

/**
 * Pressure of a tight nitrogen charge after its temperature changed.
 *
 * @param startPsig 5 to 1000 · @param startF, endF of the pipe, -20 to 150
 * @returns expectedPsig (real gas), idealPsig (what a pocket formula gives)
 * @example nitrogenHold({ startPsig: 450, startF: 92, endF: 74 }) // 433.8 psig; ideal 434.8
 */
export const nitrogenHold = calculation({
  id: 'nitrogen-hold',
  title: 'Nitrogen at another temperature',
  what: 'What a tight pressure test reads after the pipes warmed or cooled.',
  formula: 'constant density: P = dRT(1 + Bd + Cd²), solved at the start, applied at the end',
  source: 'virial equation of nitrogen, coefficients fitted from its equation of state',
  notCovered: 'Pipes of unequal temperature; sun on part of the line.',
  input: z.strictObject({ startPsig: testPsigField, startF: pipeField, endF: pipeField, barometerPsia: barometer }),
  compute: (i) => ok(expectedPsig(i)),
  example: {
    input: { startPsig: 450, startF: 92, endF: 74 },
    expected: { expectedPsig: 433.8, idealPsig: 434.8 },
    tolerance: 0.1,
  },
});

/**
 * Judges a pressure hold: measured against what the temperature explains, with the uncertainty of both instruments.
 *
 * @param volumeFt3 of the tested section · @param minutes held
 * @returns deltaPsi measured − expected, uncertaintyPsi (95 %), classification, smallestLeakScfh it could have seen
 * @example holdVerdict({ startPsig: 450, startF: 92, endPsig: 421, endF: 74, minutes: 30, volumeFt3: 0.35 }) // leak, −12.8 psi
 */
export const holdVerdict = calculation({
  id: 'hold-verdict',
  title: 'Verdict of a pressure hold',
  what: 'Whether a drop in test pressure is the weather or a leak, and the smallest leak the test could have seen.',
  formula: 'δ = measured − expected; U = 2√(u_g²(1 + (T2/T1)²) + 2(P u_T/T)²); smallest leak = U V / (14.7 h)',
  source: 'propagation of uncertainty; gauge repeatability 0.5 psi and thermometer 0.5 °F common practice',
  notCovered: 'Bubbles on every joint are asked for even when the hold passes.',
  input: z.strictObject({
    startPsig: testPsigField,
    startF: pipeField,
    endPsig: num(-14, 1000, 'psig'),
    endF: pipeField,
    minutes: num(1, 10000, 'min'),
    volumeFt3: num(0.005, 100, 'ft³'),
    gaugePsi: num(0.05, 20, 'psi').default(GAUGE_PSI),
    thermometerF: num(0.1, 10, '°F').default(THERMOMETER_F),
    barometerPsia: barometer,
  }),
  compute: (i) => {
    const { expectedPsig: expected } = expectedPsig(i);
    const t1 = i.startF + RANKINE_AT_0_F;
    const t2 = i.endF + RANKINE_AT_0_F;
    const ratio = t2 / t1;
    const absolute = i.startPsig + i.barometerPsia;
    const uncertaintyPsi =
      2 *
      Math.sqrt(
        i.gaugePsi ** 2 * (1 + ratio ** 2) +
          ((absolute * ratio * i.thermometerF) / t2) ** 2 +
          ((absolute * ratio * i.thermometerF) / t1) ** 2,
      );
    const deltaPsi = i.endPsig - expected;
    const classification =
      deltaPsi < -uncertaintyPsi ? 'leak' : deltaPsi > uncertaintyPsi ? 'inconclusive' : 'no leak detected';
    return ok({
      expectedPsig: expected,
      deltaPsi,
      uncertaintyPsi,
      classification,
      smallestLeakScfh: (uncertaintyPsi * i.volumeFt3) / (ATM_PSIA * (i.minutes / MINUTES_PER_H)),
    });
  },
  example: {
    input: { startPsig: 450, startF: 92, endPsig: 421, endF: 74, minutes: 30, volumeFt3: 0.35 },
    expected: { deltaPsi: -12.8, classification: 'leak' },
    tolerance: 0.1,
  },
});
