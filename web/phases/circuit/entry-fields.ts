import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import type { EntryKind } from '@/core/phases/log/entry-bodies';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

export type FieldValues = Record<string, unknown>;

type Base = { name: string; label: string; hint?: string; when?: (values: FieldValues) => boolean };
export type EntryField =
  | (Base & { kind: 'number'; unit: string; nullable?: boolean; whole?: boolean })
  | (Base & { kind: 'weight'; nullable?: boolean })
  | (Base & { kind: 'pressure' })
  | (Base & { kind: 'time' })
  | (Base & { kind: 'choice'; options: readonly (readonly [string | number | boolean, string])[]; stacked?: boolean })
  | (Base & { kind: 'yes'; yes?: string; no?: string })
  | (Base & { kind: 'text'; nullable?: boolean })
  | (Base & { kind: 'cylinder'; use: 'recovery' | 'supply' })
  | (Base & { kind: 'pieces' })
  | (Base & { kind: 'troubles' })
  | (Base & { kind: 'pairs' });

const same = (...values: string[]): (readonly [string, string])[] => values.map((v) => [v, say(value(v))] as const);
const known = [
  ['yes', say(tell('web.yes'))],
  ['no', say(tell('web.no'))],
  ['unknown', say(tell('web.not-known'))],
] as const;
const sizes = [...ACR_INSIDE_IN.keys()].map((od) => [od, odText(od).replace(' in', '')] as const);
const number = (
  name: string,
  label: string,
  unit: string,
  more: Partial<Extract<EntryField, { kind: 'number' }>> = {},
): EntryField => ({
  kind: 'number',
  name,
  label,
  unit,
  ...more,
});
const weight = (name: string, label: string, more: { nullable?: boolean; hint?: string } = {}): EntryField => ({
  kind: 'weight',
  name,
  label,
  ...more,
});
/** A gauge that may stand in vacuum. */
const pressure = (name: string, label: string, more: { hint?: string } = {}): EntryField => ({
  kind: 'pressure',
  name,
  label,
  ...more,
});
const readAt: EntryField = { kind: 'time', name: 'readAt', label: say(tell('web.read-at')) };
const choice = (
  name: string,
  label: string,
  options: readonly (readonly [string | number | boolean, string])[],
  more: Partial<Extract<EntryField, { kind: 'choice' }>> = {},
): EntryField => ({ kind: 'choice', name, label, options, ...more });
const yes = (name: string, label: string, more: Partial<Extract<EntryField, { kind: 'yes' }>> = {}): EntryField => ({
  kind: 'yes',
  name,
  label,
  ...more,
});
const text = (name: string, label: string, more: Partial<Extract<EntryField, { kind: 'text' }>> = {}): EntryField => ({
  kind: 'text',
  name,
  label,
  ...more,
});
const asks = (name: string, label: string): EntryField => choice(name, label, known);

const is =
  (name: string, ...values: unknown[]) =>
  (v: FieldValues): boolean =>
    values.includes(v[name]);

const SECOND_FEED = say(tell('web.where-there-is-one-strips-of'));

