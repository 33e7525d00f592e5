import type { TypedMeasurement, WithdrawMovement } from '@/contract/requests';
import { refusesStartWeight } from '@/core/circuit/recovery/ledger-rules';
import { type NamedInstrument, readWith } from '@/core/instrument/register';
import { movementsOf, standing, WITHDRAWN } from '@/core/job/movements';
import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { SCALE_UNCERTAINTY_OZ } from '@/core/phases/charge/charge-sheet';
import { keepsCircuitLog } from '@/core/phases/circuit-kept';
import { latestOf } from '@/core/phases/log/circuit-log';
import { sheetGates } from '@/core/phases/standing';
import { QUANTITIES, type Quantity, type QuantitySpec } from '@/core/startup/quantities';
import { dayAt } from '@/core/words/calendar';
import type { Said } from '@/core/words/said';
import { list, q } from '@/core/words/said';
import type { AsksJob } from '@/server/asks';
import { audit } from '@/server/audit';
import type { Db } from '@/server/db/pool';
import { badInput, mustBeOnce, Problem, refusedWith } from '@/server/errors/problem';
import { moveWithSystem, takeBack } from '@/server/features/cylinders/cylinder-moves';
import { cylindersStore } from '@/server/features/cylinders/cylinders-store';
import { changeOpenJob } from '@/server/features/jobs/jobs-service';
import { answersFor } from '@/server/features/people/certified';
import type { Person } from '@/server/features/people/people-store';
import { registerStore } from '@/server/features/register/register-store';
import { english } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { writesFirst } from '@/server/write-once';
import { measurementsStore } from './measurements-store';

const MOVEMENT: QuantitySpec = {
  label: tell('server.charge-moved'),
  unit: 'oz',
  low: -2000,
  high: 2000,
  uncertainty: SCALE_UNCERTAINTY_OZ,
  location: tell('server.refrigerant-scale'),
  required: false,
};

function specOf(quantity: string): QuantitySpec | undefined {
  return quantity === 'chargeMovementOz' ? MOVEMENT : QUANTITIES[quantity as Quantity];
}

function check(m: TypedMeasurement): QuantitySpec {
  const spec =
    Object.hasOwn(QUANTITIES, m.quantity) || m.quantity === 'chargeMovementOz' ? specOf(m.quantity) : undefined;
  if (!spec) {
    throw badInput(
      'quantity',
      tell('server.is-not-quantity-of-this-job', { quantity: m.quantity }),
      tell('server.chargemovementoz', { quantities: list(Object.keys(QUANTITIES)) }),
    );
  }
  if (!(m.value >= spec.low && m.value <= spec.high)) {
    throw badInput(
      m.quantity,
      tell('server.is-outside-what-can-be-read', { label: spec.label, value: m.value, unit: spec.unit }),
      tell('server.to', {
        low: q(spec.low, 'number', 'as is'),
        high: q(spec.high, 'number', 'as is'),
        unit: spec.unit,
      }),
    );
  }
  return spec;
}

/** Readings of a signed phase are closed; the amendment stands beside it. */
export function mustBeOpen(sheet: JobSheet, phase: string): void {
  const signed = sheet.signOffs.find((s) => s.phase === phase);
  if (signed)
    throw new Problem('already-signed', {
      message: tell('server.is-signed-add-amendment-instead', { phase: PHASE_WORDS[phase as Phase] }),
      signed: { signOffId: signed.id, phase, at: signed.at },
    });
}

/** Refrigerant may only move once the standing vacuum is proven or a lead has overridden it. */
export function mustHoldVacuum(
  sheet: JobSheet,
  gates: { id: string; holds: boolean; override?: unknown; say: Said }[],
): void {
  const gate = gates.find((g) => g.id === 'standing-vacuum');
  if (gate && !gate.holds && !gate.override) {
    throw new Problem('gate-held', {
      field: 'standing-vacuum',
      message: tell('server.no-refrigerant-before-passed-standing-vacuum', { say: gate.say }),
      allowed: tell('server.passed-test-on-record-or-leads'),
      job: sheet.job.id,
    });
  }
}

