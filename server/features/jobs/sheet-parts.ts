import { type CircuitEntry, entriesOf, splitLog } from '@/core/phases/log/circuit-log';
import type { Choice } from '@/core/scope/choice';
import type { Db } from '@/server/db/pool';
import { circuitStore, type LogRow, logOfCircuit } from '@/server/features/circuit/circuit-store';
import { cylindersStore, NAMES_CYLINDER } from '@/server/features/cylinders/cylinders-store';
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
} as const satisfies Record<string, Part<unknown>>;

/** Read with what other parts name: equipment by its id, cylinders by the log. */
const SCOPE_OF: readonly Revised[] = ['phase_records', 'scope_decisions', 'scope_lines', 'customer_signatures'];
const PIECES_OF: readonly Revised[] = ['circuit_entries', 'circuits'];
const LOG_OF: readonly Revised[] = ['circuit_entries'];
const CYLINDERS_OF: readonly Revised[] = ['cylinders'];

type Own = { [K in keyof typeof PARTS]: Awaited<ReturnType<(typeof PARTS)[K]['read']>> };
export type Parts = Own & {
  /** Of every circuit of the job. */
  rows: LogRow[];
  log: CircuitEntry[];
  cylinders: Awaited<ReturnType<typeof cylindersStore.ofJob>>;
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
    const [rows, ...read] = await Promise.all([
      rowsOf(all, owned, touched, before),
      ...names.map((name) => (before && !touched(PARTS[name].of) ? before[name] : PARTS[name].read(all, owned))),
    ]);
    const own = Object.fromEntries(names.map((name, i) => [name, read[i]])) as Own;
    const log = before?.rows === rows ? before.log : logOfCircuit(rows, owned);
    const chosen = own.records.find((r) => r.phase === 'scope') as { record: Choice; version: number } | undefined;
    const options = (): Choice[] =>
      entriesOf(splitLog(log).systemLog, 'offer-option').map((o) => o.body.choice as Choice);
    const sameCylinders = before && !touched(CYLINDERS_OF) && namedIn(before.rows) === namedIn(rows);
    const [scope, pieces, cylinders] = await Promise.all([
      before && !touched(SCOPE_OF) ? before.scope : scopesStore.read(all, owned, chosen),
      before && !touched(PIECES_OF) ? before.pieces : scopesStore.optionPieces(all, owned.companyId, options()),
      sameCylinders ? before.cylinders : cylindersStore.ofJob(all, owned),
    ]);
    return { ...own, rows, log, scope, pieces, cylinders };
  });
}

/** The rows of the log: those that were read before, what came since, or all of them where a circuit changed. */
async function rowsOf(
  db: Db,
  owned: Owned,
  touched: (of: readonly Revised[]) => boolean,
  before: Parts | undefined,
): Promise<LogRow[]> {
  if (!before || touched(['circuits'])) return circuitStore.read(db, owned);
  return touched(LOG_OF) ? circuitStore.read(db, owned, before.rows) : before.rows;
}

/** How often cylinders are named in the log: entries are added alone, so that more of them is another list. */
const namedIn = (rows: readonly LogRow[]): number => rows.filter((r) => NAMES_CYLINDER.has(r.kind)).length;
