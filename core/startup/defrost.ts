import type { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { either, figure, maybe, pick, schemaOf } from '@/core/form/field';
import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import { YES_OR_NO } from './yes-or-no';

/** What is seen of one defrost, typed. */
export const DEFROST_FIELDS = {
  how: pick(tell('startup.defrost-was'), {
    forced: tell('startup.forced-at-the-board'),
    'by itself': tell('startup.started-by-itself'),
  }),
  coilStartF: maybe(figure(tell('startup.outdoor-coil-at-the-start'), -20, 70, '°F')),
  fanStopped: either(tell('startup.outdoor-fan-stopped'), YES_OR_NO),
  aux: pick(tell('startup.auxiliary-heat-came-on'), {
    yes: tell('startup.yes'),
    no: tell('startup.no'),
    'has none': tell('startup.it-has-none'),
  }),
  minutes: figure(tell('startup.it-took'), 0.5, 30, 'min'),
  coilEndF: maybe(figure(tell('startup.outdoor-coil-at-the-end'), 20, 120, '°F')),
  cleared: either(tell('startup.coil-was-clear'), YES_OR_NO),
  supplyLowF: maybe(figure(tell('startup.coldest-supply-air'), 20, 140, '°F')),
};
export const defrostSchema = schemaOf(DEFROST_FIELDS);
export type DefrostRun = z.infer<typeof defrostSchema>;

/** A defrost ends by its coil or by the clock (common practice, the board's settings win). */
const MOST_MIN = 10;
const ENDS_F = { low: 55, high: 80 } as const;

/**
 * One defrost: the fan outside rests, auxiliary heat carries the house, the coil clears, and it ends by the coil or in ten
 * minutes. Source: common practice; the maker's board settings win. Not covered: demand boards that learn, time base.
 */
export function judgeDefrost(run: DefrostRun): Finding[] {
  const out: Finding[] = [];
  const add = (id: string, good: boolean, claim: Said, because: Said, next: Said): void =>
    void out.push({
      id,
      verdict: good ? 'good' : 'look-again',
      claim,
      because,
      source: tell('startup.common-practice-makers-limit-wins'),
      ...(good ? { miss: 0 } : { miss: 1, next: advise(next) }),
    });
  add(
    'fan',
    run.fanStopped,
    run.fanStopped ? tell('startup.fan-rests-in-defrost') : tell('startup.fan-runs-in-defrost'),
    tell('startup.cold-air-would-carry-the-heat-off'),
    tell('startup.check-the-fan-relay-of-the-board'),
  );
  if (run.aux !== 'has none')
    add(
      'aux',
      run.aux === 'yes',
      run.aux === 'yes'
        ? tell('startup.auxiliary-heat-carries-the-house')
        : tell('startup.no-auxiliary-heat-in-defrost'),
      tell('startup.defrost-cools-the-house'),
      tell('startup.check-the-boards-call-for-auxiliary-heat'),
    );
  add(
    'minutes',
    run.minutes <= MOST_MIN,
    tell('startup.defrost-took', { minutes: q(run.minutes, 'min', 'as is') }),
    tell('startup.it-ends-in-most-by-the-clock', { most: q(MOST_MIN, 'min', 'as is') }),
    tell('startup.check-the-coil-sensor-and-the-valve'),
  );
  if (run.coilEndF !== null)
    add(
      'end',
      run.coilEndF >= ENDS_F.low && run.coilEndF <= ENDS_F.high,
      tell('startup.coil-ends-at', { coilEndF: q(run.coilEndF, 'F', 0) }),
      tell('startup.boards-end-between', { low: ENDS_F.low, high: q(ENDS_F.high, 'F', 0) }),
      tell('startup.check-the-coil-sensor-and-the-valve'),
    );
  add(
    'cleared',
    run.cleared,
    run.cleared ? tell('startup.coil-cleared') : tell('startup.coil-kept-its-frost'),
    tell('startup.what-stays-grows-with-the-next'),
    tell('startup.check-the-coil-sensor-and-the-valve'),
  );
  return out;
}