/** Stores typed readings; sending the same ids again changes nothing. */
export async function recordTyped(asks: AsksJob, measurements: TypedMeasurement[]): Promise<JobSheet> {
  return changeOpenJob(asks, ({ db, sheet, person }) => storeTyped(db, person, sheet, measurements));
}

export async function storeTyped(
  db: Db,
  person: Person,
  sheet: JobSheet,
  measurements: readonly TypedMeasurement[],
): Promise<void> {
  mustBeOnce(measurements.map((m) => m.id));
  const kept = await registerStore.keptBy(db, person.companyId, person.id);
  const fresh: TypedMeasurement[] = [];
  for (const m of measurements) {
    if (!(await writesFirst(db, person, { id: m.id, what: 'reading', jobId: sheet.job.id, body: m }))) continue;
    fresh.push(m);
    const spec = check(m);
    mustBeOpen(sheet, m.phase);
    await replaceEarlier(db, person, sheet, m);
    if (m.quantity === 'chargeMovementOz') await mustFitLedger(db, person, sheet, m);
    const certified = m.quantity === 'chargeMovementOz' ? await answersFor(db, person, m.certifiedId) : undefined;
    if (m.quantity === 'chargeMovementOz') mustHoldVacuum(sheet, sheetGates(sheet, 'charge'));
    await measurementsStore.insert(db, {
      id: m.id,
      companyId: person.companyId,
      jobId: sheet.job.id,
      equipmentId: sheet.equipmentId,
      circuitId: sheet.circuit.id,
      phase: m.phase,
      mode: sheet.job.mode,
      stage: m.stage,
      setId: m.setId,
      quantity: m.quantity,
      value: m.value,
      uncertainty: spec.uncertainty,
      location: english(spec.location),
      barometerPsia: m.quantity.endsWith('Psig') ? sheet.site.barometerPsia : null,
      source: 'typed',
      instrument: 'typed by hand',
      personId: person.id,
      runId: null,
      runSeconds: null,
      detail: withInstrument(
        detailOf(m, certified && certified.id !== person.id ? certified.fullName : undefined),
        readWith(m.quantity, kept, dayAt(m.occurredAt, sheet.site.timeZone)),
      ),
      supersedesId: m.supersedesId ?? null,
      occurredAt: new Date(m.occurredAt),
    });
    if (m.quantity === 'chargeMovementOz')
      await moveWithSystem(db, person.companyId, sheet, {
        cause: m.id,
        oz: m.value,
        personId: person.id,
        certificate: certified?.certificateNumber ?? null,
        source: 'typed',
        occurredAt: new Date(m.occurredAt),
        intoCylinderId: m.cylinderId,
        startOz: m.startOz,
        endOz: m.endOz,
      });
  }
  if (fresh.length)
    await audit(db, person, sheet.job.id, 'readings typed', {
      count: fresh.length,
      quantities: fresh.map((m) => m.quantity),
    });
}

/** What else is kept beside a reading, with the instrument that gave it. */
const withInstrument = (
  detail: Record<string, unknown> | null,
  instrument: NamedInstrument | undefined,
): Record<string, unknown> | null => (instrument ? { ...detail, instrument } : detail);

const detailOf = (m: TypedMeasurement, certifiedBy: string | undefined): Record<string, unknown> | null =>
  m.method !== undefined
    ? { method: m.method }
    : m.startOz !== undefined && m.endOz !== undefined
      ? {
          startOz: m.startOz,
          endOz: m.endOz,
          ...(m.cylinderId ? { cylinderId: m.cylinderId } : {}),
          ...(certifiedBy ? { certifiedBy } : {}),
        }
      : certifiedBy
        ? { certifiedBy }
        : null;

