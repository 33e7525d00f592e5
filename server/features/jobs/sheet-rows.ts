import type { Override } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import type { CircuitStanding, SheetMeasurement, SheetRun, SheetSignOff } from '@/core/job/sheet';
import { burnsNew, opensCircuit } from '@/core/scope/survey/parts';
import type { Db } from '@/server/db/pool';
import { kindsOf, type Observed } from '@/server/features/surveys/surveys-store';

/** Where the typed proof of a furnace alone is kept, beside the records of the phases. */
export const FURNACE_RECORD = 'furnace';
/** The release to take the old equipment out: the system's, whichever circuit of it is looked at. */
export const REMOVAL_RECORD = 'removal';

/** A circuit of a job, with its system. */
export type Owned = { companyId: string; jobId: string; systemId: string; circuitId: string };

export type RecordRow = {
  phase: Phase | typeof FURNACE_RECORD | typeof REMOVAL_RECORD;
  record: unknown;
  version: number;
};

const iso = (date: Date): string => date.toISOString();

export function readRecords(db: Db, owned: Owned): Promise<RecordRow[]> {
  return db.rows<RecordRow>(
    'select phase, record, version from phase_records where company_id = :companyId and job_id = :jobId and owner_id in (:jobId, :systemId, :circuitId)',
    owned,
  );
}

/** The circuits of a job in their order, and what of each is signed. */
export async function readCircuits(db: Db, key: Pick<Owned, 'companyId' | 'jobId'>) {
  const [circuits, signed] = await Promise.all([
    db.rows<
      Pick<CircuitStanding, 'id' | 'name' | 'systemId' | 'systemName'> & { equipped: number; furnaceRead: number }
    >(
      `select k.id, k.name, y.id as systemId, y.name as systemName, k.plate is not null as equipped,
       exists (select 1 from phase_records r where r.job_id = jc.job_id and r.owner_id = y.id and r.phase = '${FURNACE_RECORD}') as furnaceRead
       from job_circuits jc join circuits k on k.id = jc.circuit_id join systems y on y.id = k.system_id
       where jc.company_id = :companyId and jc.job_id = :jobId order by jc.ord`,
      key,
    ),
    db.rows<{ ownerId: string; phase: Phase }>(
      'select owner_id as ownerId, phase from sign_offs where company_id = :companyId and job_id = :jobId order by signed_at',
      key,
    ),
  ]);
  return { circuits, signed };
}

/** Where each circuit stands, by what is known of its system. */
export function standingCircuits(
  { circuits, signed }: Awaited<ReturnType<typeof readCircuits>>,
  observed: readonly Observed[],
): CircuitStanding[] {
  const known = kindsOf(observed);
  return circuits.map(({ furnaceRead, ...r }) => ({
    ...r,
    equipped: r.equipped === 1,
    cooled: r.equipped === 1 || opensCircuit(known.get(r.systemId) ?? {}),
    furnace: furnaceRead === 1 ? 'read' : burnsNew(known.get(r.systemId) ?? {}) ? 'owed' : 'none',
    signed: signed.filter((s) => s.ownerId === r.id).map((s) => s.phase),
  }));
}

export async function readMeasurements(db: Db, owned: Owned): Promise<SheetMeasurement[]> {
  const rows = await db.rows<Omit<SheetMeasurement, 'occurredAt'> & { occurredAt: Date }>(
    `select m.id, m.circuit_id as circuitId, m.set_id as setId, m.phase, m.stage, m.quantity, m.mode, m.value, m.uncertainty, m.source, m.instrument, m.location,
     p.full_name as person, m.run_id as runId, m.run_seconds as runSeconds, m.detail, m.supersedes_id as supersedesId,
     m.occurred_at as occurredAt
     from measurements m join people p on p.id = m.person_id
     where m.company_id = :companyId and m.job_id = :jobId and m.circuit_id = :circuitId order by m.received_at, m.occurred_at, m.id`,
    owned,
  );
  return rows.map((r) => ({ ...r, occurredAt: iso(r.occurredAt) }));
}

export async function readOverrides(db: Db, owned: Owned) {
  const rows = await db.rows<
    Omit<Override, 'at'> & { id: string; ownerId: string; phase: Phase; afterEntryId: string | null; at: Date }
  >(
    `select o.id, o.owner_id as ownerId, o.phase, o.gate, o.reason, o.after_entry_id as afterEntryId, p.full_name as \`by\`, o.created_at as at
     from overrides o join people p on p.id = o.person_id
     where o.company_id = :companyId and o.job_id = :jobId and o.owner_id in (:jobId, :systemId, :circuitId) order by o.created_at`,
    owned,
  );
  return rows.map((r) => ({ ...r, at: iso(r.at) }));
}

export async function readSignOffs(db: Db, owned: Owned): Promise<SheetSignOff[]> {
  const rows = await db.rows<{
    id: string;
    ownerId: string;
    phase: Phase;
    by: string;
    certificate: string | null;
    at: Date;
    arrivedAt: Date | null;
    contentHash: string;
  }>(
    `select s.id, s.owner_id as ownerId, s.phase, p.full_name as \`by\`, p.certificate_number as certificate, s.signed_at as at, s.arrived_at as arrivedAt, s.content_hash as contentHash
     from sign_offs s join people p on p.id = s.person_id where s.company_id = :companyId and s.job_id = :jobId and s.owner_id in (:jobId, :systemId, :circuitId) order by s.signed_at`,
    owned,
  );
  return rows.map(({ arrivedAt, ...r }) => ({
    ...r,
    at: iso(r.at),
    ...(arrivedAt ? { arrivedAt: iso(arrivedAt) } : {}),
  }));
}

export async function readRuns(db: Db, owned: Owned): Promise<SheetRun[]> {
  const rows = await db.rows<Omit<SheetRun, 'startedAt'> & { startedAt: Date }>(
    `select id, circuit_id as circuitId, phase, source, speed, state, started_at as startedAt from runs
     where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId order by started_at`,
    owned,
  );
  return rows.map((r) => ({ ...r, startedAt: iso(r.startedAt) }));
}
