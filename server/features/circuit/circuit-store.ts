import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { JOB_KINDS, SYSTEM_KINDS } from '@/core/phases/log/entries';
import type { Db } from '@/server/db/pool';

type Key = { companyId: string; jobId: string };
export type StoredEntry = { id: string; companyId: string; jobId: string; kind: string; bodyHash: string };

export const circuitStore = {
  /** The whole log of a job's circuit and what is written down of its system and of the job, oldest first. */
  async read(db: Db, key: Key & { circuitId: string }): Promise<CircuitEntry[]> {
    const rows = await db.rows<Omit<CircuitEntry, 'at'> & { at: Date }>(
      `select e.id, e.circuit_id as circuitId, e.phase, e.kind, e.body, e.source, e.supersedes_id as supersedesId, p.full_name as \`by\`, e.occurred_at as at
       from circuit_entries e join people p on p.id = e.person_id
       where e.company_id = :companyId and e.job_id = :jobId and (e.circuit_id = :circuitId or e.kind in (:ofJob)
         or exists (select 1 from circuit_entries s where s.id = e.supersedes_id and s.kind in (:ofJob))
         or (exists (select 1 from circuits c join circuits own on own.system_id = c.system_id where c.id = e.circuit_id and own.id = :circuitId)
           and (e.kind in (:ofSystem) or exists (select 1 from circuit_entries s where s.id = e.supersedes_id and s.kind in (:ofSystem)))))
       order by e.seq`,
      { ...key, ofJob: JOB_KINDS, ofSystem: SYSTEM_KINDS },
    );
    return rows.map((r) => ({ ...r, at: r.at.toISOString() }) as CircuitEntry);
  },

  async find(db: Db, id: string): Promise<StoredEntry | undefined> {
    const [row] = await db.rows<StoredEntry>(
      'select id, company_id as companyId, job_id as jobId, kind, body_hash as bodyHash from circuit_entries where id = :id',
      { id },
    );
    return row;
  },

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
    await db.run(
      `insert into circuit_entries (id, company_id, job_id, circuit_id, phase, kind, body, body_hash, source, supersedes_id, person_id, occurred_at)
       values (:id, :companyId, :jobId, :circuitId, :phase, :kind, :body, :bodyHash, :source, :supersedesId, :personId, :occurredAt)`,
      { ...entry, body: JSON.stringify(entry.body) },
    );
  },
};
