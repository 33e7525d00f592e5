import type { FitKind } from '@/core/fit/sheets';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

export type FieldDef = { path: string; label: string } & (
  | { kind: 'number'; unit: string; nullable?: boolean }
  | { kind: 'yes-no' }
  | { kind: 'choice'; options: readonly (readonly [string, string])[] }
  | { kind: 'text' }
);
export type Section = {
  title: string;
  fields: FieldDef[] /** Shown only while this part of the record exists. */;
  when?: string /** What the part starts as when it is switched on. */;
  start?: unknown;
};

const n = (path: string, label: string, unit = 'in', nullable = false): FieldDef => ({
  kind: 'number',
  path,
  label,
  unit,
  nullable,
});
const yes = (path: string, label: string): FieldDef => ({ kind: 'yes-no', path, label });
const one = (path: string, label: string, ...options: (readonly [string, string] | string)[]): FieldDef => ({
  kind: 'choice',
  path,
  label,
  options: options.map((o) => (typeof o === 'string' ? [o, say(value(o))] : o)),
});
const rect = (path: string, name: string): FieldDef[] => [
  n(`${path}.x0`, say(tell('web.left-edge', { name }))),
  n(`${path}.x1`, say(tell('web.right-edge', { name }))),
  n(`${path}.y0`, say(tell('web.near-edge', { name }))),
  n(`${path}.y1`, say(tell('web.far-edge', { name }))),
];