/** What the form of each kind of entry asks, in the order a person meets it. */
export const ENTRY_FIELDS: Partial<Record<EntryKind, readonly EntryField[]>> = {
  'old-charge': [
    choice('refrigerant', say(tell('web.old-refrigerant-from-its-plate')), same(...REFRIGERANTS)),
    weight('factoryOz', say(tell('web.factory-charge')), {
      nullable: true,
      hint: say(tell('web.empty-when-plate-cannot-be-read')),
    }),
    number('includedFt', say(tell('web.line-length-it-includes')), 'ft'),
    number('lineLengthFt', say(tell('web.line-length-found')), 'ft', { nullable: true }),
    number('ozPerFt', say(tell('web.adder')), 'oz/ft', { nullable: true, hint: say(tell('web.about-0-54-for-3-8')) }),
    number('extraOz', say(tell('web.other-additions')), 'oz'),
    number('outdoorFt3', say(tell('web.inside-volume-of-outdoor-unit')), 'ft³', {
      nullable: true,
      hint: say(tell('web.from-maker-needed-for-pump-down')),
    }),
    choice('applianceClass', say(tell('web.appliance')), [
      ['comfort', say(tell('web.comfort-cooling'))],
      ['small', say(tell('web.small-sealed-5-lb-or-less'))],
    ]),
    yes('leaker', say(tell('web.it-leaks-vacuum-would-draw-air'))),
  ],
  'removal-facts': [
    asks('compressorRuns', say(tell('web.compressor-runs'))),
    asks('valvesWork', say(tell('web.both-service-valves-close'))),
    asks('blowerRuns', say(tell('web.indoor-blower-runs'))),
    asks('heldInCooling', say(tell('web.it-can-be-held-in-cooling'))),
    asks('burnout', say(tell('web.burnout-or-acid'))),
    asks('mixture', say(tell('web.mixture-is-suspected'))),
    asks('lowSideLeak', say(tell('web.low-side-leaks'))),
    asks('makerForbids', say(tell('web.maker-forbids-pump-down'))),
    choice('compressorKind', say(tell('web.compressor')), same('scroll', 'reciprocating', 'rotary', 'unknown')),
  ],
  method: [
    choice(
      'method',
      say(tell('web.way')),
      [
        ['pump-down', say(tell('web.pump-down-into-old-unit'))],
        ['machine', say(tell('web.recovery-machine'))],
        ['nothing', say(tell('web.nothing-to-recover'))],
      ],
      { stacked: true },
    ),
    text('reason', say(tell('web.why')), { hint: say(tell('web.needed-when-nothing-is-recovered')) }),
  ],
  'pump-down': [
    pressure('stopPsig', say(tell('web.suction-at-stop-both-valves-closed'))),
    number('ranMin', say(tell('web.ran-for')), 'min'),
  ],
  rebound: [
    pressure('stopPsig', say(tell('web.suction-at-stop'))),
    pressure('afterPsig', say(tell('web.suction-now'))),
    number('minutes', say(tell('web.minutes-after-stop')), 'min'),
  ],
  'dead-proof': [
    yes('liveBefore', say(tell('web.tester-read-known-live-source-first'))),
    number('lineToLineV', say(tell('web.line-to-line')), 'V'),
    number('lineToGroundV', say(tell('web.one-line-to-ground')), 'V'),
    number('otherToGroundV', say(tell('web.other-line-to-ground')), 'V'),
    number('secondLineToLineV', say(tell('web.second-feed-line-to-line')), 'V', { nullable: true, hint: SECOND_FEED }),
    number('secondLineToGroundV', say(tell('web.second-feed-one-line-to-ground')), 'V', { nullable: true }),
    number('secondOtherToGroundV', say(tell('web.second-feed-other-line-to-ground')), 'V', { nullable: true }),
    yes('liveAfter', say(tell('web.tester-read-live-source-again'))),
    yes('lockedOut', say(tell('web.locked-and-tagged'))),
  ],
  level: [
    pressure('reachedPsig', say(tell('web.gauge-when-machine-stopped'))),
    pressure('afterPsig', say(tell('web.gauge-after-wait'))),
    number('waitMin', say(tell('web.waited')), 'min'),
  ],
  'leak-exception': [pressure('psig', say(tell('web.opened-at'))), text('reason', say(tell('web.why-no-lower')))],
  recovered: [
    { kind: 'cylinder', name: 'cylinderId', label: say(tell('web.into-cylinder')), use: 'recovery' },
    weight('startGrossOz', say(tell('web.cylinder-before'))),
    weight('endGrossOz', say(tell('web.cylinder-after'))),
    yes('oily', say(tell('web.oil-came-with-it'))),
    text('scale', say(tell('web.scale'))),
  ],
  'held-in-unit': [
    weight('oz', say(tell('web.charge-still-in-it')), { nullable: true }),
    text('note', say(tell('web.where-it-goes'))),
  ],
  'line-run': [
    choice('setType', say(tell('web.line-set')), [
      ['field-charged', say(tell('web.cut-and-joined-here'))],
      ['pre-charged', say(tell('web.pre-charged-quick-connect'))],
    ]),
    yes('kept', say(tell('web.old-line-set-stays'))),
    yes('flushed', say(tell('web.flushed-until-clean')), { when: is('kept', true) }),
    { kind: 'troubles', name: 'troubles', label: say(tell('web.found-on-kept-line')), when: is('kept', true) },
    choice('liquidOdIn', say(tell('web.liquid-line-od-in')), sizes.slice(0, 5)),
    choice('vaporOdIn', say(tell('web.vapour-line-od-in')), sizes.slice(2)),
    { kind: 'pieces', name: 'pieces', label: say(tell('web.from-outdoor-unit-to-coil')) },
    number('elbows', say(tell('web.elbows')), '', { whole: true }),
    number('vaporWallIn', say(tell('web.insulation-on-vapour-line')), 'in'),
    number('leastTons', say(tell('web.least-capacity-it-runs-at')), 'tons', {
      nullable: true,
      hint: say(tell('web.for-oil-return-empty-nominal-one')),
    }),
    text('serial', say(tell('web.kit-serial')), { nullable: true, when: is('setType', 'pre-charged') }),
  ],
  joint: [
    text('place', say(tell('web.where'))),
    choice('line', say(tell('web.on')), [
      ['liquid', say(tell('web.liquid-line-2'))],
      ['vapour', say(tell('web.vapour-line'))],
    ]),
    choice('method', say(tell('web.made-by')), same('braze', 'press', 'flare')),
    choice('odIn', say(tell('web.tube-od-in')), sizes.slice(0, 8)),
    number('socketIn', say(tell('web.inside-of-socket')), 'in', {
      nullable: true,
      hint: say(tell('web.when-fitting-was-stretched-or-swapped')),
      when: is('method', 'braze'),
    }),
    choice(
      'metals',
      say(tell('web.metals')),
      same('copper to copper', 'copper to brass', 'copper to steel', 'aluminium'),
      {
        when: is('method', 'braze'),
      },
    ),
    choice(
      'alloy',
      say(tell('web.alloy')),
      same('copper-phosphorus', 'silver with flux', 'maker’s procedure', 'none'),
      {
        when: is('method', 'braze'),
      },
    ),
    number('nitrogenScfh', say(tell('web.nitrogen-flowing')), 'ft³/h', {
      nullable: true,
      hint: say(tell('web.3-to-5-far-end-open')),
      when: is('method', 'braze'),
    }),
    yes('heatShield', say(tell('web.heat-kept-off-valves-and-bulbs')), { when: is('method', 'braze') }),
    number('torqueFtLb', say(tell('web.torque')), 'ft·lb', { nullable: true, when: is('method', 'flare') }),
    text('orificeStamp', say(tell('web.orifice-stamp')), {
      nullable: true,
      hint: say(tell('web.only-at-metering-device')),
    }),
    choice(
      'newRing',
      'O-ring',
      [
        [true, say(tell('web.new'))],
        [false, say(tell('web.old-one'))],
      ],
      { hint: say(tell('web.leave-open-where-there-is-none')) },
    ),
  ],
  'coil-hiss': [
    choice('hiss', say(tell('web.when-new-coils-seal-was-opened')), [
      ['yes', say(tell('web.it-hissed'))],
      ['no', say(tell('web.no-hiss'))],
      ['shipped open', say(tell('web.shipped-open'))],
    ]),
  ],
  drier: [
    choice('line', say(tell('web.in-2')), [
      ['liquid', say(tell('web.liquid-line-2'))],
      ['suction', say(tell('web.suction-line-2'))],
    ]),
    choice('direction', say(tell('web.flows')), same('both ways', 'one way')),
    yes('arrowToMeter', say(tell('web.arrow-points-to-metering-device')), {
      when: is('direction', 'one way'),
    }),
    number('ratedTons', say(tell('web.rated-for')), 'tons'),
    choice('oldOneCut', say(tell('web.old-drier')), same('cut out cold', 'torched out', 'there was none', 'left in')),
    yes('factoryDrierToo', say(tell('web.unit-has-its-own-drier-besides'))),
    choice(
      'suctionPlace',
      say(tell('web.it-sits-in')),
      [
        ['common suction', say(tell('web.pipe-from-reversing-valve-to-compressor'))],
        ['vapour line', say(tell('web.vapour-line-2'))],
      ],
      { when: is('line', 'suction'), stacked: true },
    ),
  ],
  'suction-drier-visit': [
    number('dropPsi', say(tell('web.pressure-across-it')), 'psi'),
    choice('acid', say(tell('web.acid-test-of-oil')), same('clean', 'acid', 'not tested')),
    choice('outcome', say(tell('web.drier-was')), same('left in', 'replaced', 'taken out')),
  ],
  'moisture-indicator': [choice('colour', say(tell('web.after-steady-run-it-shows')), same('dry', 'between', 'wet'))],
  'liquid-drier-drop': [
    number('inF', say(tell('web.pipe-before-drier')), '°F'),
    number('outF', say(tell('web.pipe-after-it')), '°F'),
  ],
  'expansion-open': [
    choice('how', say(tell('web.for-test-and-vacuum-it-is')), same('driven open', 'service magnet', 'not needed')),
  ],
  'nitrogen-cylinder': [
    number('nominalScf', say(tell('web.cylinder-holds-when-full')), 'ft³'),
    number('gaugePsig', say(tell('web.it-shows-now')), 'psig'),
    number('purgeScfh', say(tell('web.purge-flow')), 'ft³/h'),
    number('purgeMin', say(tell('web.purging-for')), 'min'),
  ],
  'fire-watch': [
    number('minutes', say(tell('web.watched-after-last-flame')), 'min'),
    yes('extinguisher', say(tell('web.extinguisher-at-hand'))),
  ],
  'test-plan': [
    choice('section', say(tell('web.under-test')), [
      ['lines and coil', say(tell('web.lines-and-coil-unit-shut'))],
      ['whole circuit', say(tell('web.whole-circuit'))],
    ]),
    number('lowSidePsig', say(tell('web.low-side-limit-on-coils-plate')), 'psig', {
      nullable: true,
      hint: say(tell('web.empty-not-known-then-150-at')),
    }),
    number('highSidePsig', say(tell('web.high-side-limit')), 'psig', {
      nullable: true,
      when: is('section', 'whole circuit'),
    }),
    number('gearPsig', say(tell('web.gauge-hoses-valves-rated')), 'psig'),
    number('targetPsig', say(tell('web.test-at')), 'psig', {
      hint: say(tell('web.lowest-limit-above-less-only-with')),
    }),
    text('reducedBecause', say(tell('web.why-lower-than-limit')), { nullable: true }),
    number('volumeFt3', say(tell('web.volume-of-section')), 'ft³'),
    number('gaugePsi', say(tell('web.gauge-repeats-within')), 'psi', { hint: say(tell('web.good-digital-gauge-0-5')) }),
    number('thermometerF', say(tell('web.thermometer-within')), '°F', { hint: say(tell('web.good-clamp-0-5')) }),
  ],
  'stage-listen': [
    number('psig', say(tell('web.stopped-at')), 'psig'),
    yes('heard', say(tell('web.something-hisses'))),
  ],
  'hold-start': [
    number('psig', say(tell('web.pressure')), 'psig'),
    number('pipeF', say(tell('web.pipe-shaded')), '°F'),
    readAt,
  ],
  'hold-look': [
    number('psig', say(tell('web.pressure')), 'psig'),
    number('pipeF', say(tell('web.pipe-shaded')), '°F'),
    readAt,
  ],
  'hold-end': [
    number('psig', say(tell('web.pressure')), 'psig'),
    number('pipeF', say(tell('web.pipe-shaded')), '°F'),
    readAt,
  ],
  released: [yes('outdoors', say(tell('web.slowly-outdoors')))],
  'pump-setup': [
    choice('method', say(tell('web.way')), [
      ['single-deep', say(tell('web.one-deep-pull'))],
      ['triple', say(tell('web.triple-two-nitrogen-sweeps'))],
    ]),
    number('pumpCfm', say(tell('web.pump')), 'CFM'),
    choice('hoseBoreIn', say(tell('web.hose-bore-in')), [
      [0.18, '0.18'],
      [0.31, '0.31'],
      [0.43, '0.43'],
    ]),
    number('hoseLengthIn', say(tell('web.hose-length')), 'in'),
    number('hoseCount', say(tell('web.hoses-side-by-side')), '', { whole: true }),
    choice('coresIn', say(tell('web.valve-cores')), [
      [false, say(tell('web.out'))],
      [true, say(tell('web.still-in'))],
    ]),
    choice('gaugePlace', say(tell('web.micron-gauge')), same('far from the pump', 'at the manifold', 'at the pump'), {
      stacked: true,
    }),
    number('volumeFt3', say(tell('web.volume-of-section')), 'ft³'),
    number('coldestPipeF', say(tell('web.coldest-pipe')), '°F'),
    yes('compressorLocked', say(tell('web.compressor-cannot-start-locked-out'))),
  ],
  'blank-off': [
    number('microns', say(tell('web.pump-blanked-off-gauge-on-it')), 'µm', {
      hint: say(tell('web.50-or-less-is-good-above')),
    }),
  ],
  'oil-change': [text('why', say(tell('web.why')))],
  microns: [number('microns', say(tell('web.gauge-shows')), 'µm')],
  sweep: [
    number('fromMicrons', say(tell('web.pulled-to')), 'µm'),
    number('psig', say(tell('web.nitrogen-to')), 'psig'),
    number('soakMin', say(tell('web.soaked-for')), 'min'),
  ],
  isolated: [number('microns', say(tell('web.gauge-shows')), 'µm'), readAt],
  standing: [
    { kind: 'pairs', name: 'samples', label: say(tell('web.minute-and-microns-pump-valved-off')) },
    number('coldestPipeF', say(tell('web.coldest-pipe')), '°F'),
  ],
  'vacuum-broken': [
    choice(
      'by',
      say(tell('web.with')),
      [
        ['factory charge', say(tell('web.factory-charge-service-valve-cracked'))],
        ['cylinder', say(tell('web.cylinder-3'))],
      ],
      { stacked: true },
    ),
    number('toPsig', say(tell('web.to')), 'psig'),
    yes('gaugeProtected', say(tell('web.vacuum-gauge-was-closed-off-first'))),
  ],
  'cylinder-used': [
    { kind: 'cylinder', name: 'cylinderId', label: say(tell('web.charging-from')), use: 'supply' },
    choice('leavesAs', say(tell('web.it-leaves-as')), [
      ['liquid', say(tell('web.liquid'))],
      ['vapour', say(tell('web.vapour'))],
    ]),
  ],
  'scale-drift': [
    number('driftOz', say(tell('web.moved-by-itself')), 'oz'),
    number('minutes', say(tell('web.in-3')), 'min'),
  ],
  paused: [
    weight('grossOz', say(tell('web.cylinder-on-scale'))),
    yes('valvesShut', say(tell('web.service-valves-and-cylinder-shut'))),
    yes('capsOn', say(tell('web.hoses-capped'))),
  ],
  resumed: [
    weight('grossOz', say(tell('web.cylinder-on-scale'))),
    text('unaccounted', say(tell('web.where-difference-went')), { nullable: true }),
  ],
  'hose-loss': [
    choice('left', say(tell('web.when-its-valves-were-closed-hose')), [
      ['drawn in', say(tell('web.drawn-into-running-system'))],
      ['liquid', say(tell('web.left-full-of-liquid'))],
    ]),
    number('boreIn', say(tell('web.hose-bore')), 'in', { hint: say(tell('web.nominal-1-4-0-18-3')) }),
    number('lengthIn', say(tell('web.hose-length')), 'in'),
    number('spilledOz', say(tell('web.spilled-or-purged')), 'oz'),
  ],
  room: [
    number('areaFt2', say(tell('web.smallest-room-or-area-served')), 'ft²'),
    number('releaseHeightFt', say(tell('web.height-where-it-would-leak')), 'ft', {
      hint: say(tell('web.floor-2-window-3-3-wall')),
    }),
    yes('detector', say(tell('web.leak-detector-starts-blower'))),
    number('circulationCfm', say(tell('web.flow-it-then-brings')), 'CFM', {
      nullable: true,
      when: is('detector', true),
    }),
    number('makerLimitLb', say(tell('web.makers-limit-for-this-room')), 'lb', {
      nullable: true,
      hint: say(tell('web.where-its-table-gives-one-it')),
    }),
  ],
  label: [
    text('place', say(tell('web.total-charge-marked-at'))),
    yes('valvesSet', say(tell('web.service-valves-set-as-maker-asks'))),
    yes('capsOn', say(tell('web.caps-and-seals-on-ports-leak'))),
  ],
};
