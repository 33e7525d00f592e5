import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';

/** Starting estimates (design defaults): share of the system charge that moves the judged figure by 1 °F. */
const SHARE_PER_F = { valve: 0.02, orifice: 0.01 };
/** A step is never more than this share of the charge, nor more than 4 oz. */
const STEP_SHARE = 0.03;
const STEP_LIMIT_OZ = 4;
const WAIT_MIN = 10;
/** After two steps the system's own answer is used, held back so that it cannot overshoot. */
const LEARNED_CAUTION = 0.7;
const LEARN_AFTER_STEPS = 2;
/** What the change of a mean reading over one step may be off by without any scatter, °F (noise of clamp and gauge over a minute). */
const CHANGE_OFF_F = 0.3;

/**
 * How much to add or recover next, and how long to wait.
 *
 * @param systemChargeOz total charge, oz · @param errorF target minus measured for subcooling; measured minus target for
 *   superheat; positive means the system wants more · @param metering valve judges by subcooling, orifice by superheat
 * @param learned what earlier steps did: oz moved and °F gained, both signed
 * @returns askOz (whole estimate, signed), stepOz (this step, signed), waitMin, degreesPerOz used, offPerOz (two standard
 *   errors of what this system itself did; null of an estimate), and how it was estimated
 * @example chargeStep({ systemChargeOz: 120, errorF: 6, metering: 'valve' }) // asks 14.4 oz, step 3.6 oz
 */
export const chargeStep = calculation({
  id: 'charge-step',
  title: 'Charge correction step',
  what: 'The next small amount to add or recover, and the wait before reading again.',
  formula:
    'error ÷ (°F per oz); limited to 3 % of the charge or 4 oz, whichever is less; ± two standard errors of the slope',
  source:
    'Design default: 2 % of the charge a °F of subcooling, 1 % a °F of superheat; then what this system did × 0.7',
  notCovered: 'Whether charge is the fault: airflow, coils, steadiness and probes must be proven first.',
  input: z.strictObject({
    systemChargeOz: num(10, 6000, 'oz'),
    errorF: num(-60, 60, '°F'),
    metering: z.enum(['valve', 'orifice']).describe('valve, orifice'),
    learned: z
      .array(z.object({ oz: z.number(), changeF: z.number() }))
      .max(50)
      .default([])
      .describe('earlier steps'),
  }),
  compute: ({ systemChargeOz, errorF, metering, learned }) => {
    const guess = 1 / (SHARE_PER_F[metering] * systemChargeOz);
    const usable = learned.filter((s) => Math.abs(s.oz) > 0.2 && s.changeF / s.oz > 0);
    let degreesPerOz = guess;
    let offPerOz: number | null = null;
    let how = tell('startup.estimate-of-charge-moves-it-1', { sharePerF: SHARE_PER_F[metering] * 100 });
    if (usable.length >= LEARN_AFTER_STEPS) {
      const oz = usable.reduce((sum, s) => sum + Math.abs(s.oz), 0);
      const moved = usable.reduce((sum, s) => sum + Math.abs(s.changeF), 0);
      degreesPerOz = moved / oz / LEARNED_CAUTION;
      offPerOz = slopeOff(usable, moved / oz);
      how = tell('startup.from-this-system-oz-over-steps', {
        moved: q(moved / oz, 'number', 2),
        off: q(offPerOz, 'F', 2),
        count: usable.length,
      });
    }
    const askOz = errorF / degreesPerOz;
    const limit = Math.min(STEP_SHARE * systemChargeOz, STEP_LIMIT_OZ);
    const stepOz = Math.sign(askOz) * Math.min(Math.abs(askOz), limit);
    return ok({ askOz, stepOz, waitMin: WAIT_MIN, degreesPerOz, offPerOz, how });
  },
  example: {
    input: { systemChargeOz: 120, errorF: 6, metering: 'valve' },
    expected: { askOz: 14.4, stepOz: 3.6, waitMin: 10 },
    tolerance: 0.001,
  },
});

/** Two standard errors of a slope through the origin: the scatter of the steps about it, and never less than their own noise. */
function slopeOff(steps: readonly { oz: number; changeF: number }[], slope: number): number {
  const sumOz2 = steps.reduce((sum, s) => sum + s.oz ** 2, 0);
  const scatter2 = steps.reduce((sum, s) => sum + (s.changeF - slope * s.oz) ** 2, 0) / (steps.length - 1);
  return 2 * Math.sqrt(Math.max(scatter2, CHANGE_OFF_F ** 2) / sumOz2);
}
