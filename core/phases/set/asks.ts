import { type Ask, askRow } from '@/core/phases/checks/ask';
import type { Said } from '@/core/words/said';
import { tell } from './words';

/** The parts of the work of setting, in their order. */
export const SET_GROUPS = ['base', 'clear', 'roof', 'indoor', 'ducts', 'water', 'closing'] as const;
export type SetGroup = (typeof SET_GROUPS)[number];

export const GROUP_WORDS: Readonly<Record<SetGroup, Said>> = {
  base: tell('set.group-base'),
  clear: tell('set.group-clear'),
  roof: tell('set.group-roof'),
  indoor: tell('set.group-indoor'),
  ducts: tell('set.group-ducts'),
  water: tell('set.group-water'),
  closing: tell('set.group-closing'),
};

const COMMON = tell('set.common-practice');
const MAKER = tell('set.makers-instructions');
const LOCAL = tell('set.local-code-and-maker');
const LABEL = tell('set.label-of-tape-or-mastic-ul-181');
const DESIGN = tell('set.house-rule-maker-wins');
const FIT = tell('set.fit-sheet-as-measured-before');

const of = askRow<SetGroup>;

/** Every check there is, by its id; which of them a job asks follows from its scope and its fit sheets. */
export const SET_ASKS = {
  'pad-bears': of(['base', 'tap', tell('set.pad-bears'), tell('set.pad-bears-fails'), COMMON]),
  'pad-rise': of(['base', 'in', tell('set.pad-rise'), tell('set.pad-rise-fails'), COMMON]),
  'unit-level': of(['base', 'in/ft', tell('set.unit-level'), tell('set.unit-level-fails'), MAKER]),
  'stand-height': of(['base', 'in', tell('set.stand-height'), tell('set.stand-height-fails'), FIT]),
  anchors: of(['base', 'tap', tell('set.anchors'), tell('set.anchors-fails'), LOCAL]),
  bracket: of(['base', 'tap', tell('set.bracket'), tell('set.bracket-fails'), MAKER, true]),
  'base-holes': of(['base', 'tap', tell('set.base-holes'), tell('set.base-holes-fails'), MAKER]),
  'defrost-water': of(['base', 'tap', tell('set.defrost-water'), tell('set.defrost-water-fails'), COMMON]),
  flood: of(['base', 'tap', tell('set.flood'), tell('set.flood-fails'), LOCAL]),
  'clear-service': of(['clear', 'in', tell('set.clear-service'), tell('set.clear-fails'), FIT]),
  'clear-other': of(['clear', 'in', tell('set.clear-other'), tell('set.clear-fails'), FIT]),
  'clear-front': of(['clear', 'in', tell('set.clear-front'), tell('set.clear-fails'), FIT]),
  'clear-above': of(['clear', 'in', tell('set.clear-above'), tell('set.clear-fails'), FIT]),
  'gate-back': of(['clear', 'tap', tell('set.gate-back'), tell('set.gate-back-fails'), COMMON]),
  stacked: of(['clear', 'tap', tell('set.stacked'), tell('set.stacked-fails'), MAKER]),
  runoff: of(['clear', 'tap', tell('set.runoff'), tell('set.runoff-fails'), COMMON]),
  'hail-guard': of(['clear', 'tap', tell('set.hail-guard'), tell('set.hail-guard-fails'), MAKER]),
  sound: of(['clear', 'dBA', tell('set.sound'), tell('set.sound-fails'), LOCAL]),
  'curb-gasket': of(['roof', 'tap', tell('set.curb-gasket'), tell('set.curb-gasket-fails'), MAKER]),
  'shipping-out': of(['roof', 'tap', tell('set.shipping-out'), tell('set.shipping-out-fails'), MAKER]),
  seated: of(['roof', 'tap', tell('set.seated'), tell('set.seated-fails'), MAKER]),
  'roof-level': of(['roof', 'in/ft', tell('set.unit-level'), tell('set.unit-level-fails'), MAKER]),
  'drop-sealed': of(['roof', 'seal', tell('set.drop-sealed'), tell('set.joint-fails'), LABEL]),
  'unused-openings': of(['roof', 'tap', tell('set.unused-openings'), tell('set.unused-openings-fails'), MAKER]),
  'roof-whole': of(['roof', 'picture', tell('set.roof-whole'), tell('set.roof-whole-fails'), COMMON]),
  'indoor-level': of(['indoor', 'in/ft', tell('set.indoor-level'), tell('set.unit-level-fails'), MAKER]),
  hangers: of(['indoor', 'tap', tell('set.hangers'), tell('set.hangers-fails'), MAKER, true]),
  vibration: of(['indoor', 'tap', tell('set.vibration'), tell('set.vibration-fails'), COMMON]),
  'service-room': of(['indoor', 'in', tell('set.service-room'), tell('set.service-room-fails'), MAKER]),
  'filter-pull': of(['indoor', 'in', tell('set.filter-pull'), tell('set.filter-pull-fails'), COMMON]),
  'filter-coil': of(['indoor', 'in', tell('set.filter-coil'), tell('set.filter-coil-fails'), DESIGN]),
  'walk-free': of(['indoor', 'tap', tell('set.walk-free'), tell('set.walk-free-fails'), LOCAL]),
  panels: of(['indoor', 'tap', tell('set.panels'), tell('set.panels-fails'), MAKER]),
  'joint-plenum': of(['ducts', 'seal', tell('set.joint-plenum'), tell('set.joint-fails'), LABEL]),
  'joint-return': of(['ducts', 'seal', tell('set.joint-return'), tell('set.joint-fails'), LABEL]),
  'joint-coil': of(['ducts', 'seal', tell('set.joint-coil'), tell('set.joint-fails'), LABEL]),
  collars: of(['ducts', 'seal', tell('set.collars'), tell('set.joint-fails'), LABEL]),
  flex: of(['ducts', 'tap', tell('set.flex'), tell('set.flex-fails'), COMMON]),
  'flex-straps': of(['ducts', 'tap', tell('set.flex-straps'), tell('set.flex-straps-fails'), COMMON]),
  'bad-duct-out': of(['ducts', 'tap', tell('set.bad-duct-out'), tell('set.bad-duct-out-fails'), COMMON]),
  registers: of(['ducts', 'tap', tell('set.registers'), tell('set.registers-fails'), COMMON]),
  trap: of(['water', 'tap', tell('set.trap'), tell('set.trap-fails'), LOCAL]),
  cleanout: of(['water', 'tap', tell('set.cleanout'), tell('set.cleanout-fails'), LOCAL]),
  secondary: of(['water', 'tap', tell('set.secondary'), tell('set.secondary-fails'), LOCAL]),
  pan: of(['water', 'in', tell('set.pan'), tell('set.pan-fails'), LOCAL]),
  float: of(['water', 'tap', tell('set.float'), tell('set.float-fails'), LOCAL]),
  'drain-cover': of(['water', 'ft', tell('set.drain-cover'), tell('set.drain-cover-fails'), COMMON]),
  pump: of(['water', 'tap', tell('set.pump'), tell('set.pump-fails'), MAKER]),
  neutralizer: of(['water', 'tap', tell('set.neutralizer'), tell('set.neutralizer-fails'), LOCAL]),
  'inner-trap': of(['water', 'tap', tell('set.inner-trap'), tell('set.inner-trap-fails'), MAKER, true]),
  'wall-entry': of(['closing', 'picture', tell('set.wall-entry'), tell('set.wall-entry-fails'), COMMON]),
  sealant: of(['closing', 'tap', tell('set.sealant'), tell('set.sealant-fails'), COMMON]),
  'line-cover': of(['closing', 'picture', tell('set.line-cover'), tell('set.line-cover-fails'), COMMON]),
  'old-mended': of(['closing', 'picture', tell('set.old-mended'), tell('set.old-mended-fails'), COMMON]),
  'put-back': of(['closing', 'picture', tell('set.put-back'), tell('set.put-back-fails'), COMMON]),
  cleaned: of(['closing', 'tap', tell('set.cleaned'), tell('set.cleaned-fails'), COMMON]),
} as const satisfies Readonly<Record<string, Ask<SetGroup>>>;
export type SetCheckId = keyof typeof SET_ASKS;
export const SET_CHECK_IDS = Object.keys(SET_ASKS) as [SetCheckId, ...SetCheckId[]];