/** A correction replaces a measurement of the same job and quantity that still stands; its ounces come off the ledger. */
async function replaceEarlier(db: Db, person: Person, sheet: JobSheet, m: TypedMeasurement): Promise<void> {
  if (m.supersedesId === undefined) return;
  const earlier = standing(sheet.measurements).find((x) => x.id === m.supersedesId);
  if (!earlier || earlier.quantity !== m.quantity || earlier.phase !== m.phase)
    throw badInput(
      'supersedesId',
      tell('server.that-reading-does-not-stand-on'),
      tell('server.standing-reading-of-this-job-of'),
    );
  if (m.quantity === 'chargeMovementOz')
    await takeBack(db, person, earlier.id, { note: 'corrected', occurredAt: new Date(m.occurredAt) });
}

/** Typed weights are those of the cylinder on the ledger; what is recovered names its cylinder where the circuit is kept. */
async function mustFitLedger(db: Db, person: Person, sheet: JobSheet, m: TypedMeasurement): Promise<void> {
  if ((m.startOz === undefined) !== (m.endOz === undefined))
    throw badInput('endOz', tell('server.weighing-has-two-weights'), tell('server.both-or-none'));
  if (m.startOz !== undefined && Math.abs(m.startOz - m.endOz! - m.value) > WEIGHT_ROUNDING_OZ)
    throw badInput(
      'value',
      tell('server.amount-is-not-difference-of-two'),
      tell('server.startoz', { startOz: q(m.startOz - m.endOz!, 'oz', 2) }),
    );
  const recovered = m.value < 0;
  if (recovered && m.cylinderId === undefined && keepsCircuitLog(sheet) && sheet.circuitLog.length > 0)
    throw badInput('cylinderId', tell('server.say-which-recovery-cylinder-it-went'), tell('server.recovery-cylinder'));
  const id = recovered ? m.cylinderId : latestOf(sheet.circuitLog, 'cylinder-used')?.body.cylinderId;
  const cylinder = id ? await cylindersStore.byId(db, person.companyId, id, true) : undefined;
  if (id && !cylinder)
    throw badInput('cylinderId', tell('server.there-is-no-such-cylinder'), tell('server.cylinder-of-your-company'));
  const refused = cylinder && m.startOz !== undefined ? refusesStartWeight(cylinder, m.startOz, 'startOz') : undefined;
  if (refused) throw refusedWith(refused);
}
/** Weights are typed to a hundredth at best. */
const WEIGHT_ROUNDING_OZ = 0.02;

/** Takes a weighing back: it stays in the record, marked, and its ounces come off the ledger in the same transaction. */
export function withdrawMovement(asks: AsksJob, measurementId: string, body: WithdrawMovement): Promise<JobSheet> {
  return changeOpenJob(asks, async ({ db, sheet, person, jobId, trail }) => {
    if (!(await writesFirst(db, person, { id: body.id, what: 'withdrawal', jobId, body: { ...body, measurementId } })))
      return;
    const weighing = movementsOf(sheet.measurements).find((m) => m.id === measurementId);
    if (!weighing)
      throw new Problem('not-found', {
        message: tell('server.no-such-weighing-stands-on-this'),
        field: 'measurementId',
      });
    mustBeOpen(sheet, weighing.phase);
    await measurementsStore.insert(db, {
      id: body.id,
      companyId: person.companyId,
      jobId,
      equipmentId: sheet.equipmentId,
      circuitId: sheet.circuit.id,
      phase: weighing.phase,
      mode: sheet.job.mode,
      stage: WITHDRAWN,
      setId: body.id,
      quantity: 'chargeMovementOz',
      value: 0,
      uncertainty: MOVEMENT.uncertainty,
      location: english(MOVEMENT.location),
      barometerPsia: null,
      source: 'typed',
      instrument: 'typed by hand',
      personId: person.id,
      runId: null,
      runSeconds: null,
      detail: { reason: body.reason, oz: weighing.value },
      supersedesId: weighing.id,
      occurredAt: new Date(body.occurredAt),
    });
    await takeBack(db, person, weighing.id, {
      note: `withdrawn: ${body.reason}`,
      occurredAt: new Date(body.occurredAt),
    });
    await trail('weighing withdrawn', { id: weighing.id, oz: weighing.value, reason: body.reason });
  });
}
