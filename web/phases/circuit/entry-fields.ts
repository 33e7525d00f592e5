import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';

export type FieldValue = string | number | boolean | null | undefined;
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

const same = (...values: string[]): (readonly [string, string])[] => values.map((v) => [v, v] as const);
const known = [
  ['yes', 'Yes'],
  ['no', 'No'],
  ['unknown', 'Not known'],
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
const readAt: EntryField = { kind: 'time', name: 'readAt', label: 'Read at' };
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

const SECOND_FEED = 'where there is one: strips of an air handler often have their own';

/** What the form of each kind of entry asks, in the order a person meets it. */
export const ENTRY_FIELDS: Partial<Record<EntryKind, readonly EntryField[]>> = {
  'old-charge': [
    choice('refrigerant', 'Old refrigerant, from its plate', same(...REFRIGERANTS)),
    weight('factoryOz', 'Factory charge', { nullable: true, hint: 'empty when the plate cannot be read' }),
    number('includedFt', 'Line length it includes', 'ft'),
    number('lineLengthFt', 'Line length found', 'ft', { nullable: true }),
    number('ozPerFt', 'Adder', 'oz/ft', { nullable: true, hint: 'about 0.54 for 3/8 in of R-410A' }),
    number('extraOz', 'Other additions', 'oz'),
    number('outdoorFt3', 'Inside volume of the outdoor unit', 'ft³', {
      nullable: true,
      hint: 'from the maker; needed for a pump-down',
    }),
    choice('applianceClass', 'Appliance', [
      ['comfort', 'Comfort cooling'],
      ['small', 'Small, sealed, 5 lb or less'],
    ]),
    yes('leaker', 'It leaks: a vacuum would draw air in'),
  ],
  'removal-facts': [
    asks('compressorRuns', 'The compressor runs'),
    asks('valvesWork', 'Both service valves close'),
    asks('blowerRuns', 'The indoor blower runs'),
    asks('heldInCooling', 'It can be held in cooling'),
    asks('burnout', 'Burnout or acid'),
    asks('mixture', 'A mixture is suspected'),
    asks('lowSideLeak', 'The low side leaks'),
    asks('makerForbids', 'The maker forbids a pump-down'),
    choice('compressorKind', 'Compressor', same('scroll', 'reciprocating', 'rotary', 'unknown')),
  ],
  method: [
    choice(
      'method',
      'Way',
      [
        ['pump-down', 'Pump-down into the old unit'],
        ['machine', 'Recovery machine'],
        ['nothing', 'Nothing to recover'],
      ],
      { stacked: true },
    ),
    text('reason', 'Why', { hint: 'needed when nothing is recovered' }),
  ],
  'pump-down': [pressure('stopPsig', 'Suction at the stop, both valves closed'), number('ranMin', 'Ran for', 'min')],
  rebound: [
    pressure('stopPsig', 'Suction at the stop'),
    pressure('afterPsig', 'Suction now'),
    number('minutes', 'Minutes after the stop', 'min'),
  ],
  'dead-proof': [
    yes('liveBefore', 'Tester read a known live source first'),
    number('lineToLineV', 'Line to line', 'V'),
    number('lineToGroundV', 'One line to ground', 'V'),
    number('otherToGroundV', 'Other line to ground', 'V'),
    number('secondLineToLineV', 'Second feed, line to line', 'V', { nullable: true, hint: SECOND_FEED }),
    number('secondLineToGroundV', 'Second feed, one line to ground', 'V', { nullable: true }),
    number('secondOtherToGroundV', 'Second feed, other line to ground', 'V', { nullable: true }),
    yes('liveAfter', 'Tester read the live source again'),
    yes('lockedOut', 'Locked and tagged'),
  ],
  level: [
    pressure('reachedPsig', 'Gauge when the machine stopped'),
    pressure('afterPsig', 'Gauge after the wait'),
    number('waitMin', 'Waited', 'min'),
  ],
  'leak-exception': [pressure('psig', 'Opened at'), text('reason', 'Why no lower')],
  recovered: [
    { kind: 'cylinder', name: 'cylinderId', label: 'Into cylinder', use: 'recovery' },
    weight('startGrossOz', 'Cylinder before'),
    weight('endGrossOz', 'Cylinder after'),
    yes('oily', 'Oil came with it'),
    text('scale', 'Scale'),
  ],
  'held-in-unit': [weight('oz', 'Charge still in it', { nullable: true }), text('note', 'Where it goes')],
  'line-run': [
    choice('setType', 'Line set', [
      ['field-charged', 'Cut and joined here'],
      ['pre-charged', 'Pre-charged, quick connect'],
    ]),
    yes('kept', 'The old line set stays'),
    yes('flushed', 'Flushed until clean', { when: is('kept', true) }),
    { kind: 'troubles', name: 'troubles', label: 'Found on the kept line', when: is('kept', true) },
    choice('liquidOdIn', 'Liquid line OD, in', sizes.slice(0, 5)),
    choice('vaporOdIn', 'Vapour line OD, in', sizes.slice(2)),
    { kind: 'pieces', name: 'pieces', label: 'From the outdoor unit to the coil' },
    number('elbows', 'Elbows', '', { whole: true }),
    number('vaporWallIn', 'Insulation on the vapour line', 'in'),
    number('leastTons', 'Least capacity it runs at', 'tons', {
      nullable: true,
      hint: 'for oil return; empty: the nominal one',
    }),
    text('serial', 'Kit serial', { nullable: true, when: is('setType', 'pre-charged') }),
  ],
  joint: [
    text('place', 'Where'),
    choice('line', 'On the', [
      ['liquid', 'Liquid line'],
      ['vapour', 'Vapour line'],
    ]),
    choice('method', 'Made by', same('braze', 'press', 'flare')),
    choice('odIn', 'Tube OD, in', sizes.slice(0, 8)),
    number('socketIn', 'Inside of the socket', 'in', {
      nullable: true,
      hint: 'when a fitting was stretched or swapped',
      when: is('method', 'braze'),
    }),
    choice('metals', 'Metals', same('copper to copper', 'copper to brass', 'copper to steel', 'aluminium'), {
      when: is('method', 'braze'),
    }),
    choice('alloy', 'Alloy', same('copper-phosphorus', 'silver with flux', 'maker’s procedure', 'none'), {
      when: is('method', 'braze'),
    }),
    number('nitrogenScfh', 'Nitrogen flowing', 'ft³/h', {
      nullable: true,
      hint: '3 to 5, far end open; empty: none',
      when: is('method', 'braze'),
    }),
    yes('heatShield', 'Heat kept off valves and bulbs', { when: is('method', 'braze') }),
    number('torqueFtLb', 'Torque', 'ft·lb', { nullable: true, when: is('method', 'flare') }),
    text('orificeStamp', 'Orifice stamp', { nullable: true, hint: 'only at the metering device' }),
    choice(
      'newRing',
      'O-ring',
      [
        [true, 'New'],
        [false, 'The old one'],
      ],
      { hint: 'leave open where there is none' },
    ),
  ],
  'coil-hiss': [
    choice('hiss', 'When the new coil’s seal was opened', [
      ['yes', 'It hissed'],
      ['no', 'No hiss'],
      ['shipped open', 'Shipped open'],
    ]),
  ],
  drier: [
    choice('line', 'In the', [
      ['liquid', 'Liquid line'],
      ['suction', 'Suction line'],
    ]),
    choice('direction', 'Flows', same('both ways', 'one way')),
    yes('arrowToMeter', 'Arrow points to the metering device', { when: is('direction', 'one way') }),
    number('ratedTons', 'Rated for', 'tons'),
    choice('oldOneCut', 'The old drier', same('cut out cold', 'torched out', 'there was none', 'left in')),
    yes('factoryDrierToo', 'The unit has its own drier besides'),
    choice(
      'suctionPlace',
      'It sits in',
      [
        ['common suction', 'The pipe from reversing valve to compressor'],
        ['vapour line', 'The vapour line'],
      ],
      { when: is('line', 'suction'), stacked: true },
    ),
  ],
  'suction-drier-visit': [
    number('dropPsi', 'Pressure across it', 'psi'),
    choice('acid', 'Acid test of the oil', same('clean', 'acid', 'not tested')),
    choice('outcome', 'The drier was', same('left in', 'replaced', 'taken out')),
  ],
  'moisture-indicator': [choice('colour', 'After a steady run it shows', same('dry', 'between', 'wet'))],
  'liquid-drier-drop': [number('inF', 'Pipe before the drier', '°F'), number('outF', 'Pipe after it', '°F')],
  'expansion-open': [choice('how', 'For test and vacuum it is', same('driven open', 'service magnet', 'not needed'))],
  'nitrogen-cylinder': [
    number('nominalScf', 'Cylinder holds when full', 'ft³'),
    number('gaugePsig', 'It shows now', 'psig'),
    number('purgeScfh', 'Purge flow', 'ft³/h'),
    number('purgeMin', 'Purging for', 'min'),
  ],
  'fire-watch': [number('minutes', 'Watched after the last flame', 'min'), yes('extinguisher', 'Extinguisher at hand')],
  'test-plan': [
    choice('section', 'Under test', [
      ['lines and coil', 'Lines and coil, unit shut'],
      ['whole circuit', 'The whole circuit'],
    ]),
    number('lowSidePsig', 'Low-side limit on the coil’s plate', 'psig', {
      nullable: true,
      hint: 'empty: not known, then 150 at most',
    }),
    number('highSidePsig', 'High-side limit', 'psig', { nullable: true, when: is('section', 'whole circuit') }),
    number('gearPsig', 'Gauge, hoses, valves rated', 'psig'),
    number('targetPsig', 'Test at', 'psig', { hint: 'the lowest limit above; less only with its reason' }),
    text('reducedBecause', 'Why lower than the limit', { nullable: true }),
    number('volumeFt3', 'Volume of the section', 'ft³'),
    number('gaugePsi', 'Gauge repeats within', 'psi', { hint: 'a good digital gauge: 0.5' }),
    number('thermometerF', 'Thermometer within', '°F', { hint: 'a good clamp: 0.5' }),
  ],
  'stage-listen': [number('psig', 'Stopped at', 'psig'), yes('heard', 'Something hisses')],
  'hold-start': [number('psig', 'Pressure', 'psig'), number('pipeF', 'Pipe, shaded', '°F'), readAt],
  'hold-look': [number('psig', 'Pressure', 'psig'), number('pipeF', 'Pipe, shaded', '°F'), readAt],
  'hold-end': [number('psig', 'Pressure', 'psig'), number('pipeF', 'Pipe, shaded', '°F'), readAt],
  released: [yes('outdoors', 'Slowly, outdoors')],
  'pump-setup': [
    choice('method', 'Way', [
      ['single-deep', 'One deep pull'],
      ['triple', 'Triple, two nitrogen sweeps'],
    ]),
    number('pumpCfm', 'Pump', 'CFM'),
    choice('hoseBoreIn', 'Hose bore, in', [
      [0.18, '0.18'],
      [0.31, '0.31'],
      [0.43, '0.43'],
    ]),
    number('hoseLengthIn', 'Hose length', 'in'),
    number('hoseCount', 'Hoses side by side', '', { whole: true }),
    choice('coresIn', 'Valve cores', [
      [false, 'Out'],
      [true, 'Still in'],
    ]),
    choice('gaugePlace', 'Micron gauge', same('far from the pump', 'at the manifold', 'at the pump'), {
      stacked: true,
    }),
    number('volumeFt3', 'Volume of the section', 'ft³'),
    number('coldestPipeF', 'Coldest pipe', '°F'),
    yes('compressorLocked', 'The compressor cannot start: locked out'),
  ],
  'blank-off': [
    number('microns', 'Pump blanked off, gauge on it', 'µm', { hint: '50 or less is good; above 100 change the oil' }),
  ],
  'oil-change': [text('why', 'Why')],
  microns: [number('microns', 'The gauge shows', 'µm')],
  sweep: [
    number('fromMicrons', 'Pulled to', 'µm'),
    number('psig', 'Nitrogen to', 'psig'),
    number('soakMin', 'Soaked for', 'min'),
  ],
  isolated: [number('microns', 'The gauge shows', 'µm'), readAt],
  standing: [
    { kind: 'pairs', name: 'samples', label: 'Minute and microns, pump valved off at 0' },
    number('coldestPipeF', 'Coldest pipe', '°F'),
  ],
  'vacuum-broken': [
    choice(
      'by',
      'With',
      [
        ['factory charge', 'The factory charge, service valve cracked'],
        ['cylinder', 'The cylinder'],
      ],
      { stacked: true },
    ),
    number('toPsig', 'To', 'psig'),
    yes('gaugeProtected', 'The vacuum gauge was closed off first'),
  ],
  'cylinder-used': [
    { kind: 'cylinder', name: 'cylinderId', label: 'Charging from', use: 'supply' },
    choice('leavesAs', 'It leaves as', [
      ['liquid', 'Liquid'],
      ['vapour', 'Vapour'],
    ]),
  ],
  'scale-drift': [number('driftOz', 'Moved by itself', 'oz'), number('minutes', 'In', 'min')],
  paused: [
    weight('grossOz', 'Cylinder on the scale'),
    yes('valvesShut', 'Service valves and cylinder shut'),
    yes('capsOn', 'Hoses capped'),
  ],
  resumed: [
    weight('grossOz', 'Cylinder on the scale'),
    text('unaccounted', 'Where the difference went', { nullable: true }),
  ],
  'hose-loss': [
    choice('left', 'When its valves were closed the hose was', [
      ['drawn in', 'Drawn into the running system'],
      ['liquid', 'Left full of liquid'],
    ]),
    number('boreIn', 'Hose bore', 'in', { hint: 'nominal 1/4: 0.18; 3/8: 0.31' }),
    number('lengthIn', 'Hose length', 'in'),
    number('spilledOz', 'Spilled or purged', 'oz'),
  ],
  room: [
    number('areaFt2', 'Smallest room or area served', 'ft²'),
    number('releaseHeightFt', 'Height where it would leak', 'ft', {
      hint: 'floor 2, window 3.3, wall 5.9, ceiling 7.2',
    }),
    yes('detector', 'A leak detector starts the blower'),
    number('circulationCfm', 'Flow it then brings', 'CFM', { nullable: true, when: is('detector', true) }),
    number('makerLimitLb', 'Maker’s limit for this room', 'lb', {
      nullable: true,
      hint: 'where its table gives one: it wins, with altitude and leak class',
    }),
  ],
  label: [
    text('place', 'Total charge marked at'),
    yes('valvesSet', 'Service valves set as the maker asks'),
    yes('capsOn', 'Caps and seals on, ports leak-checked'),
  ],
};
