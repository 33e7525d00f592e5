import { barometerPsia } from '@/core/air/moist-air';
import { circuitSchools } from '@/core/circuit/schools';
import { transitionRules } from '@/core/circuit/transition-rules';
import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import type { JobSheet, StartUpRecord, VacuumRecord } from '@/core/job/sheet';
import { splitLog } from '@/core/phases/log/circuit-log';
import { standingOverrides } from '@/core/phases/log/standing-overrides';
import { modeFor } from '@/core/phases/start-up/mode-proofs';
import { STANDARD_PRICES } from '@/core/policy/prices';
import { scopeSchools } from '@/core/scope/schools';
import { DEFAULT_SCHOOLS } from '@/core/startup/system';
import type { Db } from '@/server/db/pool';
import { observedOf } from '@/server/features/surveys/surveys-store';
import type { JobAt } from './job-at';
import { sharing } from './share-parts';
import { type HeadRow, readHead } from './sheet-head';
import { HEAD_OF, type Parts, type Revised, readParts } from './sheet-parts';
import { FURNACE_RECORD, REMOVAL_RECORD, standingCircuits } from './sheet-rows';

type FurnaceRecord = FurnaceProof & { by: string; at: string };

/** A sheet before it is looked at: what its reader is certified for is the reader's own. */
export type UnseenSheet = Omit<JobSheet, 'certification'>;
/** A sheet with what it was made of. */
export type SheetMade = { sheet: UnseenSheet; head: HeadRow; parts: Parts };

/**
 * Reads one whole job sheet as a circuit of it sees it, or undefined when the job is not this company's or the circuit not
 * the job's. With an earlier reading only the parts that a change since touched are read.
 */
export async function readSheet(
  db: Db,
  companyId: string,
  at: JobAt,
  { before, touched = () => true }: { before?: SheetMade; touched?: (of: readonly Revised[]) => boolean } = {},
): Promise<SheetMade | undefined> {
  const head = before && !touched(HEAD_OF) ? before.head : await readHead(db, companyId, at);
  if (!head) return undefined;
  const owned = { companyId, jobId: at.jobId, systemId: head.systemId, circuitId: head.circuitId };
  // Of another circuit everything is another.
  const same = before?.head.circuitId === head.circuitId && before.head.systemId === head.systemId;
  const parts = await readParts(db, owned, touched, same ? before?.parts : undefined);
  return { sheet: sharing(same ? before?.sheet : undefined, madeOf(head, parts)), head, parts };
}

function madeOf(head: HeadRow, parts: Parts): UnseenSheet {
  const record = (of: string) => parts.records.find((r) => r.phase === of);
  const evacuate = record('evacuate');
  const furnace = record(FURNACE_RECORD);
  const { settings } = head;
  // What the customer signed stays at the policy and prices of that day.
  const signedTerms = parts.scope.signatures.findLast((s) => s.answer === 'yes' && s.terms !== null)?.terms;
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
      ? { by: head.cancelledBy!, at: head.cancelledAt.toISOString(), reason: head.cancelReason ?? '' }
      : null,
    circuits: standingCircuits(parts.circuits, parts.observed),
    vacuum: evacuate ? { ...(evacuate.record as VacuumRecord), version: evacuate.version } : null,
    startUp: (record('start-up')?.record as StartUpRecord | undefined) ?? { confirmations: {} },
    acceptances: parts.acceptances,
    measurements: parts.measurements,
    overrides: standingOverrides(parts.overrides, parts.log),
    signOffs: parts.signOffs,
    runs: parts.runs,
    schools: {
      subcoolingToleranceF: settings.subcoolingToleranceF ?? DEFAULT_SCHOOLS.subcoolingToleranceF,
      superheatToleranceF: settings.superheatToleranceF ?? DEFAULT_SCHOOLS.superheatToleranceF,
      splitToleranceF: settings.splitToleranceF ?? DEFAULT_SCHOOLS.splitToleranceF,
    },
    survey: {
      observations: observedOf(parts.observed, head.systemId),
      ...parts.pictured,
      patterns: parts.patterns,
    },
    scope: { ...parts.scope, ...parts.pieces },
    furnace: furnace ? { ...(furnace.record as FurnaceRecord), version: furnace.version } : null,
    fits: parts.fits,
    removal: (record(REMOVAL_RECORD)?.record as JobSheet['removal']) ?? null,
    scopeSchools: { ...scopeSchools(settings), ...(signedTerms ? { ...STANDARD_PRICES, ...signedTerms.schools } : {}) },
    circuitSchools: circuitSchools(settings),
    transition: transitionRules(settings),
    ...splitLog(parts.log),
    cylinders: parts.cylinders,
  };
}
