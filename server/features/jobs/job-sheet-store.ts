import { barometerPsia } from '@/core/air/moist-air';
import { circuitSchools } from '@/core/circuit/schools';
import { transitionRules } from '@/core/circuit/transition-rules';
import type { Plate } from '@/core/equipment/plate';
import type { RunMode } from '@/core/finding/run-mode';
import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import type { Override } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import type {
  CircuitStanding,
  JobSheet,
  SheetMeasurement,
  SheetRun,
  SheetSignOff,
  StartUpRecord,
  VacuumRecord,
} from '@/core/job/sheet';
import { entriesOf, splitLog } from '@/core/phases/log/circuit-log';
import { standingOverrides } from '@/core/phases/log/standing-overrides';
import { modeFor } from '@/core/phases/start-up/mode-proofs';
import { STANDARD_PRICES } from '@/core/policy/prices';
import type { Choice } from '@/core/scope/choice';
import { type ScopeSchools, scopeSchools } from '@/core/scope/schools';
import { burnsNew, opensCircuit } from '@/core/scope/survey/parts';
import { DEFAULT_SCHOOLS, type StartUpSchools } from '@/core/startup/system';
import type { Language } from '@/core/words/render';
import type { Db } from '@/server/db/pool';
import { circuitStore } from '@/server/features/circuit/circuit-store';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { fitsStore } from '@/server/features/fits/fits-store';
import { patternStore } from '@/server/features/library/pattern-store';
import { readAcceptances } from '@/server/features/phases/acceptances-store';
import { scopesStore } from '@/server/features/scopes/scopes-store';
import { surveysStore } from '@/server/features/surveys/surveys-store';
import type { JobAt } from './job-at';

type HeadRow = {
  id: string;
  number: number;
  mode: RunMode;
  scheduledFor: string;
  leadId: string;
  lead: string;
  version: number;
  cancelledAt: Date | null;
  cancelledBy: string | null;
  cancelReason: string | null;
  customerId: string;
  customer: string;
  phone: string | null;
  language: Language;
  timeZone: string;
  siteId: string;
  address: string;
  town: string;
  elevationFt: number;
  systemId: string;
  systemName: string;
  systemKind: string;
  circuitId: string;
  circuitName: string;
  circuitVersion: number;
  equipmentId: string;
  plate: Plate | null;
  settings: Partial<StartUpSchools & ScopeSchools>;
};

const HEAD = `select j.id, j.number, j.mode, j.scheduled_for as scheduledFor, j.lead_id as leadId, l.full_name as lead, j.version,
  j.cancelled_at as cancelledAt, x.full_name as cancelledBy, j.cancel_reason as cancelReason,
  c.id as customerId, c.name as customer, c.phone, c.language, coalesce(s.time_zone, co.time_zone) as timeZone, s.id as siteId, s.address, s.town, s.elevation_ft as elevationFt,
  y.id as systemId, y.name as systemName, y.kind as systemKind,
  k.id as circuitId, k.name as circuitName, k.version as circuitVersion, k.equipment_id as equipmentId, k.plate, co.settings
  from jobs j join people l on l.id = j.lead_id left join people x on x.id = j.cancelled_by join job_circuits jc on jc.job_id = j.id and jc.circuit_id = coalesce(:circuitId, j.circuit_id)
  join circuits k on k.id = jc.circuit_id join systems y on y.id = k.system_id join sites s on s.id = y.site_id
  join customers c on c.id = s.customer_id join companies co on co.id = j.company_id
  where j.company_id = :companyId and j.id = :jobId`;

/** Where the typed proof of a furnace alone is kept, beside the records of the phases. */
export const FURNACE_RECORD = 'furnace';
/** The release to take the old equipment out: the system's, whichever circuit of it is looked at. */
export const REMOVAL_RECORD = 'removal';
type FurnaceRecord = FurnaceProof & { by: string; at: string };

type Owned = { companyId: string; jobId: string; systemId: string; circuitId: string };

/** A sheet before it is looked at: what its reader is certified for is the reader's own. */
export type UnseenSheet = Omit<JobSheet, 'certification'>;

const iso = (date: Date): string => date.toISOString();

