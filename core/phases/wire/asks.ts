import { type Ask, askRow } from '@/core/phases/checks/ask';
import type { Said } from '@/core/words/said';
import { tell } from './words';

/** The parts of the work of wiring that are looked at, in their order. */
export const WIRE_GROUPS = ['line', 'three-phase', 'control', 'wall', 'starter', 'old'] as const;
export type WireGroup = (typeof WIRE_GROUPS)[number];
export const WIRE_GROUP_WORDS: Readonly<Record<WireGroup, Said>> = {
  line: tell('wire.group-line'),
  'three-phase': tell('wire.group-three-phase'),
  control: tell('wire.group-control'),
  wall: tell('wire.group-wall'),
  starter: tell('wire.group-starter'),
  old: tell('wire.group-old'),
};

const COMMON = tell('wire.common-practice');
const MAKER = tell('wire.makers-instructions');
const LOCAL = tell('wire.local-code-licensed-person');
const NEC_440 = tell('wire.nec-440-14-edition-not-checked');
const NEC_424 = tell('wire.nec-424-and-listing-edition-not-checked');
const NEC_725 = tell('wire.nec-725-edition-not-checked');
const WASTE = tell('wire.universal-waste-40-cfr-273-edition-not-checked');

const of = askRow<WireGroup>;

/** Every look at the wiring there is, by its id; which of them a job asks follows from its scope and its plan. */
export const WIRE_ASKS = {
  'own-circuit': of(['line', 'tap', tell('wire.own-circuit'), tell('wire.own-circuit-fails'), NEC_440]),
  'disconnect-place': of(['line', 'tap', tell('wire.disconnect-place'), tell('wire.disconnect-place-fails'), NEC_440]),
  whip: of(['line', 'tap', tell('wire.whip'), tell('wire.whip-fails'), LOCAL, true]),
  lugs: of(['line', 'tap', tell('wire.lugs'), tell('wire.lugs-fails'), MAKER]),
  holes: of(['line', 'tap', tell('wire.holes'), tell('wire.holes-fails'), COMMON]),
  surge: of(['line', 'picture', tell('wire.surge'), tell('wire.surge-fails'), MAKER]),
  'ground-fault': of(['line', 'tap', tell('wire.ground-fault'), tell('wire.ground-fault-fails'), LOCAL]),
  'service-load': of(['line', 'tap', tell('wire.service-load'), tell('wire.service-load-fails'), LOCAL]),
  'kit-listed': of(['line', 'picture', tell('wire.kit-listed'), tell('wire.kit-listed-fails'), NEC_424, true]),
  'kit-marked': of(['line', 'picture', tell('wire.kit-marked'), tell('wire.kit-marked-fails'), NEC_424]),
  rotation: of(['three-phase', 'tap', tell('wire.rotation'), tell('wire.rotation-fails'), MAKER, true]),
  fans: of(['three-phase', 'tap', tell('wire.fans'), tell('wire.fans-fails'), MAKER]),
  monitor: of(['three-phase', 'picture', tell('wire.monitor'), tell('wire.monitor-fails'), MAKER, true]),
  'step-down': of(['three-phase', 'tap', tell('wire.step-down'), tell('wire.step-down-fails'), MAKER, true]),
  tap: of(['control', 'tap', tell('wire.tap'), tell('wire.tap-fails'), MAKER]),
  'one-r': of(['control', 'tap', tell('wire.one-r'), tell('wire.one-r-fails'), COMMON, true]),
  'ends-proven': of(['control', 'tap', tell('wire.ends-proven'), tell('wire.ends-proven-fails'), COMMON]),
  'class-2': of(['control', 'tap', tell('wire.class-2'), tell('wire.class-2-fails'), NEC_725]),
  'freeze-clip': of(['control', 'tap', tell('wire.freeze-clip'), tell('wire.freeze-clip-fails'), MAKER]),
  splices: of(['control', 'tap', tell('wire.splices'), tell('wire.splices-fails'), COMMON]),
  'data-apart': of(['control', 'tap', tell('wire.data-apart'), tell('wire.data-apart-fails'), MAKER, true]),
  'test-mode': of(['control', 'picture', tell('wire.test-mode'), tell('wire.test-mode-fails'), MAKER]),
  'leak-board': of(['control', 'tap', tell('wire.leak-board'), tell('wire.leak-board-fails'), MAKER, true]),
  'stat-level': of(['wall', 'tap', tell('wire.stat-level'), tell('wire.stat-level-fails'), COMMON]),
  'stat-place': of(['wall', 'tap', tell('wire.stat-place'), tell('wire.stat-place-fails'), COMMON]),
  'stat-hole': of(['wall', 'tap', tell('wire.stat-hole'), tell('wire.stat-hole-fails'), COMMON]),
  mercury: of(['wall', 'tap', tell('wire.mercury'), tell('wire.mercury-fails'), WASTE, true]),
  'hard-start-out': of(['starter', 'tap', tell('wire.hard-start-out'), tell('wire.hard-start-out-fails'), MAKER, true]),
  'starter-place': of(['starter', 'tap', tell('wire.starter-place'), tell('wire.starter-place-fails'), MAKER]),
  'starter-crimps': of(['starter', 'tap', tell('wire.starter-crimps'), tell('wire.starter-crimps-fails'), MAKER]),
  'starter-light': of(['starter', 'picture', tell('wire.starter-light'), tell('wire.starter-light-fails'), MAKER]),
  'old-fuses': of(['old', 'tap', tell('wire.old-fuses'), tell('wire.old-fuses-fails'), COMMON]),
  'old-pictures': of(['old', 'picture', tell('wire.old-pictures'), tell('wire.old-pictures-fails'), COMMON]),
  'old-coils': of(['old', 'tap', tell('wire.old-coils'), tell('wire.old-coils-fails'), COMMON, true]),
} as const satisfies Readonly<Record<string, Ask<WireGroup>>>;
export type WireCheckId = keyof typeof WIRE_ASKS;
export const WIRE_CHECK_IDS = Object.keys(WIRE_ASKS) as [WireCheckId, ...WireCheckId[]];
