import { num } from '@/core/finding/quantity-field';
import {
  choice,
  count,
  cylinder,
  either,
  figure,
  hidden,
  known,
  type Look,
  maybe,
  pick,
  pressure,
  sinceLater,
  text,
  weight,
  yes,
} from '@/core/form/field';
import { entry, runId, runSeconds } from '@/core/phases/log/entry';
import { psig, withReason } from '@/core/phases/log/lines';
import { tell } from '@/core/phases/recover/words';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { q, type Said } from '@/core/words/said';

const volts = (label: Said, look?: Look) => figure(label, 0, 1000, 'V', look);
const asked = (label: Said) =>
  known(label, { yes: tell('recover.yes'), no: tell('recover.no'), unknown: tell('recover.not-known') });

/** The maker’s volume is not known: only then is the coil measured. */
const noVolume: Look = { when: (a) => a.outdoorFt3 === undefined || a.outdoorFt3 === null };

const unknowns = (body: object): number =>
  Object.entries(body).filter(([k, v]) => k !== 'compressorKind' && v === 'unknown').length;

const METHODS = {
  'pump-down': tell('log.pump-down'),
  machine: tell('log.recovery-machine'),
  nothing: tell('log.nothing-to-recover'),
} as const;

/** What is written down while the old refrigerant is taken out. */
export const recoverEntries = {
  'old-charge': entry(
    tell('log.old-charge'),
    {
      refrigerant: choice(tell('recover.old-refrigerant-from-its-plate'), REFRIGERANTS),
      factoryOz: maybe(
        weight(tell('recover.factory-charge'), 1, 6000, { hint: tell('recover.empty-when-plate-cannot-be-read') }),
      ),
      includedFt: figure(tell('recover.line-length-it-includes'), 0, 100, 'ft'),
      lineLengthFt: maybe(figure(tell('recover.line-length-found'), 0, 400, 'ft')),
      ozPerFt: maybe(figure(tell('recover.adder'), 0.01, 5, 'oz/ft', { hint: tell('recover.about-0-54-for-3-8') })),
      extraOz: figure(tell('recover.other-additions'), -200, 400, 'oz', { start: 0 }),
      outdoorFt3: maybe(
        figure(tell('recover.inside-volume-of-outdoor-unit'), 0.005, 50, 'ft³', {
          hint: tell('recover.from-maker-needed-for-pump-down'),
        }),
      ),
      // Where the maker gives no volume, the coil itself is measured.
      microchannel: sinceLater(
        maybe(
          either(
            tell('recover.outdoor-coil-is'),
            [
              [false, tell('recover.round-tubes')],
              [true, tell('recover.microchannel')],
            ],
            noVolume,
          ),
        ),
      ),
      faceFt2: sinceLater(
        maybe(
          figure(tell('recover.face-of-its-coil'), 1, 200, 'ft²', {
            hint: tell('recover.height-times-length-all-sides'),
            ...noVolume,
          }),
        ),
      ),
      rows: sinceLater(maybe(count(tell('recover.rows-of-tubes'), 1, 6, noVolume))),
      applianceClass: pick(tell('recover.appliance'), {
        comfort: tell('recover.comfort-cooling'),
        small: tell('recover.small-sealed-5-lb-or-less'),
      }),
      leaker: yes(tell('recover.it-leaks-vacuum-would-draw-air')),
    },
    (b) =>
      tell('log.on-plate', {
        refrigerant: b.refrigerant,
        factoryOz: b.factoryOz === null ? tell('log.plate-unreadable') : q(b.factoryOz, 'lbOz'),
      }),
    { edited: true },
  ),
  'removal-facts': entry(
    tell('log.what-works-on-old-unit'),
    {
      compressorRuns: asked(tell('recover.compressor-runs')),
      valvesWork: asked(tell('recover.both-service-valves-close')),
      blowerRuns: asked(tell('recover.indoor-blower-runs')),
      heldInCooling: asked(tell('recover.it-can-be-held-in-cooling')),
      burnout: asked(tell('recover.burnout-or-acid')),
      mixture: asked(tell('recover.mixture-is-suspected')),
      lowSideLeak: asked(tell('recover.low-side-leaks')),
      makerForbids: asked(tell('recover.maker-forbids-pump-down')),
      compressorKind: choice(tell('recover.compressor'), ['scroll', 'reciprocating', 'rotary', 'unknown']),
    },
    (b) => (unknowns(b) ? tell('log.not-known', { count: unknowns(b) }) : tell('log.all-known')),
    { edited: true, caution: tell('recover.pump-down-is-run-by-thermostats') },
  ),
  'standing-read': entry(
    tell('log.standing-pressure'),
    {
      gaugePsig: pressure(tell('recover.pressure-of-system-at-rest'), 600),
      coldF: figure(tell('recover.coldest-part'), -20, 130, '°F', { hint: tell('recover.of-both-coils-and-lines') }),
      hotF: figure(tell('recover.hottest-part'), -20, 140, '°F'),
      restH: figure(tell('recover.off-with-valves-open-for'), 0, 1000, 'h'),
      readsVacuum: either(tell('recover.gauge-reads-below-zero'), [
        [true, tell('recover.yes')],
        [false, tell('recover.no')],
      ]),
    },
    (b) =>
      tell('log.standing-line', {
        gaugePsig: psig(b.gaugePsig),
        coldF: q(b.coldF, 'F', 0),
        hotF: q(b.hotF, 'F', 0),
        restH: q(b.restH, 'h'),
      }),
    { edited: true },
  ),
  method: entry(
    tell('log.way-of-recovery'),
    {
      method: pick(
        tell('recover.way'),
        {
          'pump-down': tell('recover.pump-down-into-old-unit'),
          machine: tell('recover.recovery-machine'),
          nothing: tell('recover.nothing-to-recover'),
        },
        { stacked: true },
      ),
      reason: text(tell('recover.why'), 300, 0, { hint: tell('recover.needed-when-nothing-is-recovered') }),
    },
    (b) => withReason(METHODS[b.method], b.reason),
    { edited: true },
  ),
  'pump-down': entry(
    tell('log.pump-down-stopped'),
    {
      liquidClosedPsig: hidden(num(-15, 600, 'psig').nullable(), { start: null }),
      stopPsig: pressure(tell('recover.suction-at-stop-both-valves-closed'), 200, {
        stream: { channel: 'suctionPsig', take: 'now', digits: 1 },
      }),
      ranMin: figure(tell('recover.ran-for'), 0, 60, 'min'),
      runId: runId(),
      runSeconds: runSeconds(),
    },
    (b) => tell('log.at-after', { stopPsig: psig(b.stopPsig), ranMin: q(b.ranMin, 'min') }),
    { caution: tell('recover.liquid-valve-first-vapour-valve-last') },
  ),
  rebound: entry(
    tell('log.rebound'),
    {
      stopPsig: pressure(tell('recover.suction-at-stop'), 200),
      afterPsig: pressure(tell('recover.suction-now'), 600, {
        stream: { channel: 'suctionPsig', take: 'mean', digits: 1 },
      }),
      minutes: figure(tell('recover.minutes-after-stop'), 0, 600, 'min', { stream: { minutesSince: 'call' } }),
      runId: sinceLater(runId()),
    },
    (b) => tell('log.in', { stopPsig: psig(b.stopPsig), afterPsig: psig(b.afterPsig), minutes: q(b.minutes, 'min') }),
  ),
  'dead-proof': entry(
    tell('log.proof-of-dead'),
    {
      liveBefore: yes(tell('recover.tester-read-known-live-source-first')),
      lineToLineV: volts(tell('recover.line-to-line')),
      lineToGroundV: volts(tell('recover.one-line-to-ground')),
      otherToGroundV: volts(tell('recover.other-line-to-ground')),
      // Of a second feed, where the survey found one.
      secondLineToLineV: sinceLater(
        maybe(volts(tell('recover.second-feed-line-to-line'), { hint: tell('recover.where-there-is-one-strips-of') })),
      ),
      secondLineToGroundV: sinceLater(maybe(volts(tell('recover.second-feed-one-line-to-ground')))),
      secondOtherToGroundV: sinceLater(maybe(volts(tell('recover.second-feed-other-line-to-ground')))),
      liveAfter: yes(tell('recover.tester-read-live-source-again')),
      lockedOut: yes(tell('recover.locked-and-tagged')),
    },
    (b) =>
      tell('log.tester', {
        lineToLineV: b.lineToLineV,
        lineToGroundV: b.lineToGroundV,
        otherToGroundV: q(b.otherToGroundV, 'V', 'as is'),
        secondLineToLineV:
          typeof b.secondLineToLineV === 'number'
            ? tell('log.second-feed-v', {
                secondLineToLineV: b.secondLineToLineV,
                secondLineToGroundV: b.secondLineToGroundV ?? '–',
                secondOtherToGroundV: b.secondOtherToGroundV ?? '–',
              })
            : '',
        liveBefore: b.liveBefore && b.liveAfter ? tell('log.proven-before-and-after') : tell('log.not-proven'),
        lockedOut: b.lockedOut ? tell('log.locked-out') : tell('log.not-locked-out'),
      }),
    { caution: tell('recover.only-qualified-people-test-discharge-capacitors') },
  ),
  level: entry(
    tell('log.recovery-level'),
    {
      reachedPsig: pressure(tell('recover.gauge-when-machine-stopped'), 600),
      afterPsig: pressure(tell('recover.gauge-after-wait'), 600, {
        stream: { channel: 'suctionPsig', take: 'mean', digits: 1 },
      }),
      waitMin: figure(tell('recover.waited'), 0, 600, 'min', { stream: { minutesSince: 'machine' } }),
      runId: sinceLater(runId()),
    },
    (b) =>
      tell('log.after', {
        reachedPsig: psig(b.reachedPsig),
        afterPsig: psig(b.afterPsig),
        waitMin: q(b.waitMin, 'min'),
      }),
    {
      caution: tell('recover.wait-with-machine-off-liquid-in'),
      // The mean after the wait may lie a little under the moment at which the machine was stopped.
      settle: (b) => ({ ...b, reachedPsig: Math.min(b.reachedPsig, b.afterPsig) }),
    },
  ),
  'leak-exception': entry(
    tell('log.opened-for-leak'),
    { psig: pressure(tell('recover.opened-at'), 50), reason: text(tell('recover.why-no-lower'), 300, 10) },
    (b) => withReason(psig(b.psig), b.reason),
  ),
  recovered: entry(
    tell('log.recovered'),
    {
      // What came over is in the cylinder that stood on the scale, whatever the screen thought.
      cylinderId: cylinder(tell('recover.into-cylinder'), 'recovery', { stream: { bench: 'cylinderId' } }),
      startGrossOz: weight(tell('recover.cylinder-before'), 0, 6000, { stream: { bench: 'startGrossOz' } }),
      endGrossOz: weight(tell('recover.cylinder-after'), 0, 6000, {
        stream: { channel: 'scaleOz', take: 'now', digits: 3 },
      }),
      oily: yes(tell('recover.oil-came-with-it')),
      scale: text(tell('recover.scale'), 60),
      runId: runId(),
    },
    (b) => tell(b.oily ? 'log.amount-oily' : 'recover.amount', { amount: q(b.endGrossOz - b.startGrossOz, 'lbOz') }),
    { caution: tell('recover.gloves-and-eye-protection-never-above') },
  ),
  'held-in-unit': entry(
    tell('log.left-in-old-unit'),
    { oz: maybe(weight(tell('recover.charge-still-in-it'), 0, 6000)), note: text(tell('recover.where-it-goes'), 300) },
    (b) => (b.oz === null ? tell('log.amount-not-known') : tell('recover.amount', { amount: q(b.oz, 'lbOz') })),
  ),
};