/** Reads one whole job sheet as a circuit of it sees it, or undefined when the job is not this company's or the circuit not the job's. */
export async function readSheetAnew(
  db: Db,
  companyId: string,
  { jobId, circuitId }: JobAt,
): Promise<UnseenSheet | undefined> {
  const key = { companyId, jobId };
  const [head] = await db.rows<HeadRow>(HEAD, { ...key, circuitId: circuitId ?? null });
  if (!head) return undefined;
  const owned = { ...key, systemId: head.systemId, circuitId: head.circuitId };
  const records = await db.rows<{
    phase: Phase | typeof FURNACE_RECORD | typeof REMOVAL_RECORD;
    record: unknown;
    version: number;
  }>(
    'select phase, record, version from phase_records where company_id = :companyId and job_id = :jobId and owner_id in (:jobId, :systemId, :circuitId)',
    owned,
  );
  const evacuate = records.find((r) => r.phase === 'evacuate');
  const startUp = records.find((r) => r.phase === 'start-up');
  const removal = records.find((r) => r.phase === REMOVAL_RECORD);
  const chosen = records.find((r) => r.phase === 'scope') as { record: Choice; version: number } | undefined;
  const { settings } = head;
  const scope = await scopesStore.read(db, owned, chosen);
  // What the customer signed stays at the policy and prices of that day.
  const signedTerms = scope.signatures.findLast((s) => s.answer === 'yes' && s.terms !== null)?.terms;
  const furnace = records.find((r) => r.phase === FURNACE_RECORD);
  const log = await circuitStore.read(db, owned);
  const { circuitLog, systemLog, jobLog } = splitLog(log);
  const options = entriesOf(systemLog, 'offer-option').map((o) => o.body.choice);
  return {
    job: {
      id: head.id,
      number: head.number,
      mode: modeFor(head.plate, head.mode),
      scheduledFor: head.scheduledFor,
      leadId: head.leadId,
      lead: head.lead,
      version: head.version,
    },
    customer: { id: head.customerId, name: head.customer, phone: head.phone, language: head.language },
    site: {
      id: head.siteId,
      address: head.address,
      town: head.town,
      elevationFt: head.elevationFt,
      barometerPsia: barometerPsia(head.elevationFt),
      timeZone: head.timeZone,
    },
    system: { id: head.systemId, name: head.systemName, kind: head.systemKind },
    equipmentId: head.equipmentId,
    circuit: { id: head.circuitId, name: head.circuitName, version: head.circuitVersion, plate: head.plate },
    cancelled: head.cancelledAt
      ? { by: head.cancelledBy!, at: iso(head.cancelledAt), reason: head.cancelReason ?? '' }
      : null,
    circuits: await readCircuits(db, key),
    vacuum: evacuate ? { ...(evacuate.record as VacuumRecord), version: evacuate.version } : null,
    startUp: (startUp?.record as StartUpRecord | undefined) ?? { confirmations: {} },
    acceptances: await readAcceptances(db, owned),
    measurements: await readMeasurements(db, owned),
    overrides: standingOverrides(await readOverrides(db, owned), log),
    signOffs: await readSignOffs(db, owned),
    runs: await readRuns(db, owned),
    schools: {
      subcoolingToleranceF: settings.subcoolingToleranceF ?? DEFAULT_SCHOOLS.subcoolingToleranceF,
      superheatToleranceF: settings.superheatToleranceF ?? DEFAULT_SCHOOLS.superheatToleranceF,
      splitToleranceF: settings.splitToleranceF ?? DEFAULT_SCHOOLS.splitToleranceF,
    },
    survey: { ...(await surveysStore.read(db, owned)), patterns: await patternStore.list(db, companyId) },
    scope: { ...scope, ...(await scopesStore.optionPieces(db, companyId, options)) },
    furnace: furnace ? { ...(furnace.record as FurnaceRecord), version: furnace.version } : null,
    fits: await fitsStore.read(db, owned),
    removal: (removal?.record as JobSheet['removal']) ?? null,
    scopeSchools: { ...scopeSchools(settings), ...(signedTerms ? { ...STANDARD_PRICES, ...signedTerms.schools } : {}) },
    circuitSchools: circuitSchools(settings),
    transition: transitionRules(settings),
    circuitLog,
    systemLog,
    jobLog,
    cylinders: await cylindersStore.ofJob(db, key),
  };
}

async function readCircuits(db: Db, key: { companyId: string; jobId: string }): Promise<CircuitStanding[]> {
  const rows = await db.rows<
    Omit<CircuitStanding, 'equipped' | 'signed' | 'cooled' | 'furnace'> & { equipped: number; furnaceRead: number }
  >(
    `select k.id, k.name, y.id as systemId, y.name as systemName, k.plate is not null as equipped,
       exists (select 1 from phase_records r where r.job_id = jc.job_id and r.owner_id = y.id and r.phase = '${FURNACE_RECORD}') as furnaceRead
     from job_circuits jc join circuits k on k.id = jc.circuit_id join systems y on y.id = k.system_id
     where jc.company_id = :companyId and jc.job_id = :jobId order by jc.ord`,
    key,
  );
  const signed = await db.rows<{ ownerId: string; phase: Phase }>(
    'select owner_id as ownerId, phase from sign_offs where company_id = :companyId and job_id = :jobId order by signed_at',
    key,
  );
  const known = await surveysStore.kindsOf(db, key);
  return rows.map(({ furnaceRead, ...r }) => ({
    ...r,
    equipped: r.equipped === 1,
    cooled: r.equipped === 1 || opensCircuit(known.get(r.systemId) ?? {}),
    furnace: furnaceRead === 1 ? 'read' : burnsNew(known.get(r.systemId) ?? {}) ? 'owed' : 'none',
    signed: signed.filter((s) => s.ownerId === r.id).map((s) => s.phase),
  }));
}

async function readMeasurements(db: Db, owned: Owned): Promise<SheetMeasurement[]> {
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

async function readOverrides(db: Db, owned: Owned) {
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

async function readSignOffs(db: Db, owned: Owned): Promise<SheetSignOff[]> {
  const rows = await db.rows<{
    id: string;
    ownerId: string;
    phase: Phase;
    by: string;
    certificate: string | null;
    at: Date;
    contentHash: string;
  }>(
    `select s.id, s.owner_id as ownerId, s.phase, p.full_name as \`by\`, p.certificate_number as certificate, s.signed_at as at, s.content_hash as contentHash
     from sign_offs s join people p on p.id = s.person_id where s.company_id = :companyId and s.job_id = :jobId and s.owner_id in (:jobId, :systemId, :circuitId) order by s.signed_at`,
    owned,
  );
  return rows.map((r) => ({ ...r, at: iso(r.at) }));
}

async function readRuns(db: Db, owned: Owned): Promise<SheetRun[]> {
  const rows = await db.rows<Omit<SheetRun, 'startedAt'> & { startedAt: Date }>(
    `select id, circuit_id as circuitId, phase, source, speed, state, started_at as startedAt from runs
     where company_id = :companyId and job_id = :jobId and circuit_id = :circuitId order by started_at`,
    owned,
  );
  return rows.map((r) => ({ ...r, startedAt: iso(r.startedAt) }));
}
