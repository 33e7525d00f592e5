import type { FitKind } from '@/core/fit/sheets';

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
  options: options.map((o) => (typeof o === 'string' ? [o, o] : o)),
});
const rect = (path: string, name: string): FieldDef[] => [
  n(`${path}.x0`, `${name}, left edge`),
  n(`${path}.x1`, `${name}, right edge`),
  n(`${path}.y0`, `${name}, near edge`),
  n(`${path}.y1`, `${name}, far edge`),
];

/** The figures of each fit sheet, in the order they are measured. Lists have editors of their own. */
export const FIT_FIELDS: Record<FitKind, Section[]> = {
  placement: [
    {
      title: 'New unit',
      fields: [
        n('unit.widthIn', 'Width'),
        n('unit.depthIn', 'Depth'),
        n('unit.heightIn', 'Height'),
        n('weightLb', 'Weight with packaging', 'lb', true),
        one('unit.discharge', 'Blows', ['up', 'Up'], ['side', 'Sideways']),
        yes('heatPump', 'Heat pump'),
      ],
    },
    {
      title: 'Where it stands',
      fields: [
        n('xIn', 'Centre, along the wall'),
        n('yIn', 'Centre, from the wall'),
        one(
          'front',
          'Front looks',
          ['north', 'away from the house'],
          ['south', 'to the house'],
          ['east', 'right'],
          ['west', 'left'],
        ),
        one('serviceSide', 'Service side', 'front', 'right', 'rear', 'left'),
      ],
    },
    {
      title: 'Clearances it needs',
      fields: [
        n('required.serviceIn', 'Service side'),
        n('required.otherIn', 'Other sides'),
        n('required.rearIn', 'Rear'),
        n('required.frontIn', 'Front, side-discharge', 'in', true),
        n('required.aboveIn', 'Above'),
        yes('required.fromBook', 'From the maker’s book'),
      ],
    },
    {
      title: 'Ground and weather',
      fields: [
        n('overheadIn', 'Grade to eave', 'in', true),
        n('padRiseIn', 'Pad out of level', 'in', true),
        n('designSnowIn', 'Design snow', 'in', true),
        yes('looseFill', 'Loose fill under it'),
        yes('underRunoff', 'Under roof water'),
        one(
          'dischargesOnto',
          'Blows onto',
          ['nothing', 'nothing'],
          ['walkway', 'a walkway'],
          ['neighbour window', 'a neighbour’s window'],
        ),
      ],
    },
    {
      title: 'Flood',
      when: 'flood',
      start: { designFloodFt: 100, freeboardFt: 1, gradeFt: 100 },
      fields: [
        n('flood.designFloodFt', 'Design flood', 'ft'),
        n('flood.freeboardFt', 'Freeboard', 'ft'),
        n('flood.gradeFt', 'Grade', 'ft'),
      ],
    },
    {
      title: 'Working space at the disconnect',
      when: 'disconnectSpace',
      start: { widthIn: 30, depthIn: 36 },
      fields: [n('disconnectSpace.widthIn', 'Clear width'), n('disconnectSpace.depthIn', 'Clear depth')],
    },
    { title: 'Old pad', when: 'oldPad', start: { x0: -18, y0: 20, x1: 18, y1: 56 }, fields: rect('oldPad', 'Pad') },
  ],
  route: [
    {
      title: 'What is carried',
      fields: [
        { kind: 'text', path: 'piece.label', label: 'Piece' },
        n('piece.lengthIn', 'Length'),
        n('piece.widthIn', 'Width'),
        n('piece.heightIn', 'Height'),
        n('handlingIn', 'Kept for hands, a side'),
        yes('keepUpright', 'Must stay upright'),
      ],
    },
  ],
  stack: [
    {
      title: 'What stays',
      fields: [
        n('plenumIn', 'Floor to plenum flange'),
        n('returnTopIn', 'Floor to top of return'),
        n('plenum.widthIn', 'Plenum width'),
        n('plenum.depthIn', 'Plenum depth'),
        n('returnOpening.widthIn', 'Return width'),
        n('returnOpening.depthIn', 'Return depth'),
      ],
    },
    {
      title: 'Old equipment',
      fields: [n('old.widthIn', 'Width'), n('old.depthIn', 'Depth'), n('old.heightIn', 'Height')],
    },
    {
      title: 'New equipment',
      fields: [
        n('new.widthIn', 'Width'),
        n('new.depthIn', 'Depth'),
        n('new.heightIn', 'Height'),
        n('coilHeightIn', 'Cased coil above it', 'in', true),
        n('raiseIn', 'Raised on a base'),
        n('new.supply.widthIn', 'Supply width'),
        n('new.supply.depthIn', 'Supply depth'),
        n('new.return.widthIn', 'Return width'),
        n('new.return.depthIn', 'Return depth'),
        yes('coilOnOilFurnace', 'Coil on an oil furnace'),
        one('flow', 'Air goes', ['up', 'up'], ['down', 'down']),
      ],
    },
    {
      title: 'Room round it',
      fields: [
        n('closetWidthIn', 'Closet, clear width', 'in', true),
        n('frontRoomIn', 'Room in front', 'in', true),
        n('frontNeededIn', 'Room it needs'),
        n('panHeightIn', 'Pan height'),
      ],
    },
  ],
  packaged: [
    {
      title: 'Which side is which',
      fields: [
        one('unit.supply', 'Unit: supply', 'left', 'right', 'upper', 'lower'),
        one('unit.viewedFrom', 'Seen from', 'the yard', 'inside the house'),
        one('house.supply', 'House: supply', 'left', 'right', 'upper', 'lower'),
        one('house.viewedFrom', 'Seen from', 'the yard', 'inside the house'),
        yes('mirroredVariant', 'Unit can be had with its sides swapped'),
      ],
    },
    {
      title: 'If they cross',
      fields: [
        n('clearBelowIn', 'Clear height below'),
        n('supplyOdIn', 'Supply duct with cover'),
        n('box.aIn', 'Box across the duct'),
        n('box.bIn', 'Box along it'),
        n('cfm', 'Air', 'CFM'),
      ],
    },
    {
      title: 'Levels',
      fields: [
        n('unitOpeningIn', 'Unit base to opening'),
        n('houseOpeningIn', 'Grade to house opening'),
        n('gapToWallIn', 'Unit to wall'),
        n('unitDrainIn', 'Unit base to drain'),
        n('drainInletIn', 'Grade to drain inlet'),
        n('hoodRunIn', 'Hood from the wall'),
      ],
    },
  ],
  curb: [
    {
      title: 'Adapter and air',
      fields: [
        n('adapterHeightIn', 'Adapter height'),
        n('toleranceIn', 'Tape tolerance'),
        n('cfm', 'Air', 'CFM'),
        n('oldWeightLb', 'Old weight', 'lb', true),
        n('newWeightLb', 'New weight, with adapter', 'lb', true),
      ],
    },
    {
      title: 'Unit, from the near left corner',
      fields: [...rect('unitBase', 'Base'), ...rect('unitSupply', 'Supply'), ...rect('unitReturn', 'Return')],
    },
    {
      title: 'Curb, from the same corner',
      fields: [...rect('curbOutside', 'Outside'), ...rect('curbSupply', 'Supply'), ...rect('curbReturn', 'Return')],
    },
  ],
  air: [
    {
      title: 'System',
      fields: [
        n('tons', 'Size', 'tons'),
        n('cfmPerTon', 'Air', 'CFM/ton'),
        n('trunkExistingIn', 'Trunk there now', 'in', true),
        n('trunkHeightIn', 'Made rectangular, height', 'in', true),
      ],
    },
    {
      title: 'Static budget',
      fields: [
        n('budget.ratedEspInWc', 'Blower delivers', 'in. w.c.'),
        n('budget.coilInWc', 'Wet coil', 'in. w.c.'),
        n('budget.filterInWc', 'Filter', 'in. w.c.'),
        n('budget.grilleInWc', 'Grille', 'in. w.c.'),
        n('budget.registerInWc', 'Register', 'in. w.c.'),
        n('budget.dampersInWc', 'Dampers', 'in. w.c.'),
        n('budget.longestFt', 'Longest effective length', 'ft'),
      ],
    },
    {
      title: 'Media cabinet',
      when: 'cabinet',
      start: { widthIn: 20, heightIn: 25 },
      fields: [n('cabinet.widthIn', 'Width'), n('cabinet.heightIn', 'Height')],
    },
    {
      title: 'Zones',
      when: 'zoning',
      start: { smallestZoneCfm: 400, equipmentMinCfm: null, bypassShare: 0, returnF: 75, coilDropF: 18 },
      fields: [
        n('zoning.smallestZoneCfm', 'Smallest zone', 'CFM'),
        n('zoning.equipmentMinCfm', 'Machine’s least air', 'CFM', true),
        n('zoning.bypassShare', 'Bypassed share', '0 to 0.8'),
        n('zoning.returnF', 'Return air', '°F'),
        n('zoning.coilDropF', 'Drop across the coil', '°F'),
      ],
    },
  ],
  drain: [
    {
      title: 'Line',
      fields: [
        n('runFt', 'Run', 'ft'),
        n('fallIn', 'Fall, end to end', 'in', true),
        n('latentBtuh', 'Latent load', 'Btu/h'),
        yes('sags', 'Sags on the way'),
        yes('hotAttic', 'Through a hot attic'),
        n('insulatedFt', 'Insulated', 'ft'),
        yes('outdoorTrapFreezes', 'Trap where it freezes'),
      ],
    },
    {
      title: 'Trap',
      fields: [
        one('arrangement', 'Coil', ['draw-through', 'draw-through'], ['blow-through', 'blow-through']),
        n('negativeStaticInWc', 'Suction at the drain', 'in. w.c.', true),
        yes('trapInside', 'Trap inside the appliance'),
      ],
    },
    {
      title: 'Floats and secondary',
      fields: [
        yes('overFinishedSpace', 'Over a finished space'),
        one('primaryFloat', 'Primary float', 'none', 'wired', 'tested with water'),
        one('panFloat', 'Pan float', 'none', 'wired', 'tested with water'),
        one(
          'secondary',
          'Secondary',
          ['own conspicuous termination', 'own end, in sight'],
          ['into the pan', 'into the pan'],
          ['none', 'none'],
        ),
      ],
    },
    {
      title: 'Pan',
      when: 'pan',
      start: { widthIn: 30, lengthIn: 36, tripDepthIn: 1 },
      fields: [n('pan.widthIn', 'Width'), n('pan.lengthIn', 'Length'), n('pan.tripDepthIn', 'Float trips at')],
    },
    {
      title: 'Pump',
      when: 'pump',
      start: { gphAtLift: 10, switchWired: false },
      fields: [n('pump.gphAtLift', 'At the lift', 'gal/h'), yes('pump.switchWired', 'Overflow switch wired')],
    },
    {
      title: 'More',
      fields: [
        yes('belowDrain', 'Drain lies higher than the unit'),
        n('furnaceInputBtuh', 'Condensing furnace input', 'Btu/h', true),
      ],
    },
  ],
  selection: [
    {
      title: 'Chosen',
      fields: [
        n('tons', 'Size', 'tons'),
        one('stages', 'Stages', ['single', 'single'], ['two', 'two'], ['variable', 'variable']),
        n('areaFt2', 'Floor area', 'ft²', true),
      ],
    },
    {
      title: 'Load calculation',
      when: 'load',
      start: {
        source: 'who made it',
        date: '2026-01-01',
        coolingSensibleBtuh: 24000,
        coolingLatentBtuh: 6000,
        heatLossBtuh: 36000,
        summerDesignF: 92,
        winterDesignF: 17,
      },
      fields: [
        { kind: 'text', path: 'load.source', label: 'Made by, with' },
        { kind: 'text', path: 'load.date', label: 'Date, YYYY-MM-DD' },
        n('load.coolingSensibleBtuh', 'Sensible cooling', 'Btu/h'),
        n('load.coolingLatentBtuh', 'Latent cooling', 'Btu/h'),
        n('load.heatLossBtuh', 'Heat loss', 'Btu/h'),
        n('load.summerDesignF', 'Summer design', '°F'),
        n('load.winterDesignF', 'Winter design', '°F'),
      ],
    },
    {
      title: 'Heat pump',
      when: 'heatPump',
      start: { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: 60, frostDent: true, stripKw: 10 },
      fields: [
        n('heatPump.capacity47Btuh', 'Gives at 47 °F', 'Btu/h'),
        n('heatPump.capacity17Btuh', 'Gives at 17 °F', 'Btu/h'),
        n('heatPump.noLoadF', 'House needs none above', '°F'),
        n('heatPump.stripKw', 'Auxiliary strips', 'kW'),
        yes('heatPump.frostDent', 'Frost dent'),
      ],
    },
    {
      title: 'Furnace',
      when: 'furnace',
      start: { outputBtuh: 76000, cfm: 1200, riseLowF: 35, riseHighF: 65 },
      fields: [
        n('furnace.outputBtuh', 'Output', 'Btu/h'),
        n('furnace.cfm', 'Air', 'CFM'),
        n('furnace.riseLowF', 'Rise on the plate, from', '°F'),
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
  { kind: 'text', path: 'name', label: 'Room' },
  n('cfm', 'Air', 'CFM'),
  n('existingIn', 'There now', 'in', true),
  one('kind', 'Made of', ['flex', 'flex'], ['metal', 'metal']),
  n('slackPct', 'Slack', '%'),
];
const branch = (id: string) => ({ id, name: 'Room', cfm: 100, kind: 'flex', existingIn: null, slackPct: 4 });

export const FIT_LISTS: Partial<Record<FitKind, ListDef[]>> = {
  placement: [
    {
      path: 'obstacles',
      title: 'Walls, fences, plants, meters',
      add: 'Add an obstacle',
      start: (id) => ({ id, label: 'Fence', kind: 'fence', x0: 30, y0: 0, x1: 30, y1: 80 }),
      fields: [
        { kind: 'text', path: 'label', label: 'What' },
        one('kind', 'Kind', 'wall', 'fence', 'plant', 'meter', 'vent', 'other'),
        n('x0', 'From, along'),
        n('y0', 'From, out'),
        n('x1', 'To, along'),
        n('y1', 'To, out'),
      ],
    },
    {
      path: 'gates',
      title: 'Gates and how they swing',
      add: 'Add a gate',
      start: (id) => ({ id, label: 'Gate', hingeXIn: 40, hingeYIn: 80, widthIn: 36, closedDeg: 0, swingDeg: -90 }),
      fields: [
        { kind: 'text', path: 'label', label: 'What' },
        n('hingeXIn', 'Hinge, along'),
        n('hingeYIn', 'Hinge, out'),
        n('widthIn', 'Width'),
        n('closedDeg', 'Closed at', '°'),
        n('swingDeg', 'Swings by', '°'),
      ],
    },
  ],
  air: [
    { path: 'plenum', title: 'Runs straight off the plenum', add: 'Add a run', start: branch, fields: branchFields },
    { path: 'trunk', title: 'Runs off the trunk, in order', add: 'Add a run', start: branch, fields: branchFields },
    {
      path: 'returns',
      title: 'Return grilles',
      add: 'Add a return',
      start: (id) => ({ id, name: 'Hall grille', widthIn: 20, heightIn: 20, filter: true, freeShare: 0.7 }),
      fields: [
        { kind: 'text', path: 'name', label: 'Where' },
        n('widthIn', 'Width'),
        n('heightIn', 'Height'),
        n('freeShare', 'Free share', '0.3 to 1'),
        yes('filter', 'Filter in it'),
      ],
    },
  ],
};

/** The route's stages are of three kinds, each with its own figures. */
export const STAGE_FIELDS = {
  opening: [n('widthIn', 'Width'), n('heightIn', 'Height')],
  corner: [n('aIn', 'Corridor before'), n('bIn', 'Corridor after')],
  hatch: [n('lengthIn', 'Length'), n('widthIn', 'Width'), n('curbIn', 'Frame depth'), n('headroomIn', 'Roof above')],
} as const satisfies Record<string, FieldDef[]>;
export const STAGE_STARTS = {
  opening: (id: string) => ({ kind: 'opening', id, label: 'Door', widthIn: 32, heightIn: 80 }),
  corner: (id: string) => ({ kind: 'corner', id, label: 'Corridor corner', aIn: 36, bIn: 36 }),
  hatch: (id: string) => ({
    kind: 'hatch',
    id,
    label: 'Attic hatch',
    lengthIn: 30,
    widthIn: 22,
    curbIn: 8,
    headroomIn: 60,
  }),
} as const;
