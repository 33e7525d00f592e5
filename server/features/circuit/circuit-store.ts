import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { JOB_KINDS, SYSTEM_KINDS } from '@/core/phases/log/entries';
import type { Db } from '@/server/db/pool';

type Key = { companyId: string; jobId: string };
export type StoredEntry = { id: string; companyId: string; jobId: string; kind: string; bodyHash: string };

/** An entry of any circuit of the job, with its place in the order they were stored in. */
export type LogRow = Omit<CircuitEntry, 'at'> & { at: Date; seq: number; circuitId: string; systemId: string };
const OF_JOB: ReadonlySet<string> = new Set(JOB_KINDS);
const OF_SYSTEM: ReadonlySet<string> = new Set(SYSTEM_KINDS);

/** Of the rows of a job what its circuit's sheet shows: of the circuit, of its system and of the job, oldest first. */
export function logOfCircuit(rows: readonly LogRow[], key: { circuitId: string; systemId: string }): CircuitEntry[] {
  const kinds = new Map(rows.map((r) => [r.id, r.kind]));
  /** What corrects an entry belongs where that belongs. */
  const is = (row: LogRow, of: ReadonlySet<string>): boolean =>
    of.has(row.kind) || (row.supersedesId !== null && of.has(kinds.get(row.supersedesId) ?? ''));
  return rows
    .filter((r) => r.circuitId === key.circuitId || is(r, OF_JOB) || (r.systemId === key.systemId && is(r, OF_SYSTEM)))
    .map(({ systemId: _, seq: __, ...r }) => ({ ...r, at: r.at.toISOString() }) as CircuitEntry);
}

export const circuitStore = {
  /**
   * Every entry of a job, oldest first. With those that were read before only what came since is read: entries are added alone, and
   * under the lock of their job, so that none comes before one that was seen.
   */
  async read(db: Db, key: Key, before: readonly LogRow[] = []): Promise<LogRow[]> {
    const rows = await db.rows<LogRow>(
      `select e.id, e.seq, e.circuit_id as circuitId, c.system_id as systemId, e.phase, e.kind, e.body, e.source, e.supersedes_id as supersedesId, p.full_name as \`by\`, e.occurred_at as at
       from circuit_entries e join people p on p.id = e.person_id join circuits c on c.id = e.circuit_id
       where e.company_id = :companyId and e.job_id = :jobId and e.seq > :last order by e.seq`,
      { ...key, last: before.at(-1)?.seq ?? 0 },
    );
    return [...before, ...rows];
  },

  find: (db: Db, id: string): Promise<StoredEntry | undefined> =>
    db.one<StoredEntry>(
      'select id, company_id as companyId, job_id as jobId, kind, body_hash as bodyHash from circuit_entries where id = :id',
      { id },
    ),

  async add(
    db: Db,
    entry: Key & {
      id: string;
      circuitId: string;
      phase: string;
      kind: string;
      body: unknown;
      bodyHash: string;
      source: string;
      supersedesId: string | null;
      personId: string;
      occurredAt: Date;
    },
  ): Promise<void> {
    await db.later(
      `insert into circuit_entries (id, company_id, job_id, circuit_id, phase, kind, body, body_hash, source, supersedes_id, person_id, occurred_at)
       values (:id, :companyId, :jobId, :circuitId, :phase, :kind, :body, :bodyHash, :source, :supersedesId, :personId, :occurredAt)`,
      { ...entry, body: JSON.stringify(entry.body) },
    );
  },
};
