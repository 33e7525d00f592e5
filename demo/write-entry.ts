import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { type EntryKind, phaseOfKind } from '@/core/phases/log/entries';
import type { Database } from '@/server/db/pool';
import { circuitStore } from '@/server/features/circuit/circuit-store';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';

/** One entry of the log of a demo job, written as of a moment; answers with its id. */
export async function writeDemoEntry(
  database: Database,
  lead: Person,
  at: JobAt,
  { kind, body, source = 'typed' }: { kind: EntryKind; body: Record<string, unknown>; source?: string },
  occurredAt: Date,
): Promise<string> {
  const id = uuid();
  const sheet = await sheetFor(database, lead, at);
  await circuitStore.add(database, {
    id,
    companyId: lead.companyId,
    jobId: at.jobId,
    circuitId: sheet.circuit.id,
    phase: phaseOfKind(kind)!,
    kind,
    body,
    bodyHash: createHash('sha256').update(JSON.stringify(body)).digest('hex'),
    source,
    supersedesId: null,
    personId: lead.id,
    occurredAt,
  });
  return id;
}
