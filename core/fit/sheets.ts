import type { z } from 'zod';
import { type AirSheet, airSheetSchema, EMPTY_AIR } from '@/core/air/duct/air-sheet';
import { judgeAir } from '@/core/air/duct/judge-air';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { tell } from '@/core/fit/words';
import { EMPTY_SELECTION, judgeSelection, type Selection, selectionSchema } from '@/core/sizing/selection';
import type { Said } from '@/core/words/said';
import { EMPTY_ROUTE, judgeRoute, type Route, routeSchema } from './access/route';
import { type Curb, curbSchema, EMPTY_CURB, judgeCurb } from './curb/judge-curb';
import { type DrainSheet, drainSheetSchema, EMPTY_DRAIN, judgeDrain } from './drain/drain-sheet';
import { judgePlacement } from './outdoor/judge-placement';
import { EMPTY_PLACEMENT, type Placement, placementSchema } from './outdoor/placement';
import { EMPTY_PACKAGED, judgePackaged, type Packaged, packagedSchema } from './packaged/duct-sides';
import { judgeStack } from './stack/judge-stack';
import { EMPTY_STACK, type Stack, stackSchema } from './stack/stack';

/** The sheets that say whether the new equipment goes where the old one stood. */
export const FIT_KINDS = ['placement', 'route', 'stack', 'packaged', 'curb', 'air', 'drain', 'selection'] as const;
export type FitKind = (typeof FIT_KINDS)[number];
export type FitRecords = {
  placement: Placement;
  route: Route;
  stack: Stack;
  packaged: Packaged;
  curb: Curb;
  air: AirSheet;
  drain: DrainSheet;
  selection: Selection;
};
export type FitRecord = FitRecords[FitKind];

export const FIT_WORDS: Record<FitKind, Said> = {
  placement: tell('fit.outdoor-place'),
  route: tell('fit.way-in'),
  stack: tell('fit.stack'),
  packaged: tell('fit.duct-sides'),
  curb: tell('fit.roof-curb'),
  air: tell('fit.air-side'),
  drain: tell('fit.drain'),
  selection: tell('fit.size'),
};

export const FIT_SCHEMAS: { [K in FitKind]: z.ZodType<FitRecords[K]> } = {
  placement: placementSchema,
  route: routeSchema,
  stack: stackSchema,
  packaged: packagedSchema,
  curb: curbSchema,
  air: airSheetSchema,
  drain: drainSheetSchema,
  selection: selectionSchema,
};

export const FIT_EMPTY: FitRecords = {
  placement: EMPTY_PLACEMENT,
  route: EMPTY_ROUTE,
  stack: EMPTY_STACK,
  packaged: EMPTY_PACKAGED,
  curb: EMPTY_CURB,
  air: EMPTY_AIR,
  drain: EMPTY_DRAIN,
  selection: EMPTY_SELECTION,
};

/** A sheet as it is stored: its figures, and the paths of those that a person measured or an equipment record gave. */
export type FitSheet<K extends FitKind = FitKind> = {
  kind: K;
  record: FitRecords[K];
  measured: string[];
  version: number;
  by: string;
  at: string;
};
export type FitSheets = { [K in FitKind]?: FitSheet<K> };

/** Figures that are settings with a source of their own, not something to measure. */
const SETTINGS: Partial<Record<FitKind, readonly string[]>> = {
  placement: ['required.', 'standIn', 'sound.limitDba'],
  route: ['handlingIn'],
  stack: ['frontNeededIn'],
  curb: ['toleranceIn'],
  air: ['cfmPerTon'],
  packaged: ['box.', 'standIn'],
};

/** Paths of the single figures of a record; lists are made by hand, so their entries count as measured. */
export function figurePaths(kind: FitKind, record: unknown, at = ''): string[] {
  if (typeof record !== 'object' || record === null || Array.isArray(record)) return [];
  return Object.entries(record).flatMap(([key, value]) => {
    const path = `${at}${key}`;
    if (typeof value === 'number') {
      return SETTINGS[kind]?.some((s) => path === s || (s.endsWith('.') && path.startsWith(s))) ? [] : [path];
    }
    return figurePaths(kind, value, `${path}.`);
  });
}

/** Figures that stand in the sheet but that nobody measured. */
export function assumedPaths(sheet: Pick<FitSheet, 'kind' | 'record' | 'measured'>): string[] {
  const measured = new Set(sheet.measured);
  return figurePaths(sheet.kind, sheet.record).filter((p) => !measured.has(p));
}

export type FitContext = {
  elevationFt: number;
  ductTons: number | undefined;
  /** Height of the stand as the scope has it: chosen once, carried into every sheet that stands on it. */
  standIn: number;
  /** The narrowest place on the way in, as the survey measured it. */
  narrowestIn?: number;
};

/** The record with the scope's stand under it. */
export function withStand<R extends FitRecord>(record: R, standIn: number): R {
  return 'standIn' in record ? { ...record, standIn } : record;
}

/** What a sheet says. While any of its figures is only assumed, nothing in it is good: it is not proven. */
export function judgeFit(sheet: Pick<FitSheet, 'kind' | 'record' | 'measured'>, context: FitContext): Finding[] {
  const checks = judged({ kind: sheet.kind, record: withStand(sheet.record, context.standIn) }, context);
  const assumed = assumedPaths(sheet);
  if (assumed.length === 0) return checks;
  const held: Finding = {
    id: 'assumed',
    verdict: 'not-proven',
    claim: tell('fit.assumed-not-measured', {
      count: assumed.length,
      count2: assumed.length === 1 ? tell('fit.figure-is') : tell('fit.figures-are'),
    }),
    because: tell('fit.what-holds-on-assumed-figures-is'),
    source: tell('fit.design-rule'),
    next: { say: tell('fit.measure-figures-with-dashed-edge-or') },
    miss: 0.5,
  };
  return orderFindings([
    held,
    ...checks.map(
      (c): Finding =>
        c.verdict === 'good'
          ? { ...c, verdict: 'not-proven', because: tell('fit.on-assumed-figures', { because: c.because }) }
          : c,
    ),
  ]);
}

function judged({ kind, record }: Pick<FitSheet, 'kind' | 'record'>, context: FitContext): Finding[] {
  switch (kind) {
    case 'placement':
      return judgePlacement(record as Placement);
    case 'route':
      return judgeRoute(record as Route, context.narrowestIn);
    case 'stack':
      return judgeStack(record as Stack);
    case 'packaged':
      return judgePackaged(record as Packaged);
    case 'curb':
      return judgeCurb(record as Curb);
    case 'air':
      return judgeAir(record as AirSheet);
    case 'drain':
      return judgeDrain(record as DrainSheet);
    case 'selection':
      return judgeSelection(record as Selection, context);
  }
}
