import type { Runs } from '@/core/controls/plan';
import type { Call } from '@/core/controls/thermostat';
import { list, lower, type Said } from '@/core/words/said';
import { tell } from './words';

/** What can make something of this system live: its circuits, and whatever else feeds it. */
export const WIRE_SOURCES = [
  'outdoor',
  'indoor',
  'heat-1',
  'heat-2',
  'second-transformer',
  'generator',
  'solar',
] as const;
export type WireSource = (typeof WIRE_SOURCES)[number];
export const SOURCE_WORDS: Readonly<Record<WireSource, Said>> = {
  outdoor: tell('wire.source-outdoor'),
  indoor: tell('wire.source-indoor'),
  'heat-1': tell('wire.source-heat-1'),
  'heat-2': tell('wire.source-heat-2'),
  'second-transformer': tell('wire.source-second-transformer'),
  generator: tell('wire.source-generator'),
  solar: tell('wire.source-solar'),
};

export const CALL_WORDS: Readonly<Record<Call, Said>> = {
  off: tell('wire.call-off'),
  fan: tell('wire.call-fan'),
  cool1: tell('wire.call-cool1'),
  cool2: tell('wire.call-cool2'),
  heat1: tell('wire.call-heat1'),
  heat2: tell('wire.call-heat2'),
  aux: tell('wire.call-aux'),
  emergency: tell('wire.call-emergency'),
  defrost: tell('wire.call-defrost'),
};

export const RUN_WORDS: Readonly<Record<Runs, Said>> = {
  BL: tell('wire.run-bl'),
  CC: tell('wire.run-cc'),
  EH: tell('wire.run-eh'),
  F1: tell('wire.run-f1'),
  F2: tell('wire.run-f2'),
  OF: tell('wire.run-of'),
  RV: tell('wire.run-rv'),
  S2: tell('wire.run-s2'),
};

/** Everything that ran, in a row; nothing is told as nothing. */
export const codesWords = (codes: readonly Runs[]) =>
  codes.length ? list(codes.map((c) => lower(RUN_WORDS[c]))) : tell('wire.nothing');

/** A terminal as a crew names it: its letter, and the cabinet it is in. */
export const CABINET_WORDS: Readonly<Record<string, Said>> = {
  stat: tell('wire.at-thermostat'),
  in: tell('wire.at-indoor-unit'),
  odu: tell('wire.at-indoor-unit'),
  out: tell('wire.at-outdoor-unit'),
  tr: tell('wire.at-transformer'),
  relay: tell('wire.at-relay'),
};
/** The letter on a terminal: with one stage nobody writes Y1, and the valve has one of two. */
export function letterOf(node: string, { valve, stages }: { valve: 'O' | 'B'; stages: 1 | 2 }): string {
  const terminal = node.split('.')[1] ?? node;
  if (terminal === 'OB') return valve;
  if (terminal === 'Y1') return stages === 1 ? 'Y' : 'Y1';
  return terminal;
}
export const terminalWords = (node: string, of: { valve: 'O' | 'B'; stages: 1 | 2 }) =>
  tell('wire.terminal', { letter: letterOf(node, of), cabinet: CABINET_WORDS[node.split('.')[0]!] ?? node });

const DEVICES: Readonly<Record<string, Said>> = {
  float: tell('wire.device-float'),
  pump: tell('wire.device-pump'),
  wet: tell('wire.device-wet'),
  freeze: tell('wire.device-freeze'),
  jumper: tell('wire.device-jumper'),
};
/** A safety in a line, by its name. */
export const deviceWords = (device: string): Said | string => DEVICES[device] ?? device;
