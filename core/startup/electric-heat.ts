import type { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { count, either, figure, maybe, pick, schemaOf, standIn } from '@/core/form/field';
import { stripHeat } from '@/core/power/strip-heat';
import { tell } from '@/core/startup/words';
import { q, type Said } from '@/core/words/said';
import { YES_OR_NO } from './yes-or-no';

/** What is read of one stage of electric heat while it runs alone, typed. */
export const STRIP_FIELDS = {
  stage: count(tell('startup.stage'), 1, 4),
  kw: figure(tell('startup.rated-heat-of-this-stage'), 0.5, 50, 'kW', {
    hint: tell('startup.on-the-plate-of-the-kit'),
  }),
  ratedVolts: figure(tell('startup.at-rated-volts'), 100, 600, 'V'),
  volts: figure(tell('startup.volts-under-load'), 90, 660, 'V'),
  amps: figure(tell('startup.amps-of-this-stage'), 0, 300, 'A', { hint: tell('startup.blower-not-in-the-clamp') }),
  blowerFirst: either(tell('startup.blower-runs-before-and-after'), YES_OR_NO),
  apartS: maybe(
    figure(tell('startup.seconds-after-the-stage-before'), 0, 600, 's', {
      when: ({ stage }) => typeof stage === 'number' && stage > 1,
    }),
  ),
  lockout: maybe(
    pick(
      tell('startup.warm-day-made-at-the-sensor'),
      {
        'held off': tell('startup.strips-held-off'),
        'came on': tell('startup.strips-came-on'),
        'has none': tell('startup.no-lockout-here'),
      },
      { stacked: true, more: true },
    ),
  ),
  simulated: standIn(),
};
export const stripSchema = schemaOf(STRIP_FIELDS);
export type StripRun = z.infer<typeof stripSchema>;

/** An element draws within this share of what its plate gives at the volts that are there (common practice). */
const AMPS_SHARE = 0.1;
/** Stages come on this far apart at least (common practice), s. */
const LEAST_APART_S = 10;

/**
 * One stage of electric heat: its current against rated kW at the volts that are there, air before heat, stages apart,
 * strips held off on a warm day. Source: Ohm's law; common practice. Not covered: three-phase banks, limits tripped by hand.
 */
export function judgeStrip(run: StripRun): Finding[] {
  const { kw, ratedVolts, volts, amps, blowerFirst, apartS, lockout } = run;
  const out: Finding[] = [];
  const add = (id: string, verdict: Finding['verdict'], claim: Said, because: Said, next?: Said, miss = 1): void =>
    void out.push({
      id,
      verdict,
      claim,
      because,
      source: tell('startup.ohms-law-common-practice'),
      next: verdict === 'good' ? undefined : advise(next),
      miss: verdict === 'good' ? 0 : miss,
    });
  const expected = stripHeat({ kw, ratedVolts, volts });
  if (expected.ok) {
    const want = expected.value.amps;
    const off = (amps - want) / want;
    const said = { amps: q(amps, 'A'), want: q(want, 'A') };
    add(
      'amps',
      Math.abs(off) <= AMPS_SHARE ? 'good' : 'look-again',
      Math.abs(off) <= AMPS_SHARE
        ? tell('startup.strip-draws-what-it-should', said)
        : tell('startup.strip-draws', said),
      tell('startup.rated-heat-at-these-volts-within-10'),
      off < 0
        ? tell('startup.open-element-limit-or-sequencer')
        : tell('startup.another-kit-or-other-volts-than-the-plate'),
      Math.abs(off) / AMPS_SHARE,
    );
  }
  add(
    'blower',
    blowerFirst ? 'good' : 'stop',
    blowerFirst ? tell('startup.air-before-heat') : tell('startup.heat-without-air'),
    tell('startup.strips-without-air-overheat'),
    tell('startup.switch-it-off-mend-the-interlock'),
    5,
  );
  if (apartS !== null) {
    const apart = apartS >= LEAST_APART_S;
    add(
      'apart',
      apart ? 'good' : 'look-again',
      tell('startup.stages-come-on-apart', { apartS: q(apartS, 's', 'as is') }),
      tell('startup.at-least-between-stages', { least: q(LEAST_APART_S, 's', 'as is') }),
      tell('startup.check-the-sequencer-or-its-board'),
    );
  }
  if (lockout === 'held off' || lockout === 'came on')
    add(
      'lockout',
      lockout === 'held off' ? 'good' : 'look-again',
      lockout === 'held off' ? tell('startup.lockout-holds') : tell('startup.lockout-does-not-hold'),
      tell('startup.warm-day-must-hold-strips-off'),
      tell('startup.set-the-lockout-and-try-again'),
    );
  return out;
}
