import type { z } from 'zod';
import { figure, schemaOf, text } from '@/core/form/field';
import { tell } from '@/core/scope/words';
import { typed } from '@/core/words/said';
import type { ScopeItem } from './item';

/** Work that no rule knows, as it is typed: what it is, its hours, its materials. */
export const ownLineFields = (currency = '') => ({
  say: text(tell('scope.what-is-done'), 200, 3),
  hours: figure(tell('scope.hours'), 0, 200, 'h'),
  materials: figure(tell('scope.materials'), 0, 100_000, currency),
});
export const ownLineSchema = schemaOf(ownLineFields());
export type OwnLine = z.infer<typeof ownLineSchema> & { id: string; by: string; at: string };

/** As many lines as one scope takes (design default): more is another job. */
export const MOST_OWN_LINES = 60;

/** Pictures of a line carry this subject. */
export const ownLineSubject = (id: string): string => `line:${id}`;

/** A line written by hand, as an item: in until somebody takes it out. */
export const ownItem = (line: OwnLine): ScopeItem => ({
  id: ownItemId(line.id),
  say: typed(line.say),
  level: 'should',
  own: true,
  reason: tell('scope.written-in-by', { by: line.by }),
  source: tell('scope.written-by-hand'),
  triggers: [],
  hours: line.hours,
  materials: line.materials,
});
export const ownItemId = (lineId: string): string => `own-${lineId}`;
