import type { SystemName } from '@/core/controls/control-network';
import { FAULT_WORDS as WIRE_FAULT_WORDS } from '@/core/controls/explain';
import type { FaultCode } from '@/core/controls/fault-codes';
import type { Said } from '@/core/words/said';
import type { ActId } from './acts';
import type { BenchActId, BenchFault } from './bench-round';
import type { HarmId } from './harm';
import type { LevelId } from './levels';
import type { ProbeId } from './probes';
import type { ScorePart } from './score';
import { tell } from './words';

export const LEVEL_WORDS: Record<LevelId, { name: Said; what: Said }> = {
  ladder: { name: tell('practice.level-ladder'), what: tell('practice.level-ladder-what') },
  faults: { name: tell('practice.level-faults'), what: tell('practice.level-faults-what') },
  probes: { name: tell('practice.level-probes'), what: tell('practice.level-probes-what') },
  lines: { name: tell('practice.level-lines'), what: tell('practice.level-lines-what') },
  wires: { name: tell('practice.level-wires'), what: tell('practice.level-wires-what') },
  two: { name: tell('practice.level-two'), what: tell('practice.level-two-what') },
};

export const PROBE_WORDS: Record<ProbeId, Said> = {
  gauges: tell('practice.probe-gauges'),
  'suction-clamp': tell('practice.probe-suction-clamp'),
  'liquid-clamp': tell('practice.probe-liquid-clamp'),
  'outdoor-air': tell('practice.probe-outdoor-air'),
  'return-air': tell('practice.probe-return-air'),
  'supply-air': tell('practice.probe-supply-air'),
  'compressor-amps': tell('practice.probe-compressor-amps'),
  'discharge-clamp': tell('practice.probe-discharge-clamp'),
};

export const ACT_WORDS: Record<ActId, Said> = {
  'open-airways': tell('practice.act-open-airways'),
  'wash-coil': tell('practice.act-wash-coil'),
  'clean-charge': tell('practice.act-clean-charge'),
  'change-drier': tell('practice.act-change-drier'),
  'change-valve': tell('practice.act-change-valve'),
  'change-orifice': tell('practice.act-change-orifice'),
  'change-reversing-valve': tell('practice.act-change-reversing-valve'),
  'change-compressor': tell('practice.act-change-compressor'),
};

export const HARM_WORDS: Record<HarmId, Said> = {
  'charged-in-the-dark': tell('practice.harm-charged-in-the-dark'),
  'charged-too-soon': tell('practice.harm-charged-too-soon'),
  overfilled: tell('practice.harm-overfilled'),
  starved: tell('practice.harm-starved'),
  flooded: tell('practice.harm-flooded'),
  'restarted-on-high-pressure': tell('practice.harm-restarted-on-high-pressure'),
  'part-for-nothing': tell('practice.harm-part-for-nothing'),
  'compressor-for-nothing': tell('practice.harm-compressor-for-nothing'),
  'opened-for-nothing': tell('practice.harm-opened-for-nothing'),
  'left-on-foreign-gas': tell('practice.harm-left-on-foreign-gas'),
  'wire-moved-for-nothing': tell('practice.harm-wire-moved-for-nothing'),
  'tried-on-a-short': tell('practice.harm-tried-on-a-short'),
  'left-wet': tell('practice.harm-left-wet'),
  'left-leaking': tell('practice.harm-left-leaking'),
  'signed-unproven': tell('practice.harm-signed-unproven'),
};

export const BENCH_ACT_WORDS: Record<BenchActId, Said> = {
  'hoses-off': tell('practice.act-hoses-off'),
  'soap-hoses': tell('practice.act-soap-hoses'),
  'soap-joints': tell('practice.act-soap-joints'),
  isolate: tell('practice.act-isolate'),
  'pump-again': tell('practice.act-pump-again'),
  'blank-off': tell('practice.act-blank-off'),
  'swap-gauge': tell('practice.act-swap-gauge'),
  'change-oil': tell('practice.act-change-oil'),
  sweep: tell('practice.act-sweep'),
  'warm-pipes': tell('practice.act-warm-pipes'),
  'mend-hose': tell('practice.act-mend-hose'),
  'mend-joint': tell('practice.act-mend-joint'),
};

export const BENCH_FAULT_WORDS: Record<BenchFault, Said> = {
  sound: tell('practice.line-sound'),
  wet: tell('practice.line-wet'),
  'pipe-leak': tell('practice.line-pipe-leak'),
  'hose-leak': tell('practice.line-hose-leak'),
  'pump-oil': tell('practice.line-pump-oil'),
  gauge: tell('practice.line-gauge'),
};

export const PART_WORDS: Record<ScorePart, Said> = {
  diagnosis: tell('practice.part-diagnosis'),
  putRight: tell('practice.part-put-right'),
  measuring: tell('practice.part-measuring'),
  time: tell('practice.part-time'),
};

export const SYSTEM_WORDS: Record<SystemName, Said> = {
  'split-heat-pump': tell('practice.system-split-heat-pump'),
  'two-stage-cooling-furnace': tell('practice.system-two-stage-cooling-furnace'),
  'packaged-two-stage-heat-pump': tell('practice.system-packaged-two-stage-heat-pump'),
  'dual-fuel': tell('practice.system-dual-fuel'),
  'packaged-single-stage-heat-pump': tell('practice.system-packaged-single-stage-heat-pump'),
};

export const wiringWords = (code: FaultCode | 'none'): Said =>
  code === 'none' ? tell('practice.nothing-wrong-in-the-wiring') : WIRE_FAULT_WORDS[code];
