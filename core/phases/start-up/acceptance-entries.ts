import { figure, maybe, pick, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { tell } from '@/core/phases/start-up/words';
import { A2L_TRIP_FIELDS } from '@/core/startup/acceptance/a2l-trip';
import { KEPT_AIR_HANDLER_FIELDS, KEPT_FURNACE_FIELDS } from '@/core/startup/acceptance/kept-unit';
import { OUTSIDE_AIR_FIELDS } from '@/core/startup/acceptance/outside-air';
import { SMOKE_TRIP_FIELDS } from '@/core/startup/acceptance/smoke-trip';
import { ZONE_RUN_FIELDS } from '@/core/startup/acceptance/zone-run';
import { VALVE_TURN_FIELDS } from '@/core/startup/valve-turns';
import { q, value } from '@/core/words/said';

const ofSystem = { ofSystem: true } as const;

/** What a system is accepted by, typed as it is seen, and how its rooms were before and after. */
export const acceptanceEntries = {
  'a2l-trip': entry(
    tell('job.leak-detector'),
    A2L_TRIP_FIELDS,
    (b) => tell('job.a2l-line', { how: value(b.how), seconds: q(b.responseS, 's', 'as is'), cfm: q(b.cfm, 'cfm') }),
    { ...ofSystem, edited: true, caution: tell('job.never-release-refrigerant-for-a-test') },
  ),
  'smoke-trip': entry(tell('job.smoke-detector'), SMOKE_TRIP_FIELDS, (b) => value(b.detector), {
    ...ofSystem,
    edited: true,
    caution: tell('job.tell-monitoring-first'),
  }),
  'outside-air': entry(
    tell('job.outside-air'),
    OUTSIDE_AIR_FIELDS,
    (b) => tell('job.outside-air-line', { wanted: q(b.wantedPct, 'number', 'as is'), means: value(b.means) }),
    { ...ofSystem, edited: true },
  ),
  'zone-run': entry(
    tell('job.a-zone'),
    ZONE_RUN_FIELDS,
    (b) =>
      tell('job.zone-line', {
        zone: b.open === 'all' ? tell('job.all-zones') : (b.zone ?? '–'),
        static: q(b.staticInWc, 'inWc', 2),
        cfm: q(b.cfm, 'cfm'),
        supply: q(b.supplyF, 'F'),
      }),
    ofSystem,
  ),
  'kept-furnace': entry(
    tell('job.furnace-that-stays'),
    KEPT_FURNACE_FIELDS,
    (b) =>
      tell('job.kept-furnace-line', {
        exchanger: value(b.exchanger),
        rise: q(b.riseF, 'F', 0),
        co: q(b.coAirFreePpm, 'ppm', 'as is'),
        static: q(b.staticInWc, 'inWc', 2),
      }),
    { ...ofSystem, edited: true, caution: tell('job.combustion-is-licensed-work') },
  ),
  'kept-air-handler': entry(
    tell('job.air-handler-that-stays'),
    KEPT_AIR_HANDLER_FIELDS,
    (b) => tell('job.kept-air-handler-line', { static: q(b.staticInWc, 'inWc', 2) }),
    { ...ofSystem, edited: true },
  ),
  'valve-turn': entry(
    tell('job.valve-turned'),
    VALVE_TURN_FIELDS,
    (b) =>
      tell('job.valve-line', {
        outlet: q(b.outletF, 'F'),
        psig: q(b.outletPsig, 'psig'),
        turned:
          b.way === 'none'
            ? tell('job.valve-not-turned')
            : tell(b.way === 'in' ? 'job.valve-quarters-in' : 'job.valve-quarters-out', { quarters: b.quarters ?? 1 }),
      }),
    { ...ofSystem, ofItsCircuit: true, caution: tell('job.only-a-valve-that-its-maker-lets-be-turned') },
  ),
  'room-climate': entry(
    tell('job.a-room'),
    {
      room: text(tell('job.room'), 60, 1),
      when: pick(tell('job.when'), {
        before: tell('job.before-the-work'),
        'at start': tell('job.at-the-start'),
        'next day': tell('job.the-next-day'),
      }),
      roomF: figure(tell('job.room-air'), 30, 120, '°F'),
      rhPct: maybe(figure(tell('job.relative-humidity'), 1, 100, '%')),
      setF: maybe(figure(tell('job.set-to'), 40, 100, '°F')),
    },
    (b) =>
      tell('job.room-line', {
        room: b.room,
        when: value(b.when),
        air: q(b.roomF, 'F'),
        rh: q(b.rhPct, 'number', 'as is'),
        set: q(b.setF, 'F', 'as is'),
      }),
    ofSystem,
  ),
};
