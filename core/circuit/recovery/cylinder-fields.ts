import { z } from 'zod';
import { choice, day, figure, maybe, own, pick, text, weight, yes } from '@/core/form/field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { CYLINDER_STATES } from './cylinder';
import { tell } from './words';

/** What is stamped on a cylinder, read off it. Its contents come from its movements only. */
export const CYLINDER_FIELDS = {
  tag: text(tell('recovery.tag-or-serial'), 40, 1),
  use: pick(
    tell('recovery.used-for'),
    { recovery: tell('recovery.use-recovery'), supply: tell('recovery.use-supply') },
    { start: 'recovery' },
  ),
  refrigerant: own(
    z
      .enum(REFRIGERANTS)
      .nullable()
      .describe(`${REFRIGERANTS.join(', ')}, or null when empty`),
    tell('recovery.refrigerant'),
    {
      kind: 'choice',
      options: [[null, tell('recovery.empty-evacuated')], ...REFRIGERANTS.map((r) => [r, r] as const)],
      stacked: false,
    },
    { start: null },
  ),
  waterCapacityLb: figure(tell('recovery.water-capacity-stamped-wc'), 1, 2000, 'lb'),
  ratingPsig: figure(tell('recovery.service-pressure'), 100, 1000, 'psig'),
  tareOz: weight(tell('recovery.tare-stamped-tw'), 8, 32_000),
  retestOn: maybe(day(tell('recovery.retest-due'), { hint: tell('recovery.five-years-after-stamp-usually') })),
  flammableMark: yes(tell('recovery.marked-for-flammable-refrigerant')),
  dipTube: yes(tell('recovery.dip-tube')),
  disposable: yes(tell('recovery.disposable')),
  state: choice(tell('recovery.it-is'), CYLINDER_STATES, { start: 'in use' }),
};
