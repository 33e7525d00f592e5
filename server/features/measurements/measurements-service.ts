import type { TypedMeasurement } from '@/contract/requests';
import { SCALE_UNCERTAINTY_OZ } from '@/core/job/charge-sheet';
import type { JobSheet } from '@/core/job/sheet';
import { QUANTITIES, type Quantity, type QuantitySpec } from '@/core/startup/quantities';
import { audit } from '@/server/audit';
import type { Database } from '@/server/db/pool';
import { badInput, mustBeOnce, Problem } from '@/server/errors/problem';
import { moveWithSystem } from '@/server/features/cylinders/cylinder-moves';
import { changeJob } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { measurementsStore } from './measurements-store';

const MOVEMENT: QuantitySpec = {
  label: 'Charge moved',
  unit: 'oz',
  low: -2000,
  high: 2000,
  uncertainty: SCALE_UNCERTAINTY_OZ,
  location: 'refrigerant scale',
  required: false,
};

function specOf(quantity: string): QuantitySpec | undefined {
  return quantity === 'chargeMovementOz' ? MOVEMENT : QUANTITIES[quantity as Quantity];
}

function check(m: TypedMeasurement): QuantitySpec {
  const spec =
    Object.hasOwn(QUANTITIES, m.quantity) || m.quantity === 'chargeMovementOz' ? specOf(m.quantity) : undefined;
  if (!spec) {
    throw badInput({
      field: 'quantity',
      message: `${m.quantity} is not a quantity of this job sheet.`,
      allowed: `${Object.keys(QUANTITIES).join(', ')}, chargeMovementOz`,
    });
  }
  if (!(m.value >= spec.low && m.value <= spec.high)) {
    throw badInput({
      field: m.quantity,
      message: `${spec.label}: ${m.value} ${spec.unit} is outside what can be read.`,
      allowed: `${spec.low} to ${spec.high} ${spec.unit}`,
    });
  }
  return spec;
}

/** Readings of a signed phase are closed; the amendment stands beside it. */
export function mustBeOpen(sheet: JobSheet, phase: string): void {
  if (sheet.signOffs.some((s) => s.phase === phase))
    throw new Problem('already-signed', { message: `${phase} is signed; add an amendment instead.` });
}

/** Refrigerant may only move once the standing vacuum is proven or a lead has overridden it. */
export function mustHoldVacuum(
  sheet: JobSheet,
  gates: { id: string; holds: boolean; override?: unknown; say: string }[],
): void {
  const gate = gates.find((g) => g.id === 'standing-vacuum');
  if (gate && !gate.holds && !gate.override) {
    throw new Problem('gate-held', {
      field: 'standing-vacuum',
      message: `No refrigerant before a passed standing-vacuum test. ${gate.say}.`,
      allowed: 'a passed test on record, or a lead’s override with a reason',
      job: sheet.job.id,
    });
  }
}

/** Stores typed readings; sending the same ids again changes nothing. */
export async function recordTyped(
  database: Database,
  person: Person,
  jobId: string,
  measurements: TypedMeasurement[],
  gatesFor: (sheet: JobSheet) => { id: string; holds: boolean; override?: unknown; say: string }[],
): Promise<JobSheet> {
  mustBeOnce(measurements.map((m) => m.id));
  return changeJob(database, person, jobId, async (db, sheet) => {
    const stored = new Map(
      (
        await measurementsStore.find(
          db,
          measurements.map((m) => m.id),
        )
      ).map((r) => [r.id, r]),
    );
    const fresh = measurements.filter((m) => {
      const there = stored.get(m.id);
      if (!there) return true;
      if (there.companyId !== person.companyId || there.jobId !== jobId) throw new Problem('not-found');
      if (there.quantity !== m.quantity || there.value !== m.value)
        throw new Problem('other-body', {
          field: 'id',
          message: 'This id already holds another reading.',
          allowed: 'a new id',
        });
      return false;
    });
    for (const m of fresh) {
      const spec = check(m);
      mustBeOpen(sheet, m.phase);
      if (m.quantity === 'chargeMovementOz') mustHoldVacuum(sheet, gatesFor(sheet));
      await measurementsStore.insert(db, {
        id: m.id,
        companyId: person.companyId,
        jobId,
        equipmentId: sheet.equipmentId,
        circuitId: sheet.circuit.id,
        phase: m.phase,
        mode: sheet.job.mode,
        stage: m.stage,
        setId: m.setId,
        quantity: m.quantity,
        value: m.value,
        uncertainty: spec.uncertainty,
        location: spec.location,
        barometerPsia: m.quantity.endsWith('Psig') ? sheet.site.barometerPsia : null,
        source: 'typed',
        instrument: 'typed by hand',
        personId: person.id,
        runId: null,
        runSeconds: null,
        detail: m.method ? { method: m.method } : null,
        supersedesId: m.supersedesId ?? null,
        occurredAt: new Date(m.occurredAt),
      });
      if (m.quantity === 'chargeMovementOz')
        await moveWithSystem(db, person.companyId, sheet, {
          cause: m.id,
          oz: m.value,
          personId: person.id,
          certificate: person.certificateNumber,
          source: 'typed',
          occurredAt: new Date(m.occurredAt),
        });
    }
    if (fresh.length)
      await audit(db, person, jobId, 'readings typed', {
        count: fresh.length,
        quantities: fresh.map((m) => m.quantity),
      });
  });
}
