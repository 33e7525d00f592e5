import { pick, text } from '@/core/form/field';
import { entry, readAt } from '@/core/phases/log/entry';
import { tell } from '@/core/phases/start-up/words';
import { ELECTRICAL_RUN_FIELDS } from '@/core/startup/acceptance/electrical-run';
import { MAKER_CHARGE_FIELDS } from '@/core/startup/acceptance/maker-charge';
import { RUNNING_POWER_FIELDS } from '@/core/startup/acceptance/running-power';
import { SIGHT_GLASS_FIELDS } from '@/core/startup/acceptance/sight-glass';
import { STATIC_BUDGET_FIELDS, staticParts } from '@/core/startup/acceptance/static-budget';
import { q, value } from '@/core/words/said';

const ofItsCircuit = { ofSystem: true, ofItsCircuit: true } as const;
const edited = { ...ofItsCircuit, edited: true } as const;

/** What was put right at the start-up besides the charge, and what of it moves the air. */
export const CORRECTIONS = {
  'filter changed': tell('job.filter-changed'),
  'indoor coil cleaned': tell('job.indoor-coil-cleaned'),
  'registers opened': tell('job.registers-opened'),
  'blower speed changed': tell('job.blower-speed-changed'),
  'duct or panel closed': tell('job.duct-or-panel-closed'),
  'outdoor coil washed': tell('job.outdoor-coil-washed'),
  'valve or bulb mended': tell('job.valve-or-bulb-mended'),
  'drier or restriction mended': tell('job.drier-or-restriction-mended'),
  'wiring or capacitor mended': tell('job.wiring-or-capacitor-mended'),
  'probe moved': tell('job.probe-moved'),
  other: tell('job.something-else'),
};
export type Correction = keyof typeof CORRECTIONS;
/** After these the air that was measured before is not this system's any more. */
export const MOVES_AIR: ReadonlySet<Correction> = new Set([
  'filter changed',
  'indoor coil cleaned',
  'registers opened',
  'blower speed changed',
  'duct or panel closed',
]);

/** What is read of the running circuit by hand, and what was put right on it. */
export const benchEntries = {
  correction: entry(
    tell('job.put-right'),
    {
      what: pick(tell('job.what-was-put-right'), CORRECTIONS, { stacked: true }),
      note: text(tell('job.what-was-found'), 200, 0, { hint: tell('job.may-stay-empty-note') }),
      readAt: readAt(tell('job.done-at')),
    },
    (b) => tell('job.correction-line', { what: CORRECTIONS[b.what], note: b.note ? `: ${b.note}` : '' }),
    ofItsCircuit,
  ),
  'supply-place': entry(
    tell('job.supply-air-is-read'),
    {
      place: pick(tell('job.where-supply-air-is-read'), {
        plenum: tell('job.in-the-plenum'),
        register: tell('job.at-the-nearest-register'),
      }),
    },
    (b) => tell(b.place === 'plenum' ? 'job.in-the-plenum' : 'job.at-the-nearest-register'),
    { ofSystem: true, byTap: true },
  ),
  clamps: entry(
    tell('job.pipe-clamps'),
    {
      how: pick(tell('job.pipe-clamps'), {
        two: tell('job.one-on-each-line'),
        'one moved': tell('job.one-moved-between-them'),
      }),
    },
    (b) => tell(b.how === 'two' ? 'job.one-on-each-line' : 'job.one-moved-between-them'),
    { ...ofItsCircuit, byTap: true },
  ),
  'electrical-run': entry(
    tell('job.electrical-under-load'),
    ELECTRICAL_RUN_FIELDS,
    (b) =>
      tell('job.electrical-line', {
        start: q(b.startV, 'V'),
        pole: q(b.poleDropV, 'V', 2),
        secondary: q(b.secondaryV, 'V', 1),
      }),
    { ...edited, caution: tell('job.live-parts-never-push-a-contactor') },
  ),
  'running-power': entry(
    tell('job.running-power'),
    RUNNING_POWER_FIELDS,
    (b) =>
      tell('job.power-line', {
        of: value(b.of === 'old' ? 'old system' : 'new system'),
        amps: q(b.amps, 'A', 1),
        volts: q(b.volts, 'V'),
        kw: q(b.kw, 'kW', 2),
      }),
    { ofSystem: true, caution: tell('job.live-parts-never-push-a-contactor') },
  ),
  'static-budget': entry(
    tell('job.static-budget'),
    STATIC_BUDGET_FIELDS,
    (b) => tell('job.static-line', { total: q(staticParts(b).totalInWc, 'inWc', 2), rated: q(b.ratedInWc, 'inWc', 2) }),
    { ofSystem: true, edited: true },
  ),
  'sight-glass': entry(
    tell('job.sight-glass'),
    SIGHT_GLASS_FIELDS,
    (b) => tell('job.glass-line', { shows: value(b.shows), moisture: value(b.moisture) }),
    edited,
  ),
  'maker-charge': entry(
    tell('job.makers-own-procedure'),
    MAKER_CHARGE_FIELDS,
    (b) => tell('job.maker-charge-line', { document: b.document, result: value(b.result) }),
    edited,
  ),
};