/** The figures of each fit sheet, in the order they are measured. Lists have editors of their own. */
export const FIT_FIELDS: Record<FitKind, Section[]> = {
  placement: [
    {
      title: say(tell('web.new-unit')),
      fields: [
        n('unit.widthIn', say(tell('web.width'))),
        n('unit.depthIn', say(tell('web.depth'))),
        n('unit.heightIn', say(tell('web.height'))),
        n('weightLb', say(tell('web.weight-with-packaging')), 'lb', true),
        one('unit.discharge', say(tell('web.blows')), ['up', say(tell('web.up'))], ['side', say(tell('web.sideways'))]),
        yes('heatPump', say(tell('web.heat-pump'))),
      ],
    },
    {
      title: say(tell('web.where-it-stands')),
      fields: [
        n('xIn', say(tell('web.centre-along-wall'))),
        n('yIn', say(tell('web.centre-from-wall'))),
        one(
          'front',
          say(tell('web.front-looks')),
          ['north', say(tell('web.away-from-house'))],
          ['south', say(tell('web.to-house'))],
          ['east', say(value('right'))],
          ['west', say(value('left'))],
        ),
        one('serviceSide', say(tell('web.service-side')), 'front', 'right', 'rear', 'left'),
      ],
    },
    {
      title: say(tell('web.clearances-it-needs')),
      fields: [
        n('required.serviceIn', say(tell('web.service-side'))),
        n('required.otherIn', say(tell('web.other-sides'))),
        n('required.rearIn', say(tell('web.rear'))),
        n('required.frontIn', say(tell('web.front-side-discharge')), 'in', true),
        n('required.aboveIn', say(tell('web.above'))),
        yes('required.fromBook', say(tell('web.from-makers-book'))),
      ],
    },
    {
      title: say(tell('web.ground-and-weather')),
      fields: [
        n('overheadIn', say(tell('web.grade-to-eave')), 'in', true),
        n('padRiseIn', say(tell('web.pad-out-of-level')), 'in', true),
        n('designSnowIn', say(tell('web.design-snow')), 'in', true),
        yes('looseFill', say(tell('web.loose-fill-under-it'))),
        yes('underRunoff', say(tell('web.under-roof-water'))),
        one(
          'dischargesOnto',
          say(tell('web.blows-onto')),
          ['nothing', say(value('nothing'))],
          ['walkway', say(tell('web.walkway'))],
          ['neighbour window', say(tell('web.neighbours-window'))],
        ),
      ],
    },
    {
      title: say(tell('web.flood')),
      when: 'flood',
      start: { designFloodFt: 100, freeboardFt: 1, gradeFt: 100 },
      fields: [
        n('flood.designFloodFt', say(tell('web.design-flood')), 'ft'),
        n('flood.freeboardFt', say(tell('web.freeboard')), 'ft'),
        n('flood.gradeFt', say(tell('web.grade')), 'ft'),
      ],
    },
    {
      title: say(tell('web.working-space-at-disconnect')),
      when: 'disconnectSpace',
      start: { widthIn: 30, depthIn: 36 },
      fields: [
        n('disconnectSpace.widthIn', say(tell('web.clear-width'))),
        n('disconnectSpace.depthIn', say(tell('web.clear-depth'))),
      ],
    },
    {
      title: say(tell('web.old-pad')),
      when: 'oldPad',
      start: { x0: -18, y0: 20, x1: 18, y1: 56 },
      fields: rect('oldPad', say(tell('web.pad'))),
    },
  ],
  route: [
    {
      title: say(tell('web.what-is-carried')),
      fields: [
        { kind: 'text', path: 'piece.label', label: say(tell('web.piece-3')) },
        n('piece.lengthIn', say(tell('web.length'))),
        n('piece.widthIn', say(tell('web.width'))),
        n('piece.heightIn', say(tell('web.height'))),
        n('handlingIn', say(tell('web.kept-for-hands-side'))),
        yes('keepUpright', say(tell('web.must-stay-upright'))),
      ],
    },
  ],
  stack: [
    {
      title: say(tell('web.what-stays')),
      fields: [
        n('plenumIn', say(tell('web.floor-to-plenum-flange'))),
        n('returnTopIn', say(tell('web.floor-to-top-of-return'))),
        n('plenum.widthIn', say(tell('web.plenum-width'))),
        n('plenum.depthIn', say(tell('web.plenum-depth'))),
        n('returnOpening.widthIn', say(tell('web.return-width'))),
        n('returnOpening.depthIn', say(tell('web.return-depth'))),
      ],
    },
    {
      title: say(tell('web.old-equipment')),
      fields: [
        n('old.widthIn', say(tell('web.width'))),
        n('old.depthIn', say(tell('web.depth'))),
        n('old.heightIn', say(tell('web.height'))),
      ],
    },
    {
      title: say(tell('web.new-equipment')),
      fields: [
        n('new.widthIn', say(tell('web.width'))),
        n('new.depthIn', say(tell('web.depth'))),
        n('new.heightIn', say(tell('web.height'))),
        n('coilHeightIn', say(tell('web.cased-coil-above-it')), 'in', true),
        n('raiseIn', say(tell('web.raised-on-base'))),
        n('new.supply.widthIn', say(tell('web.supply-width'))),
        n('new.supply.depthIn', say(tell('web.supply-depth'))),
        n('new.return.widthIn', say(tell('web.return-width'))),
        n('new.return.depthIn', say(tell('web.return-depth'))),
        yes('coilOnOilFurnace', say(tell('web.coil-on-oil-furnace'))),
        one('flow', say(tell('web.air-goes')), ['up', say(value('up'))], ['down', say(value('down'))]),
      ],
    },
    {
      title: say(tell('web.room-round-it')),
      fields: [
        n('closetWidthIn', say(tell('web.closet-clear-width')), 'in', true),
        n('frontRoomIn', say(tell('web.room-in-front')), 'in', true),
        n('frontNeededIn', say(tell('web.room-it-needs'))),
        n('panHeightIn', say(tell('web.pan-height'))),
      ],
    },
  ],
  packaged: [
    {
      title: say(tell('web.which-side-is-which')),
      fields: [
        one('unit.supply', say(tell('web.unit-supply')), 'left', 'right', 'upper', 'lower'),
        one('unit.viewedFrom', say(tell('web.seen-from')), 'the yard', 'inside the house'),
        one('house.supply', say(tell('web.house-supply')), 'left', 'right', 'upper', 'lower'),
        one('house.viewedFrom', say(tell('web.seen-from')), 'the yard', 'inside the house'),
        yes('mirroredVariant', say(tell('web.unit-can-be-had-with-its'))),
      ],
    },
    {
      title: say(tell('web.if-they-cross')),
      fields: [
        n('clearBelowIn', say(tell('web.clear-height-below'))),
        n('supplyOdIn', say(tell('web.supply-duct-with-cover'))),
        n('box.aIn', say(tell('web.box-across-duct'))),
        n('box.bIn', say(tell('web.box-along-it'))),
        n('cfm', say(tell('web.air')), 'CFM'),
      ],
    },
    {
      title: say(tell('web.levels')),
      fields: [
        n('unitOpeningIn', say(tell('web.unit-base-to-opening'))),
        n('houseOpeningIn', say(tell('web.grade-to-house-opening'))),
        n('gapToWallIn', say(tell('web.unit-to-wall'))),
        n('unitDrainIn', say(tell('web.unit-base-to-drain'))),
        n('drainInletIn', say(tell('web.grade-to-drain-inlet'))),
        n('hoodRunIn', say(tell('web.hood-from-wall'))),
      ],
    },
  ],
  curb: [
    {
      title: say(tell('web.adapter-and-air')),
      fields: [
        n('adapterHeightIn', say(tell('web.adapter-height'))),
        n('toleranceIn', say(tell('web.tape-tolerance'))),
        n('cfm', say(tell('web.air')), 'CFM'),
        n('oldWeightLb', say(tell('web.old-weight')), 'lb', true),
        n('newWeightLb', say(tell('web.new-weight-with-adapter')), 'lb', true),
      ],
    },
    {
      title: say(tell('web.unit-from-near-left-corner')),
      fields: [
        ...rect('unitBase', say(tell('web.base'))),
        ...rect('unitSupply', say(tell('web.supply'))),
        ...rect('unitReturn', say(tell('web.return'))),
      ],
    },
    {
      title: say(tell('web.curb-from-same-corner')),
      fields: [
        ...rect('curbOutside', say(tell('web.outside'))),
        ...rect('curbSupply', say(tell('web.supply'))),
        ...rect('curbReturn', say(tell('web.return'))),
      ],
    },
  ],
  air: [
    {
      title: say(tell('web.system')),
      fields: [
        n('tons', say(tell('web.size')), 'tons'),
        n('cfmPerTon', say(tell('web.air')), 'CFM/ton'),
        n('trunkExistingIn', say(tell('web.trunk-there-now')), 'in', true),
        n('trunkHeightIn', say(tell('web.made-rectangular-height')), 'in', true),
      ],
    },
    {
      title: say(tell('web.static-budget')),
      fields: [
        n('budget.ratedEspInWc', say(tell('web.blower-delivers')), say(tell('web.in-w-c'))),
        n('budget.coilInWc', say(tell('web.wet-coil')), say(tell('web.in-w-c'))),
        n('budget.filterInWc', say(tell('web.filter')), say(tell('web.in-w-c'))),
        n('budget.grilleInWc', say(tell('web.grille')), say(tell('web.in-w-c'))),
        n('budget.registerInWc', say(tell('web.register')), say(tell('web.in-w-c'))),
        n('budget.dampersInWc', say(tell('web.dampers')), say(tell('web.in-w-c'))),
        n('budget.longestFt', say(tell('web.longest-effective-length')), 'ft'),
      ],
    },
    {
      title: say(tell('web.media-cabinet')),
      when: 'cabinet',
      start: { widthIn: 20, heightIn: 25 },
      fields: [n('cabinet.widthIn', say(tell('web.width'))), n('cabinet.heightIn', say(tell('web.height')))],
    },
    {
      title: say(tell('web.zones')),
      when: 'zoning',
      start: { smallestZoneCfm: 400, equipmentMinCfm: null, bypassShare: 0, returnF: 75, coilDropF: 18 },
      fields: [
        n('zoning.smallestZoneCfm', say(tell('web.smallest-zone')), 'CFM'),
        n('zoning.equipmentMinCfm', say(tell('web.machines-least-air')), 'CFM', true),
        n('zoning.bypassShare', say(tell('web.bypassed-share')), say(tell('web.0-to-0-8'))),
        n('zoning.returnF', say(tell('web.return-air')), '°F'),
        n('zoning.coilDropF', say(tell('web.drop-across-coil')), '°F'),
      ],
    },
  ],
  drain: [
    {
      title: say(tell('web.line')),
      fields: [
        n('runFt', say(tell('web.run')), 'ft'),
        n('fallIn', say(tell('web.fall-end-to-end')), 'in', true),
        n('latentBtuh', say(tell('web.latent-load')), say(tell('web.btu-h'))),
        yes('sags', say(tell('web.sags-on-way'))),
        yes('hotAttic', say(tell('web.through-hot-attic'))),
        n('insulatedFt', say(tell('web.insulated')), 'ft'),
        yes('outdoorTrapFreezes', say(tell('web.trap-where-it-freezes'))),
      ],
    },
    {
      title: say(tell('web.trap')),
      fields: [
        one(
          'arrangement',
          say(tell('web.coil-2')),
          ['draw-through', say(value('draw-through'))],
          ['blow-through', say(value('blow-through'))],
        ),
        n('negativeStaticInWc', say(tell('web.suction-at-drain')), say(tell('web.in-w-c')), true),
        yes('trapInside', say(tell('web.trap-inside-appliance'))),
      ],
    },
    {
      title: say(tell('web.floats-and-secondary')),
      fields: [
        yes('overFinishedSpace', say(tell('web.over-finished-space'))),
        one('primaryFloat', say(tell('web.primary-float')), 'none', 'wired', 'tested with water'),
        one('panFloat', say(tell('web.pan-float')), 'none', 'wired', 'tested with water'),
        one(
          'secondary',
          say(tell('web.secondary')),
          ['own conspicuous termination', say(tell('web.own-end-in-sight'))],
          ['into the pan', say(tell('web.into-pan'))],
          ['none', say(value('none'))],
        ),
      ],
    },
    {
      title: say(tell('web.pan')),
      when: 'pan',
      start: { widthIn: 30, lengthIn: 36, tripDepthIn: 1 },
      fields: [
        n('pan.widthIn', say(tell('web.width'))),
        n('pan.lengthIn', say(tell('web.length'))),
        n('pan.tripDepthIn', say(tell('web.float-trips-at'))),
      ],
    },
    {
      title: say(tell('web.pump')),
      when: 'pump',
      start: { gphAtLift: 10, switchWired: false },
      fields: [
        n('pump.gphAtLift', say(tell('web.at-lift')), 'gal/h'),
        yes('pump.switchWired', say(tell('web.overflow-switch-wired'))),
      ],
    },
    {
      title: say(tell('web.more')),
      fields: [
        yes('belowDrain', say(tell('web.drain-lies-higher-than-unit'))),
        n('furnaceInputBtuh', say(tell('web.condensing-furnace-input')), say(tell('web.btu-h')), true),
      ],
    },
  ],
  selection: [
    {
      title: say(tell('web.chosen')),
      fields: [
        n('tons', say(tell('web.size')), 'tons'),
        one(
          'stages',
          say(tell('web.stages')),
          ['single', say(value('single'))],
          ['two', say(value('two'))],
          ['variable', say(value('variable'))],
        ),
        n('areaFt2', say(tell('web.floor-area')), 'ft²', true),
      ],
    },
    {
      title: say(tell('web.load-calculation')),
      when: 'load',
      start: {
        source: say(tell('web.who-made-it')),
        date: '2026-01-01',
        coolingSensibleBtuh: 24000,
        coolingLatentBtuh: 6000,
        heatLossBtuh: 36000,
        summerDesignF: 92,
        winterDesignF: 17,
      },
      fields: [
        { kind: 'text', path: 'load.source', label: say(tell('web.made-by-with')) },
        { kind: 'text', path: 'load.date', label: say(tell('web.date-yyyy-mm-dd')) },
        n('load.coolingSensibleBtuh', say(tell('web.sensible-cooling')), say(tell('web.btu-h'))),
        n('load.coolingLatentBtuh', say(tell('web.latent-cooling')), say(tell('web.btu-h'))),
        n('load.heatLossBtuh', say(tell('web.heat-loss')), say(tell('web.btu-h'))),
        n('load.summerDesignF', say(tell('web.summer-design')), '°F'),
        n('load.winterDesignF', say(tell('web.winter-design')), '°F'),
      ],
    },
    {
      title: say(tell('web.heat-pump')),
      when: 'heatPump',
      start: { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: 60, frostDent: true, stripKw: 10 },
      fields: [
        n('heatPump.capacity47Btuh', say(tell('web.gives-at-47-f')), say(tell('web.btu-h'))),
        n('heatPump.capacity17Btuh', say(tell('web.gives-at-17-f')), say(tell('web.btu-h'))),
        n('heatPump.noLoadF', say(tell('web.house-needs-none-above')), '°F'),
        n('heatPump.stripKw', say(tell('web.auxiliary-strips')), 'kW'),
        yes('heatPump.frostDent', say(tell('web.frost-dent'))),
      ],
    },
    {
      title: say(tell('web.furnace')),
      when: 'furnace',
      start: { outputBtuh: 76000, cfm: 1200, riseLowF: 35, riseHighF: 65 },
      fields: [
        n('furnace.outputBtuh', say(tell('web.output')), say(tell('web.btu-h'))),
        n('furnace.cfm', say(tell('web.air')), 'CFM'),
        n('furnace.riseLowF', say(tell('web.rise-on-plate-from')), '°F'),
        n('furnace.riseHighF', 'to', '°F'),
      ],
    },
  ],
};

