import type { EntryOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { PlanPiece } from '@/core/plan/day/make';
import type { StepName } from '@/core/plan/day/steps';
import { spanOn } from './days';

type Piece = EntryBody<'delivery'>['piece'];

/** Which steps cannot begin before a piece is there. */
const NEEDED_BY: Record<Piece, readonly StepName[]> = {
  'outdoor unit': ['set-outdoor'],
  'indoor unit': ['set-indoor'],
  'packaged unit': ['set-package'],
  furnace: ['set-indoor'],
  'heater kit': ['wire'],
  'line set': ['line-set', 'lines'],
  'sheet metal': ['ducts'],
  curb: ['curb'],
  pad: ['pad', 'set-outdoor'],
  thermostat: ['wire'],
  'fuel or power': ['fuel', 'supply'],
  'other piece': [],
};

const isHere = ({ body }: EntryOf<'delivery'>): boolean => body.state === 'matches';

/** When the last thing that a piece of work needs is promised, on the plan's clock; nothing where all is there. */
export function promisedFor(
  p: PlanPiece,
  deliveries: readonly EntryOf<'delivery'>[],
  firstDay: string,
): number | undefined {
  const times = deliveries
    .filter((d) => !isHere(d) && NEEDED_BY[d.body.piece].includes(p.step))
    .flatMap(({ body: { due, dueAt } }) => (due ? [spanOn(firstDay, due, dueAt ?? '00:00', dueAt ?? '00:00')[0]] : []));
  return times.length ? Math.max(...times) : undefined;
}
