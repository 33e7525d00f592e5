import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { either, figure, maybe, pick, schemaOf } from '@/core/form/field';
import { YES_OR_NO } from '@/core/startup/yes-or-no';
import { q } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

/** What is seen when the leak detector is tripped, typed. */
export const A2L_TRIP_FIELDS = {
  how: pick(tell('startup.tripped-by'), {
    'test mode': tell('startup.makers-test-mode-or-button'),
    'test gas': tell('startup.makers-test-gas'),
  }),
  compressorOff: either(tell('startup.compressor-went-off'), YES_OR_NO),
  blowerOn: either(tell('startup.blower-came-on'), YES_OR_NO),
  responseS: maybe(figure(tell('startup.both-within'), 0, 600, 's')),
  cfm: maybe(figure(tell('startup.air-at-that-speed'), 50, 20_000, 'CFM')),
  dampers: pick(tell('startup.zone-dampers'), {
    opened: tell('startup.opened'),
    'stayed shut': tell('startup.stayed-shut'),
    none: tell('startup.has-none'),
  }),
  runsOnMin: maybe(figure(tell('startup.blower-ran-on-after-clearing'), 0, 120, 'min')),
  unplugged: pick(
    tell('startup.sensor-unplugged'),
    {
      'acts as leak': tell('startup.acts-as-a-leak'),
      ignored: tell('startup.nothing-happened'),
      'not tried': tell('startup.not-tried'),
    },
    { stacked: true },
  ),
};
export const a2lTripSchema = schemaOf(A2L_TRIP_FIELDS);
export type A2lTrip = z.infer<typeof a2lTripSchema>;

/** UL/IEC 60335-2-40, edition not checked: the response comes within this, and the blower runs on this long. */
const MOST_S = 30;
const RUN_ON_MIN = 5;

/**
 * A leak detector that is tripped: compressor off, blower on at its mitigation speed within the time, enough air at that very
 * speed, dampers open, the blower runs on, a sensor that is unplugged acts as a leak.
 *
 * `minimumCfm` is what the charge asks for (a2lRoom). Refrigerant is never released for a test. Source: UL/IEC 60335-2-40,
 * edition not checked; the maker's instructions win. Not covered: the detector's own calibration and end of life.
 */
export function judgeA2lTrip(run: A2lTrip, { minimumCfm }: { minimumCfm: number | undefined }): Finding[] {
  const { found, add } = checksBy(tell('startup.ul-60335-2-40-maker-wins'));
  const answers = run.compressorOff && run.blowerOn;
  add(
    'a2l-answer',
    answers ? 'good' : 'stop',
    answers
      ? tell('startup.detector-stops-compressor-and-starts-blower')
      : tell(run.compressorOff ? 'startup.blower-did-not-answer' : 'startup.compressor-did-not-answer'),
    tell('startup.air-thins-what-leaks'),
    tell('startup.leave-it-off-check-sensor-wiring-and-board'),
    5,
  );
  if (run.responseS === null)
    add(
      'a2l-time',
      'not-proven',
      tell('startup.response-is-not-timed'),
      tell('startup.answer-comes-within', { most: q(MOST_S, 's', 'as is') }),
      tell('startup.trip-it-again-and-time-it'),
    );
  else
    add(
      'a2l-time',
      run.responseS <= MOST_S ? 'good' : 'look-again',
      tell('startup.answered-in', { seconds: q(run.responseS, 's', 'as is') }),
      tell('startup.answer-comes-within', { most: q(MOST_S, 's', 'as is') }),
      tell('startup.check-delay-settings-of-the-board'),
      run.responseS / MOST_S,
    );
  if (run.cfm === null || minimumCfm === undefined)
    add(
      'a2l-air',
      'not-proven',
      tell(
        run.cfm === null ? 'startup.air-at-that-speed-is-not-read' : 'startup.least-air-of-this-charge-is-not-known',
      ),
      tell('startup.it-is-this-speed-that-counts'),
      tell(
        run.cfm === null ? 'startup.measure-the-air-at-that-speed' : 'startup.write-down-the-room-it-could-leak-into',
      ),
    );
  else
    add(
      'a2l-air',
      run.cfm >= minimumCfm ? 'good' : 'look-again',
      tell('startup.air-of-needed', { cfm: q(run.cfm, 'cfm'), least: q(minimumCfm, 'cfm') }),
      tell('startup.it-is-this-speed-that-counts'),
      tell('startup.raise-the-mitigation-speed'),
      minimumCfm / run.cfm,
    );
  if (run.dampers !== 'none')
    add(
      'a2l-dampers',
      run.dampers === 'opened' ? 'good' : 'look-again',
      tell(run.dampers === 'opened' ? 'startup.zone-dampers-open' : 'startup.zone-dampers-stay-shut'),
      tell('startup.shut-dampers-keep-the-air-in'),
      tell('startup.wire-the-zone-panel-to-open-all'),
    );
  add(
    'a2l-run-on',
    run.runsOnMin === null ? 'not-proven' : run.runsOnMin >= RUN_ON_MIN ? 'good' : 'look-again',
    run.runsOnMin === null
      ? tell('startup.run-on-is-not-timed')
      : tell('startup.blower-runs-on', { minutes: q(run.runsOnMin, 'min', 'as is') }),
    tell('startup.it-runs-on-past-clearing', { least: q(RUN_ON_MIN, 'min', 'as is') }),
    tell('startup.trip-it-again-and-time-it'),
  );
  add(
    'a2l-unplugged',
    run.unplugged === 'acts as leak' ? 'good' : run.unplugged === 'ignored' ? 'look-again' : 'not-proven',
    tell(
      run.unplugged === 'acts as leak'
        ? 'startup.unplugged-sensor-acts-as-a-leak'
        : run.unplugged === 'ignored'
          ? 'startup.unplugged-sensor-is-ignored'
          : 'startup.unplugged-sensor-is-not-tried',
    ),
    tell('startup.a-broken-wire-must-not-hide-a-leak'),
    tell('startup.unplug-it-and-watch'),
  );
  return found;
}
