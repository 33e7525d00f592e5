import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import { type Fields, type Look, own } from '@/core/form/field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { type Label, type Said, typed, value } from '@/core/words/said';
import { type EquipmentKind, type LibraryFields, libraryItemSchema } from './library-item';
import { METERING_WORDS } from './plate';
import { tell } from './words';

/** Sizes in a row, as a line table gives them. */
const SIZES_HINT = tell('equipment.sizes-in-a-row');

type Key = keyof LibraryFields;
const { shape } = libraryItemSchema;
const CIRCUIT: readonly EquipmentKind[] = ['outdoor', 'package'];
const COILED: readonly EquipmentKind[] = ['outdoor', 'package', 'coil', 'air-handler'];
const BLOWERS: readonly EquipmentKind[] = ['air-handler', 'furnace', 'package'];
const DUCTED: readonly EquipmentKind[] = ['air-handler', 'furnace', 'coil', 'package'];
const POWERED: readonly EquipmentKind[] = ['outdoor', 'air-handler', 'furnace', 'package'];
const SIZED: readonly EquipmentKind[] = ['outdoor', 'air-handler', 'coil', 'furnace', 'package'];
const FED: readonly EquipmentKind[] = [...POWERED, 'heater-kit', 'soft-starter'];
/** A compressor has these figures, a starter is rated up to them. */
const STARTED: readonly EquipmentKind[] = [...CIRCUIT, 'soft-starter'];
const ADDED: readonly EquipmentKind[] = ['heater-kit', 'thermostat', 'economizer'];

/**
 * The form of one piece of equipment: of all that a library item may hold, what its kind has; what is not asked stands at what
 * means "none". The limits are those of the item itself.
 */
