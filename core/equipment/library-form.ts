import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import { type Fields, type Look, own } from '@/core/form/field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { type Label, type Said, typed, value } from '@/core/words/said';
import { type EquipmentKind, type LibraryFields, libraryItemSchema } from './library-item';
import { METERING_WORDS } from './plate';
import { tell } from './words';

type Key = keyof LibraryFields;
const { shape } = libraryItemSchema;
const CIRCUIT: readonly EquipmentKind[] = ['outdoor', 'package'];
const COILED: readonly EquipmentKind[] = ['outdoor', 'package', 'coil', 'air-handler'];
const BLOWERS: readonly EquipmentKind[] = ['air-handler', 'furnace', 'package'];
const DUCTED: readonly EquipmentKind[] = ['air-handler', 'furnace', 'coil', 'package'];
const POWERED: readonly EquipmentKind[] = ['outdoor', 'air-handler', 'furnace', 'package'];

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
    widthIn: number('widthIn', tell('equipment.width'), 'in'),
    depthIn: number('depthIn', tell('equipment.depth'), 'in'),
    heightIn: number('heightIn', tell('equipment.height'), 'in'),
    weightLb: number('weightLb', tell('equipment.weight-packed'), 'lb'),
    volts: pick('volts', tell('equipment.volts'), plain('120', '208/230', '240', '208', '460'), '208/230', POWERED),
    phases: pick('phases', tell('equipment.phases'), plain('1', '3'), '1', POWERED),
    mcaA: number('mcaA', tell('equipment.mca'), 'A', POWERED),
    mocpA: number('mocpA', tell('equipment.mocp'), 'A', POWERED),
    rlaA: number('rlaA', tell('equipment.rla'), 'A', CIRCUIT),
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
    a2lListed: pick('a2lListed', tell('equipment.listed-for-a2l'), yesNo, false, COILED),
  } satisfies Record<Key, unknown> as Fields;
}
