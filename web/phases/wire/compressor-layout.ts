import type { CompressorNode, Joint } from '@/core/power/starter-nodes';

/** Where each terminal stands, in shares of the width and in px down: contactor, capacitor, starter, fan, compressor. */
const PLACES: Readonly<Record<CompressorNode, readonly [x: number, y: number]>> = {
  L1: [0.1, 46],
  L2: [0.22, 46],
  T1: [0.1, 110],
  T2: [0.22, 110],
  'CAP.C': [0.42, 70],
  'CAP.HERM': [0.52, 70],
  'CAP.FAN': [0.62, 70],
  'OFM.main': [0.76, 60],
  'OFM.common': [0.86, 60],
  'OFM.aux': [0.96, 60],
  'SS.LINE': [0.24, 240],
  'SS.RUN_OUT': [0.36, 240],
  'SS.CAP_COMMON': [0.48, 240],
  'SS.START': [0.6, 240],
  'COMP.C': [0.76, 200],
  'COMP.R': [0.86, 200],
  'COMP.S': [0.96, 200],
};
export type Placed = { node: CompressorNode; x: number; y: number };

/** The terminals of a compressor's circuit on their paper; those of the starter only where there is one. */
export const placed = (width: number, starter: boolean): Placed[] =>
  (Object.entries(PLACES) as [CompressorNode, readonly [number, number]][])
    .filter(([node]) => starter || !node.startsWith('SS.'))
    .map(([node, [x, y]]) => ({ node, x: x * width, y }));

/** A joint as a line that leaves its terminals up or down and bends, so that two of them can be told apart. */
export function bent(from: Placed, to: Placed, index: number): string {
  const mid = (from.y + to.y) / 2 + ((index % 5) - 2) * 9;
  return `M${from.x} ${from.y}C${from.x} ${mid} ${to.x} ${mid} ${to.x} ${to.y}`;
}

export const isJoint = ([a, b]: Joint, x: CompressorNode, y: CompressorNode): boolean =>
  (a === x && b === y) || (a === y && b === x);
