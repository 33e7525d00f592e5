import type { RunData } from '@/core/phases/start-up/system';
import { rowsOfBlock, type SampleBlock, type StoredEvent } from '@/core/plant/feed/block';
import type { RunEvent } from '@/core/startup/steady-state';
import type { Db } from '@/server/db/pool';

/** A run from its chunks, oldest first, optionally only up to a second. */
export async function readRunData(db: Db, companyId: string, runId: string, upToS?: number): Promise<RunData> {
  const chunks = await db.rows<{ samples: SampleBlock; events: StoredEvent[] }>(
    `select samples, events from run_chunks where company_id = :companyId and run_id = :runId
     and (:upToS is null or from_s <= :upToS) order by seq`,
    { companyId, runId, upToS: upToS ?? null },
  );
  const limit = upToS ?? Number.POSITIVE_INFINITY;
  return {
    samples: chunks.flatMap((c) => rowsOfBlock(c.samples)).filter((s) => s.runSeconds <= limit),
    events: chunks.flatMap((c) => c.events as RunEvent[]).filter((e) => e.runSeconds <= limit),
  };
}

/** How many pieces of a run are stored: they are only ever added. */
export async function piecesOf(db: Db, companyId: string, runId: string): Promise<number> {
  const row = await db.one<{ pieces: number }>(
    'select count(*) as pieces from run_chunks where company_id = :companyId and run_id = :runId',
    { companyId, runId },
  );
  return row!.pieces;
}
