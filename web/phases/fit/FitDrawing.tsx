import type { AirSheet } from '@/core/air/duct/air-sheet';
import type { VerdictOf } from '@/core/finding/order';
import type { Route } from '@/core/fit/access/route';
import type { Curb } from '@/core/fit/curb/judge-curb';
import type { DrainSheet } from '@/core/fit/drain/drain-sheet';
import type { Placement } from '@/core/fit/outdoor/placement';
import type { Packaged } from '@/core/fit/packaged/duct-sides';
import type { FitKind, FitRecord } from '@/core/fit/sheets';
import type { Stack } from '@/core/fit/stack/stack';
import type { Selection } from '@/core/sizing/selection';
import { AirDrawing } from './AirDrawing';
import { CurbDrawing } from './CurbDrawing';
import { DrainDrawing } from './DrainDrawing';
import { PackagedDrawing } from './PackagedDrawing';
import { PlacementDrawing } from './PlacementDrawing';
import { RouteDrawing } from './RouteDrawing';
import { SelectionDrawing } from './SelectionDrawing';
import { StackDrawing } from './StackDrawing';
import type { FitEdit } from './use-fit';

/** Each drawing is coloured by the verdicts of the list beside it, so that the two never disagree. */
export function FitDrawing({
  kind,
  record,
  verdict,
  edit,
}: {
  kind: FitKind;
  record: FitRecord;
  verdict: VerdictOf;
  edit: FitEdit;
}) {
  switch (kind) {
    case 'placement':
      return (
        <PlacementDrawing
          record={record as Placement}
          verdict={verdict}
          onMove={(xIn, yIn) => edit.putAll({ xIn, yIn })}
          onObstacle={(i, to) =>
            edit.putAll(Object.fromEntries(Object.entries(to).map(([k, v]) => [`obstacles.${i}.${k}`, v])))
          }
        />
      );
    case 'route':
      return <RouteDrawing record={record as Route} verdict={verdict} />;
    case 'stack':
      return (
        <StackDrawing record={record as Stack} verdict={verdict} onRaise={(raiseIn) => edit.put('raiseIn', raiseIn)} />
      );
    case 'packaged':
      return <PackagedDrawing record={record as Packaged} verdict={verdict} />;
    case 'curb':
      return (
        <CurbDrawing
          record={record as Curb}
          verdict={verdict}
          onMove={(by, from) =>
            edit.putAll(
              Object.fromEntries(
                (['unitBase', 'unitSupply', 'unitReturn'] as const).flatMap((r) => [
                  [`${r}.x0`, from[r].x0 + by.x],
                  [`${r}.x1`, from[r].x1 + by.x],
                  [`${r}.y0`, from[r].y0 + by.y],
                  [`${r}.y1`, from[r].y1 + by.y],
                ]),
              ),
            )
          }
        />
      );
    case 'air':
      return <AirDrawing record={record as AirSheet} />;
    case 'drain':
      return <DrainDrawing record={record as DrainSheet} verdict={verdict} />;
    case 'selection':
      return <SelectionDrawing record={record as Selection} />;
  }
}
