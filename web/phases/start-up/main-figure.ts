import { callOf, type RunMode } from '@/core/finding/run-mode';
import type { FigureId } from '@/core/startup/figure';

/** The figure that a mode is judged by first: its working stands open. */
export const mainFigureOf = (mode: RunMode, orifice: boolean): FigureId =>
  callOf(mode) === 'heating' ? 'heating-capacity' : orifice ? 'superheat' : 'subcooling';
