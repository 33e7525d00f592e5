import type { TrendLine } from '@/core/startup/trend-lines';
import type { Said } from '@/core/words/said';
import { tell } from '@/web/words/tell';

/** What the lines of a trend are called, and how each is drawn: told apart without colour too. */
export const LINE_WORDS: Record<TrendLine['id'], Said> = {
  superheat: tell('web.superheat'),
  subcooling: tell('web.subcooling'),
  'air-split': tell('web.air-split'),
};
export const BAND_WORDS = {
  superheat: tell('web.superheat-wanted'),
  subcooling: tell('web.subcooling-wanted'),
} as const;
export const LINE_STROKES: Record<TrendLine['id'], { stroke: string; strokeWidth: number; strokeDasharray?: string }> =
  {
    superheat: { stroke: 'var(--ink)', strokeWidth: 2.5 },
    subcooling: { stroke: 'var(--copper)', strokeWidth: 2.5 },
    'air-split': { stroke: 'var(--ink2)', strokeWidth: 2, strokeDasharray: '5 4' },
  };
