import type { FitKind } from '@/core/fit/sheets';
import { airFields, airLists } from './air';
import { curbFields } from './curb';
import { drainFields } from './drain';
import type { ListDef, Section } from './field-def';
import { packagedFields } from './packaged';
import { placementFields, placementLists } from './placement';
import { routeFields, routeLists } from './route';
import { selectionFields } from './selection';
import { stackFields } from './stack';

/** The figures of each fit sheet, in the order they are measured. Lists have editors of their own. */
export const FIT_FIELDS: Record<FitKind, Section[]> = {
  placement: placementFields,
  route: routeFields,
  stack: stackFields,
  packaged: packagedFields,
  curb: curbFields,
  air: airFields,
  drain: drainFields,
  selection: selectionFields,
};

/** Columns of the lists: branches, returns, obstacles, gates. */
export const FIT_LISTS: Partial<Record<FitKind, ListDef[]>> = {
  placement: placementLists,
  route: routeLists,
  air: airLists,
};
