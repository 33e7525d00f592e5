import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { figure, maybe, pick, schemaOf } from '@/core/form/field';
import { CO, LEAST_RUN_MIN, ROOM_CO } from '@/core/furnace/furnace-proof';
import { q } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

/** What is read of a blower that stays under new equipment, typed. */
export const KEPT_AIR_HANDLER_FIELDS = {
  staticInWc: figure(tell('startup.external-static'), 0, 5, 'in. w.c.', {
    hint: tell('startup.with-the-new-coil-wet'),
  }),
  ratedInWc: maybe(figure(tell('startup.rated-static-on-its-plate'), 0.05, 3, 'in. w.c.')),
};
/** The same of a furnace that stays under a new coil: its air, its fire, its heat exchanger. */
export const KEPT_FURNACE_FIELDS = {
  ...KEPT_AIR_HANDLER_FIELDS,
  exchanger: pick(
    tell('startup.heat-exchanger'),
    {
      sound: tell('startup.looked-at-and-sound'),
      cracked: tell('startup.cracked-or-rusted-through'),
      'not seen': tell('startup.could-not-be-seen'),
    },
    { stacked: true },
  ),
  riseF: figure(tell('startup.temperature-rise'), 1, 200, '°F'),
  plateRiseLowF: maybe(figure(tell('startup.rise-on-its-plate-from'), 5, 150, '°F')),
  plateRiseHighF: maybe(figure(tell('startup.rise-on-its-plate-to'), 10, 200, '°F')),
  coAirFreePpm: figure(tell('startup.co-in-the-flue-air-free'), 0, 10_000, 'ppm'),
  roomCoPpm: figure(tell('startup.co-in-the-room'), 0, 2000, 'ppm'),
  ranMin: figure(tell('startup.burning-for'), 0, 600, 'min'),
};
export const keptAirHandlerSchema = schemaOf(KEPT_AIR_HANDLER_FIELDS);
export const keptFurnaceSchema = schemaOf(KEPT_FURNACE_FIELDS);
export type KeptAirHandler = z.infer<typeof keptAirHandlerSchema>;
export type KeptFurnace = z.infer<typeof keptFurnaceSchema>;

const SOURCE = tell('startup.plate-wins-common-practice');
type Add = ReturnType<typeof checksBy>['add'];

function staticCheck({ staticInWc, ratedInWc }: KeptAirHandler, add: Add): void {
  const read = q(staticInWc, 'inWc', 2);
  if (ratedInWc === null)
    add(
      'kept-static',
      'not-proven',
      tell('startup.rated-static-is-not-on-file', { read }),
      tell('startup.a-new-coil-asks-more-of-an-old-blower'),
      tell('startup.read-the-rated-static-off-its-plate'),
    );
  else
    add(
      'kept-static',
      staticInWc <= ratedInWc ? 'good' : 'look-again',
      tell('startup.static-of-rated', { read, rated: q(ratedInWc, 'inWc', 2) }),
      tell('startup.a-new-coil-asks-more-of-an-old-blower'),
      tell('startup.filter-registers-and-duct-before-speed'),
      staticInWc / ratedInWc,
    );
}

/** A blower that stays: the static of the whole against what it is rated for. Not covered: its motor and its capacitor. */
export function judgeKeptAirHandler(run: KeptAirHandler): Finding[] {
  const { found, add } = checksBy(SOURCE);
  staticCheck(run, add);
  return found;
}

/**
 * A furnace that stays under a new coil is proven anew: its heat exchanger was looked at, its rise and static are within its
 * plate, it makes no carbon monoxide. Source: its plate; limits of a new furnace. Not covered: gas pressures, venting.
 */
export function judgeKeptFurnace(run: KeptFurnace): Finding[] {
  const { found, add } = checksBy(SOURCE);
  add(
    'kept-exchanger',
    run.exchanger === 'sound' ? 'good' : run.exchanger === 'cracked' ? 'stop' : 'not-proven',
    tell(
      run.exchanger === 'sound'
        ? 'startup.exchanger-is-sound'
        : run.exchanger === 'cracked'
          ? 'startup.exchanger-is-cracked'
          : 'startup.exchanger-was-not-seen',
    ),
    tell('startup.what-cracks-lets-flue-gas-into-the-air'),
    tell(
      run.exchanger === 'cracked'
        ? 'startup.shut-it-down-and-tag-it-out'
        : 'startup.look-through-the-opening-for-the-coil',
    ),
    5,
  );
  const { coAirFreePpm: co, roomCoPpm: room } = run;
  add(
    'kept-co',
    co > CO.stop ? 'stop' : co > CO.good ? 'look-again' : 'good',
    tell('startup.co-in-flue-reads', { co: q(co, 'ppm') }),
    tell('startup.up-to-is-good', { good: q(CO.good, 'ppm', 'as is') }),
    tell(co > CO.stop ? 'startup.shut-it-down-and-tag-it-out' : 'startup.check-gas-pressure-air-and-flame'),
    co / CO.good,
  );
  add(
    'kept-room-co',
    room > ROOM_CO.stop ? 'stop' : room > ROOM_CO.look ? 'look-again' : 'good',
    tell('startup.co-in-room-reads', { co: q(room, 'ppm') }),
    tell('startup.up-to-is-good', { good: q(ROOM_CO.look, 'ppm', 'as is') }),
    tell(room > ROOM_CO.stop ? 'startup.everybody-out-ventilate-call' : 'startup.find-where-it-comes-from'),
    room / ROOM_CO.look,
  );
  const { riseF, plateRiseLowF: low, plateRiseHighF: high } = run;
  if (low === null || high === null)
    add(
      'kept-rise',
      'not-proven',
      tell('startup.rise-without-a-plate', { rise: q(riseF, 'F', 0) }),
      tell('startup.a-new-coil-takes-air-from-the-fire'),
      tell('startup.read-the-rise-off-its-plate'),
    );
  else
    add(
      'kept-rise',
      riseF >= low && riseF <= high ? 'good' : 'look-again',
      tell('startup.rise-of-plate', { rise: q(riseF, 'F', 0), low: q(low, 'number', 0), high: q(high, 'F', 0) }),
      tell('startup.a-new-coil-takes-air-from-the-fire'),
      tell(riseF > high ? 'startup.more-air-filter-registers-speed' : 'startup.less-air-or-check-the-input'),
    );
  if (run.ranMin < LEAST_RUN_MIN)
    add(
      'kept-run',
      'not-proven',
      tell('startup.read-after-of-fire', { ran: q(run.ranMin, 'min') }),
      tell('startup.fire-settles-in', { least: q(LEAST_RUN_MIN, 'min', 'as is') }),
      tell('startup.let-it-burn-and-read-again'),
    );
  staticCheck(run, add);
  return found;
}
