import type { LibraryFields } from '@/core/equipment/library-item';
import type { ModelPattern } from '@/core/equipment/model-pattern';
import type { Choice } from './choice';
import type { OwnLine } from './own-line';
import type { ScopeSchools } from './schools';
import type { KnownFacts } from './survey/facts';

/** What the other sheets of the job say that the scope must act on; undefined where nobody worked them out. */
export type SheetSigns = {
  systemCfm?: number;
  ductTons?: number;
  returnShortIn2?: number;
  filterFpm?: number;
  zoneRatio?: number;
  stackEnds?: readonly { end: 'plenum' | 'return'; closing: string }[];
  ductsCrossed?: boolean;
  curbOverlapPct?: number;
  drainTooFlat?: boolean;
};

/** Everything a scope rule may look at. */
export type ScopeInput = {
  known: KnownFacts;
  choice: Choice;
  outdoor: LibraryFields | undefined;
  indoor: LibraryFields | undefined;
  furnace: LibraryFields | undefined;
  heaterKit?: LibraryFields | undefined;
  thermostat?: LibraryFields | undefined;
  /** Undefined while one of the two is not chosen. */
  pairListed: boolean | undefined;
  /** The company's table of model numbers. */
  patterns?: readonly ModelPattern[] | undefined;
  signs: SheetSigns;
  schools: ScopeSchools;
  /** Work that no rule knows. */
  lines: readonly OwnLine[];
  /** What people decided so far, by item; the last word counts. */
  decided: ReadonlyMap<string, 'in' | 'out'>;
};