export function libraryFields(kind: EquipmentKind): Fields {
  const asks = (kinds: readonly EquipmentKind[]): Look => (kinds.includes(kind) ? {} : { when: () => false });
  const number = (key: Key, label: Label, unit: string, kinds?: readonly EquipmentKind[], look: Look = {}) => {
    const empty = shape[key].safeParse(null).success ? { start: null, unasked: null } : {};
    return own(shape[key], label, { kind: 'number', unit }, { ...empty, ...(kinds ? asks(kinds) : {}), ...look });
  };
  const pick = (
    key: Key,
    label: Label,
    options: readonly (readonly [string | number | boolean, Label])[],
    unasked: unknown,
    kinds?: readonly EquipmentKind[],
    look: Look = {},
  ) =>
    own(
      shape[key],
      label,
      { kind: 'choice', options, stacked: false },
      { start: unasked, unasked, ...(kinds ? asks(kinds) : {}), ...look },
    );
  const written = (key: Key, label: Label, kinds?: readonly EquipmentKind[], hint?: Said) =>
    own(
      shape[key],
      label,
      { kind: 'text' },
      { start: null, unasked: null, ...(kinds ? asks(kinds) : {}), ...(hint ? { hint } : {}) },
    );
  const names = (...all: string[]) => all.map((n) => [n, value(n)] as const);
  const plain = (...all: string[]) => all.map((n) => [n, typed(n)] as const);
  const ods = [...ACR_INSIDE_IN.keys()].map((od) => [od, typed(`${odText(od)} in`)] as const);
  const yesNo: readonly (readonly [boolean, Said])[] = [
    [true, tell('equipment.yes')],
    [false, tell('equipment.no')],
  ];
  return {
    kind: own(shape.kind, '', { kind: 'hidden' }, { start: kind }),
    maker: own(shape.maker, tell('equipment.maker'), { kind: 'text' }),
    model: own(shape.model, tell('equipment.model'), { kind: 'text' }),
    tons: number('tons', tell('equipment.tons'), 'tons', COILED),
    refrigerant: pick('refrigerant', tell('equipment.refrigerant'), plain(...REFRIGERANTS), null, COILED),
    metering: pick('metering', tell('equipment.metering'), Object.entries(METERING_WORDS), null, COILED),
    stages: pick(
      'stages',
      tell('equipment.stages'),
      [
        ['single', tell('equipment.one-stage')],
        ['two', tell('equipment.two-stages')],
        ['variable', tell('equipment.variable')],
      ],
      'single',
      SIZED,
    ),
    heatPump: pick('heatPump', tell('equipment.heats-too'), yesNo, false, CIRCUIT),
    controls: pick(
      'controls',
      tell('equipment.controls'),
      [
        ['24v', '24 V'],
        ['communicating', tell('equipment.communicating')],
        ['either', tell('equipment.either')],
      ],
      '24v',
      POWERED,
    ),
    conductors: number('conductors', tell('equipment.conductors'), 'wires', POWERED, { unasked: 2 }),
    widthIn: number('widthIn', tell('equipment.width'), 'in', SIZED),
    depthIn: number('depthIn', tell('equipment.depth'), 'in', SIZED),
    heightIn: number('heightIn', tell('equipment.height'), 'in', SIZED),
    weightLb: number('weightLb', tell('equipment.weight-packed'), 'lb', SIZED),
    volts: pick('volts', tell('equipment.volts'), plain('120', '208/230', '240', '208', '460'), '208/230', FED),
    phases: pick('phases', tell('equipment.phases'), plain('1', '3'), '1', FED),
    mcaA: number('mcaA', tell('equipment.mca'), 'A', FED),
    mocpA: number('mocpA', tell('equipment.mocp'), 'A', FED),
    rlaA: number('rlaA', tell('equipment.rla'), 'A', STARTED),
    fanFlaA: number('fanFlaA', tell('equipment.fan-fla'), 'A', CIRCUIT),
    factoryChargeOz: number('factoryChargeOz', tell('equipment.factory-charge'), 'oz', CIRCUIT),
    includedLineFt: number('includedLineFt', tell('equipment.line-included'), 'ft', ['outdoor']),
    liquidOdIn: pick('liquidOdIn', tell('equipment.liquid-line'), ods, null, ['outdoor']),
    vaporOdIn: pick('vaporOdIn', tell('equipment.vapor-line'), ods, null, ['outdoor']),
    longestLineFt: number('longestLineFt', tell('equipment.longest-line'), 'ft', ['outdoor']),
    targetSubcoolingF: number('targetSubcoolingF', tell('equipment.target-subcooling'), '°F', CIRCUIT),
    driers: pick('driers', tell('equipment.driers'), names('none', 'shipped', 'built in'), 'none', CIRCUIT),
    maxEspInWc: number('maxEspInWc', tell('equipment.rated-static'), 'in. w.c.', BLOWERS),
    minCfm: number('minCfm', tell('equipment.least-air'), 'CFM', BLOWERS),
    supplyWidthIn: number('supplyWidthIn', tell('equipment.supply-width'), 'in', DUCTED),
    supplyDepthIn: number('supplyDepthIn', tell('equipment.supply-depth'), 'in', DUCTED),
    returnWidthIn: number('returnWidthIn', tell('equipment.return-width'), 'in', DUCTED),
    returnDepthIn: number('returnDepthIn', tell('equipment.return-depth'), 'in', DUCTED),
    outputBtuh: number('outputBtuh', tell('equipment.heat-output'), 'Btu/h', ['furnace', 'package']),
    riseLowF: number('riseLowF', tell('equipment.rise-from'), '°F', ['furnace', 'package']),
    riseHighF: number('riseHighF', tell('equipment.rise-to'), '°F', ['furnace', 'package']),
    capacity47Btuh: number('capacity47Btuh', tell('equipment.heating-at-47'), 'Btu/h', CIRCUIT, {
      ...(CIRCUIT.includes(kind) ? { when: (a) => a.heatPump === true } : {}),
    }),
    capacity17Btuh: number('capacity17Btuh', tell('equipment.heating-at-17'), 'Btu/h', CIRCUIT, {
      ...(CIRCUIT.includes(kind) ? { when: (a) => a.heatPump === true } : {}),
    }),
    cop47: number('cop47', tell('equipment.cop-at', { outdoorF: 47 }), '', CIRCUIT, {
      ...(CIRCUIT.includes(kind) ? { when: (a) => a.heatPump === true } : {}),
    }),
    cop17: number('cop17', tell('equipment.cop-at', { outdoorF: 17 }), '', CIRCUIT, {
      ...(CIRCUIT.includes(kind) ? { when: (a) => a.heatPump === true } : {}),
    }),
    price: number('price', tell('equipment.price-sold'), ''),
    a2lListed: pick('a2lListed', tell('equipment.listed-for-a2l'), yesNo, false, COILED),
    liquidSizes: written('liquidSizes', tell('equipment.liquid-sizes-allowed'), ['outdoor'], SIZES_HINT),
    vaporSizes: written('vaporSizes', tell('equipment.vapor-sizes-allowed'), ['outdoor'], SIZES_HINT),
    orificeStamp: written('orificeStamp', tell('equipment.orifice-it-lists'), CIRCUIT),
    lraA: number('lraA', tell('equipment.lra'), 'A', STARTED),
    circuits: number('circuits', tell('equipment.circuits-in-it'), '', CIRCUIT),
    lowestF: number('lowestF', tell('equipment.lowest-outdoor'), '°F', CIRCUIT),
    soundDb: number('soundDb', tell('equipment.sound-power'), 'dB', CIRCUIT),
    inputBtuh: number('inputBtuh', tell('equipment.input-all-stages'), 'Btu/h', ['furnace', 'package']),
    altitudeFt: number('altitudeFt', tell('equipment.altitude-without-change'), 'ft', ['furnace', 'package']),
    heaterKw: number('heaterKw', tell('equipment.heater-kw'), 'kW', ['heater-kit', 'air-handler']),
    heatStages: number('heatStages', tell('equipment.stages-of-heat'), '', ['heater-kit', 'thermostat']),
    coolStages: number('coolStages', tell('equipment.stages-of-cooling'), '', ['thermostat']),
    fits: written('fits', tell('equipment.fits-models'), ADDED, tell('equipment.as-its-maker-lists-them')),
    panHot: pick('panHot', tell('equipment.pan-for-over-oil'), yesNo, null, ['coil']),
    outsideAirCfm: number('outsideAirCfm', tell('equipment.least-outside-air'), 'CFM', ['economizer']),
    makerChart: own(
      shape.makerChart,
      tell('equipment.makers-chart'),
      { kind: 'chart' },
      {
        start: null,
        unasked: null,
        when: (a) => CIRCUIT.includes(kind) && a.stages === 'variable',
        hint: tell('equipment.makers-chart-hint'),
      },
    ),
    bookPage: written(
      'bookPage',
      tell('equipment.makers-book-and-page'),
      undefined,
      tell('equipment.where-its-figures-stand'),
    ),
  } satisfies Record<Key, unknown> as Fields;
}
