import { cylinder, either, figure, is, maybe, pick, sinceLater, text, weight, yes } from '@/core/form/field';
import { tell } from '@/core/phases/charge/words';
import { entry } from '@/core/phases/log/entry';
import { psig } from '@/core/phases/log/lines';
import { q, type Said, value } from '@/core/words/said';

const onScale = () => weight(tell('charge.cylinder-on-scale'), 0, 6000);
const scaled = (b: { grossOz: number }): Said => tell('log.on-scale', { grossOz: q(b.grossOz, 'oz') });

/** What is written down of the charge besides the weighings themselves. */
export const chargeEntries = {
  'vacuum-broken': entry(
    tell('log.vacuum-broken'),
    {
      by: pick(
        tell('charge.with'),
        { 'factory charge': tell('charge.factory-charge-service-valve-cracked'), cylinder: tell('charge.cylinder-3') },
        { stacked: true },
      ),
      toPsig: figure(tell('charge.to'), 0, 200, 'psig'),
      gaugeProtected: yes(tell('charge.vacuum-gauge-was-closed-off-first')),
    },
    (b) => tell('log.by-to', { by: value(b.by), toPsig: psig(b.toPsig) }),
    { caution: tell('charge.only-with-refrigerant-of-this-system') },
  ),
  'cylinder-used': entry(
    tell('log.cylinder'),
    {
      cylinderId: cylinder(tell('charge.charging-from'), 'supply'),
      leavesAs: pick(tell('charge.it-leaves-as'), { liquid: tell('charge.liquid'), vapour: tell('charge.vapour') }),
      // What the hose takes is no charge: it is filled before the scale counts.
      hosePurged: sinceLater(
        either(tell('charge.before-scale-counts'), [
          [true, tell('charge.hose-purged-to-liquid-scale-tared')],
          [false, tell('charge.not-purged')],
        ]),
      ),
    },
    (b) => tell('log.leaves-as', { leavesAs: value(b.leavesAs) }),
    { caution: tell('charge.read-cylinders-label-against-plate-blend') },
  ),
  'scale-drift': entry(
    tell('log.scale-at-rest'),
    {
      driftOz: figure(tell('charge.moved-by-itself'), -20, 20, 'oz'),
      minutes: figure(tell('charge.in-3'), 0, 60, 'min'),
    },
    (b) => tell('log.in-2', { driftOz: q(b.driftOz, 'oz'), minutes: q(b.minutes, 'min') }),
  ),
  'hose-loss': entry(
    tell('log.hose'),
    {
      left: pick(tell('charge.when-its-valves-were-closed-hose'), {
        'drawn in': tell('charge.drawn-into-running-system'),
        liquid: tell('charge.left-full-of-liquid'),
      }),
      boreIn: figure(tell('charge.hose-bore'), 0.05, 1, 'in', { hint: tell('charge.nominal-1-4-0-18-3') }),
      lengthIn: figure(tell('charge.hose-length'), 1, 600, 'in'),
      spilledOz: figure(tell('charge.spilled-or-purged'), 0, 200, 'oz', { start: 0 }),
    },
    (b) =>
      tell('log.of-bore', {
        lengthIn: q(b.lengthIn, 'in', 0),
        boreIn: q(b.boreIn, 'in', 'as is'),
        left: b.left === 'liquid' ? tell('log.left-full-of-liquid') : tell('log.drawn-into-system'),
        spilledOz: b.spilledOz ? tell('log.spilled', { spilledOz: q(b.spilledOz, 'oz') }) : '',
      }),
    { edited: true },
  ),
  paused: entry(
    tell('log.weighing-paused'),
    {
      grossOz: onScale(),
      valvesShut: yes(tell('charge.service-valves-and-cylinder-shut')),
      capsOn: yes(tell('charge.hoses-capped')),
    },
    scaled,
  ),
  resumed: entry(
    tell('log.weighing-resumed'),
    { grossOz: onScale(), unaccounted: maybe(text(tell('charge.where-difference-went'), 300)) },
    scaled,
  ),
  room: entry(
    tell('log.room'),
    {
      areaFt2: figure(tell('charge.smallest-room-or-area-served'), 10, 100_000, 'ft²'),
      releaseHeightFt: figure(tell('charge.height-where-it-would-leak'), 0.5, 15, 'ft', {
        hint: tell('charge.floor-2-window-3-3-wall'),
      }),
      detector: yes(tell('charge.leak-detector-starts-blower')),
      circulationCfm: maybe(
        figure(tell('charge.flow-it-then-brings'), 0, 10_000, 'CFM', { when: is('detector', true) }),
      ),
      // The maker's own limit for this room, with its altitude and leak class; it wins.
      makerLimitLb: sinceLater(
        maybe(
          figure(tell('charge.makers-limit-for-this-room'), 0.5, 200, 'lb', {
            hint: tell('charge.where-its-table-gives-one-it'),
          }),
        ),
      ),
    },
    (b) => tell(b.detector ? 'log.room-with-detector' : 'log.room-no-detector', { area: q(b.areaFt2, 'ft2') }),
    { edited: true, caution: tell('charge.makers-table-wins-ventilate-no-flame') },
  ),
  label: entry(
    tell('log.label'),
    {
      place: text(tell('charge.total-charge-marked-at'), 80, 1),
      valvesSet: yes(tell('charge.service-valves-set-as-maker-asks')),
      capsOn: yes(tell('charge.caps-and-seals-on-ports-leak')),
    },
    (b) =>
      tell('log.label-at', {
        place: b.place,
        valves: b.valvesSet ? '' : tell('log.valve-is-not-set-yet'),
        caps: b.capsOn ? '' : tell('log.caps-or-seals-are-open'),
      }),
    { edited: true },
  ),
};
