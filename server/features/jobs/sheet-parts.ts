import { entriesOf, splitLog } from '@/core/phases/log/circuit-log';
import type { Choice } from '@/core/scope/choice';
import type { Db } from '@/server/db/pool';
import { circuitStore } from '@/server/features/circuit/circuit-store';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { fitsStore } from '@/server/features/fits/fits-store';
import { patternStore } from '@/server/features/library/pattern-store';
import { readAcceptances } from '@/server/features/phases/acceptances-store';
import { scopesStore } from '@/server/features/scopes/scopes-store';
import { surveysStore } from '@/server/features/surveys/surveys-store';
import {
  type Owned,
  readCircuits,
  readMeasurements,
  readOverrides,
  readRecords,
  readRuns,
  readSignOffs,
} from './sheet-rows';

/** What a revision counts (0045-revisions): a table of jobs, or what a company has beside its settings, people and library. */
export type Revised =
  | 'jobs'
  | 'job_circuits'
  | 'circuits'
  | 'phase_records'
  | 'scope_decisions'
  | 'scope_lines'
  | 'customer_signatures'
  | 'circuit_entries'
  | 'acceptances'
  | 'measurements'
  | 'overrides'
  | 'sign_offs'
  | 'runs'
  | 'observations'
  | 'before_waivers'
  | 'photos'
  | 'fit_sheets'
  | 'cylinders';

/** A part of a sheet: the revisions that it rests on, and how it is read. A change of the company itself touches every part. */
type Part<T> = { of: readonly Revised[]; read: (db: Db, owned: Owned) => Promise<T> };
const part = <T>(of: readonly Revised[], read: Part<T>['read']): Part<T> => ({ of, read });

/** Whose job it is and of what. */
export const HEAD_OF: readonly Revised[] = ['jobs', 'job_circuits', 'circuits'];

const PARTS = {
  records: part(['phase_records'], readRecords),
  log: part(['circuit_entries', 'circuits'], (db, owned) => circuitStore.read(db, owned)),
  circuits: part(['job_circuits', 'circuits', 'phase_records', 'sign_offs'], readCircuits),
  acceptances: part(['acceptances', 'circuits'], readAcceptances),
  measurements: part(['measurements'], readMeasurements),
  overrides: part(['overrides'], readOverrides),
  signOffs: part(['sign_offs'], readSignOffs),
  runs: part(['runs'], readRuns),
  observed: part(['observations'], (db, owned) => surveysStore.observed(db, owned)),
  pictured: part(['before_waivers', 'photos'], (db, owned) => surveysStore.pictured(db, owned)),
  patterns: part([], (db, { companyId }) => patternStore.list(db, companyId)),
  fits: part(['fit_sheets'], (db, owned) => fitsStore.read(db, owned)),
  cylinders: part(['cylinders', 'circuit_entries'], (db, owned) => cylindersStore.ofJob(db, owned)),
} as const satisfies Record<string, Part<unknown>>;

/** Read with what other parts name: equipment by its id. */
const SCOPE_OF: readonly Revised[] = ['phase_records', 'scope_decisions', 'scope_lines', 'customer_signatures'];
const PIECES_OF: readonly Revised[] = ['circuit_entries', 'circuits'];

type Own = { [K in keyof typeof PARTS]: Awaited<ReturnType<(typeof PARTS)[K]['read']>> };
export type Parts = Own & {
  scope: Awaited<ReturnType<typeof scopesStore.read>>;
  pieces: Awaited<ReturnType<typeof scopesStore.optionPieces>>;
};

/** Reads the parts that a change touches; of the others those that were read before stand. */
export function readParts(
  db: Db,
  owned: Owned,
  touched: (of: readonly Revised[]) => boolean,
  before?: Parts,
): Promise<Parts> {
  return db.together(async (all) => {
    const names = Object.keys(PARTS) as (keyof Own)[];
    const read = await Promise.all(
      names.map((name) => (before && !touched(PARTS[name].of) ? before[name] : PARTS[name].read(all, owned))),
    );
    const own = Object.fromEntries(names.map((name, i) => [name, read[i]])) as Own;
    const chosen = own.records.find((r) => r.phase === 'scope') as { record: Choice; version: number } | undefined;
    const options = (): Choice[] =>
      entriesOf(splitLog(own.log).systemLog, 'offer-option').map((o) => o.body.choice as Choice);
    const [scope, pieces] = await Promise.all([
      before && !touched(SCOPE_OF) ? before.scope : scopesStore.read(all, owned, chosen),
      before && !touched(PIECES_OF) ? before.pieces : scopesStore.optionPieces(all, owned.companyId, options()),
    ]);
    return { ...own, scope, pieces };
  });
}
