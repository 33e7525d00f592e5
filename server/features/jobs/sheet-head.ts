import type { Plate } from '@/core/equipment/plate';
import type { RunMode } from '@/core/finding/run-mode';
import type { ScopeSchools } from '@/core/scope/schools';
import type { StartUpSchools } from '@/core/startup/system';
import type { Language } from '@/core/words/render';
import type { Db } from '@/server/db/pool';
import type { JobAt } from './job-at';

export type HeadRow = {
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

/** Whose job it is, where, of which system and circuit, by which settings; undefined when it is not this company's. */
export async function readHead(db: Db, companyId: string, { jobId, circuitId }: JobAt): Promise<HeadRow | undefined> {
  return db.one<HeadRow>(HEAD, { companyId, jobId, circuitId: circuitId ?? null });
}
