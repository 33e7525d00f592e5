import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { figure, is, maybe, pick, schemaOf, text } from '@/core/form/field';
import { q } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

/** What is read while one zone calls alone, or all of them, typed. */
export const ZONE_RUN_FIELDS = {
  open: pick(tell('startup.open-zones'), { one: tell('startup.one-zone-alone'), all: tell('startup.all-zones') }),
  zone: maybe(text(tell('startup.zone'), 60, 1, { when: is('open', 'one') })),
  call: pick(tell('startup.called-for'), {
    cooling: tell('startup.cooling-call'),
    heating: tell('startup.heating-call'),
  }),
  staticInWc: figure(tell('startup.external-static'), 0, 5, 'in. w.c.'),
  cfm: maybe(figure(tell('startup.air'), 50, 20_000, 'CFM')),
  supplyF: figure(tell('startup.supply-dry-bulb'), 20, 200, '°F'),
  othersShut: maybe(
    pick(
      tell('startup.other-dampers'),
      { shut: tell('startup.shut'), leak: tell('startup.air-comes-out') },
      { when: is('open', 'one') },
    ),
  ),
};
export const zoneRunSchema = schemaOf(ZONE_RUN_FIELDS);
export type ZoneRun = z.infer<typeof zoneRunSchema>;

/** Below this supply a coil is about to freeze; above it a heat exchanger or coil starves (common practice; the plate wins), °F. */
const SUPPLY = { low: 45, high: 140 } as const;

/**
 * One zone alone, or all: static within what the blower is rated for, at least the air that the unit needs, a supply that
 * neither freezes the coil nor trips the limit. `maxStaticInWc` and `minCfm` are the unit's own, where they are on file.
 *
 * Source: the unit's ratings; common practice. Not covered: bypass dampers' settings, noise at the registers.
 */
export function judgeZoneRun(
  run: ZoneRun,
  { maxStaticInWc, minCfm }: { maxStaticInWc: number | undefined; minCfm: number | undefined },
): Finding[] {
  const { found, add } = checksBy(tell('startup.units-ratings-common-practice'));
  if (maxStaticInWc === undefined)
    add(
      'zone-static',
      'not-proven',
      tell('startup.rated-static-is-not-on-file', { read: q(run.staticInWc, 'inWc', 2) }),
      tell('startup.shut-zones-raise-static'),
      tell('startup.choose-the-unit-in-the-scope'),
    );
  else
    add(
      'zone-static',
      run.staticInWc <= maxStaticInWc ? 'good' : 'look-again',
      tell('startup.static-of-rated', { read: q(run.staticInWc, 'inWc', 2), rated: q(maxStaticInWc, 'inWc', 2) }),
      tell('startup.shut-zones-raise-static'),
      tell('startup.lower-the-speed-or-open-a-zone'),
      run.staticInWc / maxStaticInWc,
    );
  if (run.cfm === null || minCfm === undefined)
    add(
      'zone-air',
      'not-proven',
      tell(run.cfm === null ? 'startup.air-of-the-zone-is-not-read' : 'startup.least-air-of-the-unit-is-not-on-file'),
      tell('startup.a-small-zone-starves-the-unit'),
      tell(run.cfm === null ? 'startup.measure-the-air-at-that-speed' : 'startup.choose-the-unit-in-the-scope'),
    );
  else
    add(
      'zone-air',
      run.cfm >= minCfm ? 'good' : 'look-again',
      tell('startup.air-of-needed', { cfm: q(run.cfm, 'cfm'), least: q(minCfm, 'cfm') }),
      tell('startup.a-small-zone-starves-the-unit'),
      tell('startup.join-zones-or-lower-the-stage'),
      minCfm / run.cfm,
    );
  const cold = run.call === 'cooling' && run.supplyF < SUPPLY.low;
  const hot = run.call === 'heating' && run.supplyF > SUPPLY.high;
  add(
    'zone-supply',
    cold || hot ? 'look-again' : 'good',
    tell('startup.supply-reads', { supply: q(run.supplyF, 'F') }),
    tell(hot ? 'startup.hot-supply-trips-the-limit' : 'startup.cold-supply-freezes-the-coil'),
    tell('startup.join-zones-or-lower-the-stage'),
  );
  if (run.othersShut === 'leak')
    add(
      'zone-dampers',
      'look-again',
      tell('startup.shut-dampers-leak'),
      tell('startup.air-goes-where-nobody-called'),
      tell('startup.set-the-dampers-and-their-actuators'),
    );
  return found;
}
