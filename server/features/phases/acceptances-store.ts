import type { NewAcceptance } from '@/contract/before';
import { type Acceptance, SET_FINDING, WIRE_FINDING } from '@/core/job/acceptance';
import type { Said } from '@/core/words/said';
import { now } from '@/server/clock';
import type { Db } from '@/server/db/pool';

type Key = { companyId: string; jobId: string; circuitId: string };

/** What was let stand of a circuit's start-up, and of its system's setting and wiring from whichever of its circuits. */
export async function readAcceptances(db: Db, key: Key): Promise<Acceptance[]> {
  const rows = await db.rows<Omit<Acceptance, 'at'> & { at: Date; said: Said }>(
    `select a.id, a.finding, a.said, a.reason, a.customer, p.full_name as \`by\`, a.created_at as at
     from acceptances a join people p on p.id = a.person_id
     where a.company_id = :companyId and a.job_id = :jobId and (a.circuit_id = :circuitId
       or ((a.finding like :ofSet or a.finding like :ofWire) and exists (select 1 from circuits c join circuits own on own.system_id = c.system_id
         where c.id = a.circuit_id and own.id = :circuitId))) order by a.seq`,
    { ...key, ofSet: `${SET_FINDING}%`, ofWire: `${WIRE_FINDING}%` },
  );
  return rows.map((r) => ({ ...r, at: r.at.toISOString() }));
}

export async function addAcceptance(
  db: Db,
  key: Key,
  { said, ...a }: NewAcceptance & { said: Said; personId: string },
): Promise<void> {
  await db.run(
    `insert into acceptances (id, company_id, job_id, circuit_id, finding, said, text_signed, language, reason, customer, ink, person_id, created_at)
     values (:id, :companyId, :jobId, :circuitId, :finding, :said, :text, :language, :reason, :customer, :ink, :personId, :now)`,
    { ...key, ...a, said: JSON.stringify(said), now: now() },
  );
}
