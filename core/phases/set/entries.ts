import { choice, either, figure, is, maybe, pick, sinceLater, text } from '@/core/form/field';
import { checkEntry } from '@/core/phases/checks/entry';
import { entry } from '@/core/phases/log/entry';
import { FLOAT_ACTED, WATER_WENT } from '@/core/set/water-test';
import { q, type Said, value } from '@/core/words/said';
import { SET_ASKS, SET_CHECK_IDS } from './asks';
import { tell } from './words';

const YES_NO = [
  [true, tell('set.yes')],
  [false, tell('set.no')],
] as const;

/** A figure of the blower before or after the work. */
const compared = (label: Said, most: number, unit: string) =>
  sinceLater(maybe(figure(label, 0, most, unit, { when: is('means', 'static and airflow') })));

/** What is written down while the equipment is set; it belongs to the system. */
export const setEntries = {
  'set-check': checkEntry(SET_CHECK_IDS, SET_ASKS),
  'water-test': entry(
    tell('set.poured-water-test'),
    {
      pouredOz: figure(tell('set.poured-into-coil-pan'), 1, 640, 'oz', { hint: tell('set.64-oz-in-2-min') }),
      outOz: figure(tell('set.out-of-primary'), 0, 640, 'oz'),
      minutes: figure(tell('set.within'), 0, 120, 'min'),
      elsewhere: choice(tell('set.water-also-went'), WATER_WENT),
      trapHeld: either(tell('set.trap-stayed-full'), YES_NO),
      float: choice(tell('set.plugged-and-poured-on-float-acted'), FLOAT_ACTED, { stacked: true }),
      stopsS: maybe(
        figure(tell('set.what-it-guards-stopped-after'), 0, 600, 's', {
          when: is('float', 'before the lip', 'after the lip'),
          hint: tell('set.empty-where-power-is-not-on-yet'),
        }),
      ),
    },
    (b) =>
      tell('set.water-line', {
        out: q(b.outOz, 'number', 'as is'),
        poured: q(b.pouredOz, 'number', 'as is'),
        minutes: q(b.minutes, 'min'),
      }),
    { ofSystem: true, edited: true, caution: tell('set.no-water-near-live-parts') },
  ),
  'duct-leakage': entry(
    tell('set.duct-leakage'),
    {
      when: pick(tell('set.this-is'), { before: tell('set.before-the-work'), after: tell('set.after-sealing') }),
      means: pick(
        tell('set.measured-by'),
        {
          fan: tell('set.fan-pressurization'),
          'static and airflow': tell('set.static-and-airflow'),
          'not measured': tell('set.not-measured'),
        },
        { stacked: true },
      ),
      cfm: maybe(figure(tell('set.flow-of-the-fan'), 1, 3000, 'CFM', { when: is('means', 'fan') })),
      pa: maybe(figure(tell('set.at-duct-pressure'), 12, 50, 'Pa', { when: is('means', 'fan') })),
      conditionedFt2: maybe(figure(tell('set.conditioned-floor'), 100, 50_000, 'ft²', { when: is('means', 'fan') })),
      cured: either(tell('set.sealant-has-cured'), YES_NO, { when: is('means', 'fan'), unasked: false }),
      staticBeforeInWc: compared(tell('set.static-before'), 3, 'in. w.c.'),
      cfmBefore: compared(tell('set.air-before'), 20_000, 'CFM'),
      staticAfterInWc: compared(tell('set.static-after'), 3, 'in. w.c.'),
      cfmAfter: compared(tell('set.air-after'), 20_000, 'CFM'),
      reason: maybe(text(tell('set.why-not-measured'), 300, 0, { when: is('means', 'not measured') })),
    },
    (b) =>
      b.means === 'fan'
        ? tell('set.leakage-line', {
            when: value(b.when),
            cfm: q(b.cfm ?? 0, 'number', 0),
            pa: q(b.pa ?? 0, 'number', 'as is'),
          })
        : b.means === 'static and airflow'
          ? tell('set.compared-line', { before: q(b.cfmBefore ?? 0, 'cfm'), after: q(b.cfmAfter ?? 0, 'cfm') })
          : tell('set.leakage-not-measured', { reason: b.reason ?? '–' }),
    { ofSystem: true, caution: tell('set.burners-off-no-asbestos') },
  ),
};
