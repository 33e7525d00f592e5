import type { SheetWith } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Span } from '@/core/plan/day/calendar';
import type { PlanPiece } from '@/core/plan/day/make';
import type { StepName } from '@/core/plan/day/steps';
import { spanOn } from './days';

type Outsider = EntryBody<'outside'>['what'];

/** What has to lie within the hours of somebody from outside. */
const WITHIN: Record<Outsider, readonly StepName[]> = {
  electrician: ['supply'],
  'power company': ['supply'],
  inspector: [],
  crane: ['set-package'],
  'dry weather': ['curb', 'set-package'],
};

export type OutsideWindow = { id: string; what: Outsider; span: Span };

export const outsideOf = (sheet: SheetWith<'jobLog'>, firstDay: string): OutsideWindow[] =>
  entriesOf(sheet.jobLog, 'outside').map(({ id, body }) => ({
    id,
    what: body.what,
    span: spanOn(firstDay, body.on, body.from, body.to),
  }));

/** The hours a piece has to lie in; those of the last said kind where two kinds hold it. None: any time. */
export function windowsOf(p: PlanPiece, outside: readonly OutsideWindow[]): Span[] | undefined {
  const own = outside.filter((o) => WITHIN[o.what].includes(p.step));
  if (own.length === 0) return undefined;
  const kinds = [...new Set(own.map((o) => o.what))];
  return kinds
    .map((k) => own.filter((o) => o.what === k).map((o) => o.span))
    .reduce((a, b) =>
      a.flatMap(([f, t]) =>
        b.flatMap(([f2, t2]): Span[] =>
          Math.min(t, t2) > Math.max(f, f2) ? [[Math.max(f, f2), Math.min(t, t2)]] : [],
        ),
      ),
    );
}
