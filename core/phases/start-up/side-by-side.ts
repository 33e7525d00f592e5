import type { Verdict } from '@/core/finding/finding';
import type { EquippedSheet } from '@/core/job/sheet';
import type { Figure, FigureId, Figures } from '@/core/startup/figure';
import { recordedMode } from './mode-proofs';

/** What two circuits of one system are laid side by side by. */
const SHOWN = [
  'superheat',
  'subcooling',
  'condensing-over-ambient',
  'approach',
  'coil-difference',
  'compressor-amps',
  'fan-amps',
] as const satisfies FigureId[];

/** One circuit as it was last read: when, each figure, and the verdict by its own target. */
export type CircuitColumn = {
  id: string;
  name: string;
  at: string | undefined;
  figures: Partial<Record<FigureId, { figure: Figure; verdict: Verdict | undefined }>>;
};

/** The newest recorded round of a circuit in the mode it is called to; without one only its name. */
export function circuitColumn(sheet: EquippedSheet): CircuitColumn {
  const recorded = recordedMode(sheet, sheet.job.mode);
  const head = { id: sheet.circuit.id, name: sheet.circuit.name };
  if (!recorded) return { ...head, at: undefined, figures: {} };
  return { ...head, at: recorded.round.at, figures: withVerdicts(recorded.figures, recorded.findings) };
}

const withVerdicts = (
  { byId }: Figures,
  findings: readonly { id: string; verdict: Verdict }[],
): CircuitColumn['figures'] =>
  Object.fromEntries(
    SHOWN.filter((id) => byId[id].value !== undefined && !byId[id].idle).map((id) => [
      id,
      { figure: byId[id], verdict: findings.find((f) => f.id === id)?.verdict },
    ]),
  );

/** Two figures lie apart when their difference is more than twice what both probes may be off together (house rule). */
const TIMES = 2;

export type SideBySideRow = {
  id: FigureId;
  figures: (CircuitColumn['figures'][FigureId] | undefined)[];
  apart: boolean;
};

/**
 * The figures of several circuits in rows, and which of them lie further apart than their probes can be off. That is a hint
 * where to look, never a verdict: each circuit has its own target, and an average of two is of none.
 */
export function sideBySide(columns: readonly CircuitColumn[]): SideBySideRow[] {
  return SHOWN.filter((id) => columns.some((c) => c.figures[id])).map((id) => {
    const figures = columns.map((c) => c.figures[id]);
    const read = figures.filter((f) => f !== undefined).map((f) => f.figure);
    return { id, figures, apart: read.some((a) => read.some((b) => isApart(a, b))) };
  });
}

const isApart = (a: Figure, b: Figure): boolean =>
  Math.abs(a.value! - b.value!) > TIMES * Math.hypot(a.uncertainty ?? 0, b.uncertainty ?? 0);
