import { Nets } from '@/core/controls/nets';
import type { Said } from '@/core/words/said';
import { tell } from './words';

/** Terminals of a single-phase compressor's circuit, by their role; letters on parts vary, roles do not. */
export const COMPRESSOR_NODES = [
  'L1',
  'L2',
  'T1',
  'T2',
  'COMP.C',
  'COMP.R',
  'COMP.S',
  'CAP.C',
  'CAP.HERM',
  'CAP.FAN',
  'OFM.main',
  'OFM.common',
  'OFM.aux',
  'SS.LINE',
  'SS.RUN_OUT',
  'SS.CAP_COMMON',
  'SS.START',
] as const;
export type CompressorNode = (typeof COMPRESSOR_NODES)[number];
export type Joint = readonly [CompressorNode, CompressorNode];

/** A condenser as most are wired (common practice; its own diagram wins). */
export const USUAL_BEFORE: readonly Joint[] = [
  ['T2', 'COMP.C'],
  ['T2', 'OFM.common'],
  ['T1', 'COMP.R'],
  ['T1', 'CAP.C'],
  ['T1', 'OFM.main'],
  ['CAP.HERM', 'COMP.S'],
  ['CAP.FAN', 'OFM.aux'],
];

/** Which lead a starter interrupts, by its own drawing. */
export const INTERRUPTS = ['run', 'common'] as const;
export type Interrupts = (typeof INTERRUPTS)[number];

/** The same with a starter in it. */
export const usualAfter = (interrupts: Interrupts): readonly Joint[] => [
  ...USUAL_BEFORE.filter(([, b]) => b !== (interrupts === 'run' ? 'COMP.R' : 'COMP.C')),
  ['SS.RUN_OUT', interrupts === 'run' ? 'COMP.R' : 'COMP.C'],
  ['SS.CAP_COMMON', 'CAP.C'],
  ['SS.START', 'CAP.HERM'],
  ['SS.LINE', 'T2'],
];

/** What a wiring of a compressor breaks; each by what is wrong with it. */
export type NodeFault =
  | 'start-not-on-herm'
  | 'start-touches-more'
  | 'run-not-with-capacitor'
  | 'common-not-opposite'
  | 'fan-on-herm'
  | 'run-still-on-contactor'
  | 'common-still-on-contactor'
  | 'run-out-elsewhere'
  | 'cap-common-elsewhere'
  | 'start-lead-elsewhere'
  | 'line-elsewhere';

const netsOf = (joints: readonly Joint[]): Nets => {
  const nets = new Nets();
  for (const [a, b] of joints) nets.join(a, b);
  return nets;
};

/** A compressor's circuit without a starter: what is not as it must be. */
export function faultsBefore(joints: readonly Joint[]): NodeFault[] {
  const { same } = netsOf(joints);
  const others = COMPRESSOR_NODES.filter((n) => n !== 'COMP.S' && n !== 'CAP.HERM');
  return [
    ...faultsOfBoth(joints),
    ...(others.some((n) => same('COMP.S', n)) ? (['start-touches-more'] as const) : []),
    ...(same('COMP.R', 'CAP.C') ? [] : (['run-not-with-capacitor'] as const)),
  ];
}

/** The same with a starter in it: the lead that it interrupts is off its contactor, and each of its roles is where its drawing puts it. */
export function faultsAfter(joints: readonly Joint[], interrupts: Interrupts): NodeFault[] {
  const { same } = netsOf(joints);
  const lead = interrupts === 'run' ? 'COMP.R' : 'COMP.C';
  const onContactor = same(lead, 'T1') || same(lead, 'T2') || (interrupts === 'run' && same(lead, 'CAP.C'));
  return [
    ...faultsOfBoth(joints).filter((f) => f !== 'common-not-opposite'),
    ...(onContactor
      ? [interrupts === 'run' ? ('run-still-on-contactor' as const) : ('common-still-on-contactor' as const)]
      : []),
    ...(same('SS.RUN_OUT', lead) ? [] : (['run-out-elsewhere'] as const)),
    ...(same('SS.CAP_COMMON', 'CAP.C') && same('CAP.C', 'T1') ? [] : (['cap-common-elsewhere'] as const)),
    ...(same('SS.START', 'CAP.HERM') ? [] : (['start-lead-elsewhere'] as const)),
    ...(same('SS.LINE', 'T2') ? [] : (['line-elsewhere'] as const)),
  ];
}

function faultsOfBoth(joints: readonly Joint[]): NodeFault[] {
  const { same } = netsOf(joints);
  const [r, c] = ['COMP.R', 'COMP.C'].map((n) => ['T1', 'T2'].filter((t) => same(n, t)));
  const opposite = c!.length === 1 && r!.length === 1 && c![0] !== r![0];
  return [
    ...(same('COMP.S', 'CAP.HERM') ? [] : (['start-not-on-herm'] as const)),
    ...(opposite ? [] : (['common-not-opposite'] as const)),
    ...(same('CAP.FAN', 'CAP.HERM') ? (['fan-on-herm'] as const) : []),
  ];
}

export const NODE_FAULT_WORDS: Readonly<Record<NodeFault, Said>> = {
  'start-not-on-herm': tell('power.start-not-on-herm'),
  'start-touches-more': tell('power.start-touches-more'),
  'run-not-with-capacitor': tell('power.run-not-with-capacitor'),
  'common-not-opposite': tell('power.common-not-opposite'),
  'fan-on-herm': tell('power.fan-on-herm'),
  'run-still-on-contactor': tell('power.run-still-on-contactor'),
  'common-still-on-contactor': tell('power.common-still-on-contactor'),
  'run-out-elsewhere': tell('power.run-out-elsewhere'),
  'cap-common-elsewhere': tell('power.cap-common-elsewhere'),
  'start-lead-elsewhere': tell('power.start-lead-elsewhere'),
  'line-elsewhere': tell('power.line-elsewhere'),
};

/** How far three readings of a winding may lie apart (common practice), share. */
const WINDING_SHARE = 0.1;

/** Whether three readings name the terminals: run to start is the other two together, and start is the larger of them. */
export function windingsAgree({ crOhms, csOhms, rsOhms }: { crOhms: number; csOhms: number; rsOhms: number }): boolean {
  const sum = crOhms + csOhms;
  return csOhms > crOhms && Math.abs(rsOhms - sum) <= WINDING_SHARE * sum;
}
