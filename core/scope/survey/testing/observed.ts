import type { FactValue } from '../fact';
import type { FactKey } from '../facts';
import type { Observation } from '../survey';

/** An observation for tests: seen on site with high confidence, unless changed. */
export const observed = (fact: FactKey, value: FactValue | null, change: Partial<Observation> = {}): Observation => ({
  id: fact,
  fact,
  value,
  unit: '',
  method: 'seen',
  source: 'on site',
  confidence: 'high',
  note: null,
  photoId: null,
  foundOnTheDay: false,
  by: 'Tess Orlan',
  at: '2026-06-01T10:00:00Z',
  ...change,
});