/** Columns of the lists: branches, returns, obstacles, gates. */
export type ListDef = {
  path: string;
  title: string;
  add: string;
  start: (id: string) => Record<string, unknown>;
  fields: FieldDef[];
};

const branchFields: FieldDef[] = [
  { kind: 'text', path: 'name', label: say(tell('web.room')) },
  n('cfm', say(tell('web.air')), 'CFM'),
  n('existingIn', say(tell('web.there-now')), 'in', true),
  one('kind', say(tell('web.made-of')), ['flex', say(value('flex'))], ['metal', say(value('metal'))]),
  n('slackPct', say(tell('web.slack')), '%'),
];
const branch = (id: string) => ({ id, name: 'Room', cfm: 100, kind: 'flex', existingIn: null, slackPct: 4 });

export const FIT_LISTS: Partial<Record<FitKind, ListDef[]>> = {
  placement: [
    {
      path: 'obstacles',
      title: say(tell('web.walls-fences-plants-meters')),
      add: say(tell('web.add-obstacle')),
      start: (id) => ({ id, label: say(tell('web.fence')), kind: 'fence', x0: 30, y0: 0, x1: 30, y1: 80 }),
      fields: [
        { kind: 'text', path: 'label', label: say(tell('web.what')) },
        one('kind', say(tell('web.kind')), 'wall', 'fence', 'plant', 'meter', 'vent', 'other'),
        n('x0', say(tell('web.from-along'))),
        n('y0', say(tell('web.from-out'))),
        n('x1', say(tell('web.to-along'))),
        n('y1', say(tell('web.to-out'))),
      ],
    },
    {
      path: 'gates',
      title: say(tell('web.gates-and-how-they-swing')),
      add: say(tell('web.add-gate')),
      start: (id) => ({
        id,
        label: say(tell('web.gate')),
        hingeXIn: 40,
        hingeYIn: 80,
        widthIn: 36,
        closedDeg: 0,
        swingDeg: -90,
      }),
      fields: [
        { kind: 'text', path: 'label', label: say(tell('web.what')) },
        n('hingeXIn', say(tell('web.hinge-along'))),
        n('hingeYIn', say(tell('web.hinge-out'))),
        n('widthIn', say(tell('web.width'))),
        n('closedDeg', say(tell('web.closed-at')), '°'),
        n('swingDeg', say(tell('web.swings-by')), '°'),
      ],
    },
  ],
  air: [
    {
      path: 'plenum',
      title: say(tell('web.runs-straight-off-plenum')),
      add: say(tell('web.add-run')),
      start: branch,
      fields: branchFields,
    },
    {
      path: 'trunk',
      title: say(tell('web.runs-off-trunk-in-order')),
      add: say(tell('web.add-run')),
      start: branch,
      fields: branchFields,
    },
    {
      path: 'returns',
      title: say(tell('web.return-grilles')),
      add: say(tell('web.add-return')),
      start: (id) => ({ id, name: 'Hall grille', widthIn: 20, heightIn: 20, filter: true, freeShare: 0.7 }),
      fields: [
        { kind: 'text', path: 'name', label: say(tell('web.where')) },
        n('widthIn', say(tell('web.width'))),
        n('heightIn', say(tell('web.height'))),
        n('freeShare', say(tell('web.free-share')), say(tell('web.0-3-to-1'))),
        yes('filter', say(tell('web.filter-in-it'))),
      ],
    },
  ],
};

/** The route's stages are of three kinds, each with its own figures. */
export const STAGE_FIELDS = {
  opening: [n('widthIn', say(tell('web.width'))), n('heightIn', say(tell('web.height')))],
  corner: [n('aIn', say(tell('web.corridor-before'))), n('bIn', say(tell('web.corridor-after')))],
  hatch: [
    n('lengthIn', say(tell('web.length'))),
    n('widthIn', say(tell('web.width'))),
    n('curbIn', say(tell('web.frame-depth'))),
    n('headroomIn', say(tell('web.roof-above'))),
  ],
} as const satisfies Record<string, FieldDef[]>;
export const STAGE_STARTS = {
  opening: (id: string) => ({ kind: 'opening', id, label: say(tell('web.door')), widthIn: 32, heightIn: 80 }),
  corner: (id: string) => ({ kind: 'corner', id, label: say(tell('web.corridor-corner')), aIn: 36, bIn: 36 }),
  hatch: (id: string) => ({
    kind: 'hatch',
    id,
    label: say(tell('web.attic-hatch')),
    lengthIn: 30,
    widthIn: 22,
    curbIn: 8,
    headroomIn: 60,
  }),
} as const;
