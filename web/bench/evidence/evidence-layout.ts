import { scaleLog } from 'd3-scale';
import type { EvidenceMark } from '@/core/scope/tonnage/tonnage-estimate';

export type EvidenceRow = EvidenceMark & {
  label: string;
  y: number;
  x: number;
  x0: number;
  x1: number;
  apart: boolean;
};
export type EvidenceLayout = {
  width: number;
  height: number;
  left: number;
  right: number;
  axisY: number;
  ticks: { tons: number; x: number }[];
  rows: EvidenceRow[];
  band: { x0: number; x1: number; x: number };
};

const TICKS = [0.5, 1, 1.5, 2, 3, 4, 5, 7.5, 10, 15, 20, 30, 40, 60];
const ROW = 40;
const TOP = 26;
const LEAST_TICK_GAP = 30;

type Input = {
  width: number;
  marks: readonly EvidenceMark[];
  words: Record<EvidenceMark['kind'], string>;
  tons: number;
  lowTons: number;
  highTons: number;
};

/** Places each piece of evidence with its spread on one logarithmic axis of tons, and the fused range over all of them. */
export function layoutEvidence({ width, marks, words, tons, lowTons, highTons }: Input): EvidenceLayout {
  const narrow = width < 460;
  const left = narrow ? 4 : 148;
  const right = width - 14;
  const low = Math.min(lowTons, ...marks.map((m) => m.lowTons)) * 0.92;
  const high = Math.max(highTons, ...marks.map((m) => m.highTons)) * 1.08;
  const x = scaleLog().domain([low, high]).range([left, right]);
  const row = narrow ? ROW + 22 : ROW;
  const axisY = TOP + marks.length * row + 6;
  let last = Number.NEGATIVE_INFINITY;
  const ticks = TICKS.filter((t) => t >= low && t <= high)
    .map((t) => ({ tons: t, x: x(t) }))
    .filter((t) => {
      if (t.x - last < LEAST_TICK_GAP) return false;
      last = t.x;
      return true;
    });
  return {
    width,
    height: axisY + 44,
    left,
    right,
    axisY,
    ticks,
    band: { x0: x(lowTons), x1: x(highTons), x: x(tons) },
    rows: marks.map((m, i) => ({
      ...m,
      label: words[m.kind],
      y: TOP + i * row + row - 20,
      x: x(m.tons),
      x0: x(m.lowTons),
      x1: x(m.highTons),
      // Its own 90 % spread does not reach the fused estimate: this is the item to read again.
      apart: tons < m.lowTons || tons > m.highTons,
    })),
  };
}
