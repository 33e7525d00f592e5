import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { either, is, maybe, pick, schemaOf } from '@/core/form/field';
import { YES_OR_NO } from '@/core/startup/yes-or-no';
import { checksBy } from './checks';
import { tell } from './words';

const fitted = is('detector', 'in the duct');

/** What is seen when the smoke detector of a duct is tripped, typed. */
export const SMOKE_TRIP_FIELDS = {
  detector: pick(
    tell('startup.smoke-detector'),
    {
      'in the duct': tell('startup.in-the-duct'),
      'area detection': tell('startup.the-building-has-area-detection'),
      none: tell('startup.none-is-fitted'),
    },
    { stacked: true },
  ),
  told: maybe(
    pick(
      tell('startup.alarm-monitoring'),
      { told: tell('startup.told-before-the-test'), none: tell('startup.not-monitored') },
      { when: fitted },
    ),
  ),
  fanOff: maybe(either(tell('startup.fan-went-off'), YES_OR_NO, { when: fitted })),
  dampers: maybe(
    pick(
      tell('startup.outside-air-damper'),
      { shut: tell('startup.shut'), open: tell('startup.stayed-open'), none: tell('startup.has-none') },
      { when: fitted },
    ),
  ),
  reported: maybe(
    pick(
      tell('startup.alarm'),
      {
        reported: tell('startup.reported'),
        silent: tell('startup.not-reported'),
        none: tell('startup.not-monitored'),
      },
      { when: fitted },
    ),
  ),
  restored: maybe(either(tell('startup.reset-by-hand-and-put-back'), YES_OR_NO, { when: fitted })),
};
export const smokeTripSchema = schemaOf(SMOKE_TRIP_FIELDS);
export type SmokeTrip = z.infer<typeof smokeTripSchema>;

/**
 * A duct smoke detector that is tripped by its maker's test: the fan stops, the damper shuts, the alarm is reported, it is reset
 * by hand and put back. Source: IMC 606, edition not checked; local code and the fire authority win. Not covered: the
 * detector's own sensitivity, fire dampers.
 */
export function judgeSmokeTrip(run: SmokeTrip): Finding[] {
  const { found, add } = checksBy(tell('startup.imc-606-local-code-wins'));
  if (run.detector !== 'in the duct') {
    const none = run.detector === 'none';
    add(
      'smoke-detector',
      none ? 'look-again' : 'good',
      tell(none ? 'startup.no-smoke-detector-is-fitted' : 'startup.area-detection-stops-the-fan'),
      tell('startup.above-2000-cfm-one-is-asked-for'),
      tell('startup.ask-the-authority-before-it-runs'),
    );
    return found;
  }
  const yes = (id: string, answer: boolean | null, good: Said3, bad: 'stop' | 'look-again'): void =>
    add(
      id,
      answer === null ? 'not-proven' : answer ? 'good' : bad,
      answer === null ? tell('startup.not-everything-was-watched') : answer ? good.is : good.not,
      good.because,
      answer === null ? tell('startup.trip-it-again-and-watch') : good.next,
      bad === 'stop' ? 5 : 1,
    );
  yes(
    'smoke-fan',
    run.fanOff,
    {
      is: tell('startup.smoke-stops-the-fan'),
      not: tell('startup.fan-runs-on-in-smoke'),
      because: tell('startup.a-fan-carries-smoke-through-the-house'),
      next: tell('startup.wire-the-detector-into-the-fan-circuit'),
    },
    'stop',
  );
  if (run.dampers !== 'none')
    yes(
      'smoke-damper',
      run.dampers === null ? null : run.dampers === 'shut',
      {
        is: tell('startup.outside-air-shuts'),
        not: tell('startup.outside-air-stays-open'),
        because: tell('startup.outside-air-feeds-a-fire'),
        next: tell('startup.check-the-dampers-spring-and-wiring'),
      },
      'look-again',
    );
  if (run.reported !== 'none')
    yes(
      'smoke-alarm',
      run.reported === null ? null : run.reported === 'reported',
      {
        is: tell('startup.alarm-is-reported'),
        not: tell('startup.alarm-is-not-reported'),
        because: tell('startup.somebody-must-come'),
        next: tell('startup.call-the-alarm-company'),
      },
      'look-again',
    );
  yes(
    'smoke-restored',
    run.restored,
    {
      is: tell('startup.detector-is-back'),
      not: tell('startup.detector-is-not-back'),
      because: tell('startup.a-tripped-detector-guards-nothing'),
      next: tell('startup.reset-it-and-tell-monitoring'),
    },
    'look-again',
  );
  return found;
}

type Said3 = Record<'is' | 'not' | 'because' | 'next', ReturnType<typeof tell>>;
